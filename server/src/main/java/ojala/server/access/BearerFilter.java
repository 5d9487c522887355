package ojala.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Problems;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Finds out who calls, by the bearer token (RFC 6750). A token that is not valid is refused even where none is needed.
 */
final class BearerFilter extends OncePerRequestFilter {
    private static final String BEARER = "Bearer ";

    private final Tokens tokens;

    BearerFilter(Tokens tokens) {
        this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (header != null) {
            Optional<Caller> caller = header.startsWith(BEARER)
                    ? tokens.caller(header.substring(BEARER.length()).strip())
                    : Optional.empty();
            if (caller.isEmpty()) {
                Problems.write(
                        response,
                        ProblemType.TOKEN_NEEDED,
                        "the token is not valid: it may be mistyped or revoked; an administrator makes a new one");
                return;
            }
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(new UsernamePasswordAuthenticationToken(caller.get(), null, List.of()));
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
