package ojala.server.mirror;

import ojala.git.Mirror;
import ojala.server.ServiceSettings;
import ojala.server.project.Project;
import org.springframework.stereotype.Component;

/** The git mirror of each project, in a folder of its own. Losing one costs a fetch, nothing else. */
@Component
public class Mirrors {
    private final ServiceSettings settings;

    Mirrors(ServiceSettings settings) {
        this.settings = settings;
    }

    public Mirror of(Project project) {
        return new Mirror(
                settings.mirrors().resolve(project.id() + ".git"),
                project.repository(),
                Math.toIntExact(settings.git().timeout().toSeconds()));
    }
}
