package ojala.server.access;

import java.util.UUID;
import ojala.server.project.Project;
import ojala.server.project.Projects;
import ojala.wire.TokenDocument;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tokens over HTTP. */
@RestController
class TokenController {
    private final Tokens tokens;
    private final Projects projects;

    TokenController(Tokens tokens, Projects projects) {
        this.tokens = tokens;
        this.projects = projects;
    }

    /** What the caller's own token is for. */
    @GetMapping("/api/v1/token")
    TokenDocument own(@AuthenticationPrincipal Caller caller) {
        return new TokenDocument(caller.token().toString(), caller.kind(), caller.project(), caller.createdAt(), null);
    }

    @PostMapping("/api/v1/projects/{key}/tokens")
    @ResponseStatus(HttpStatus.CREATED)
    TokenDocument create(@PathVariable String key) {
        return tokens.createDelivery(projects.get(key));
    }

    @DeleteMapping("/api/v1/projects/{key}/tokens/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@PathVariable String key, @PathVariable UUID id) {
        Project project = projects.get(key);
        tokens.revoke(project, id);
    }
}
