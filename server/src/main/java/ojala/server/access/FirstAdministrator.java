package ojala.server.access;

import ojala.server.ServiceSettings;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** At the first start, takes over the administrator's token that whoever starts the service hands in. */
@Component
class FirstAdministrator implements ApplicationRunner {
    private final ServiceSettings settings;
    private final Tokens tokens;

    FirstAdministrator(ServiceSettings settings, Tokens tokens) {
        this.settings = settings;
        this.tokens = tokens;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!settings.administratorToken().isBlank()) {
            tokens.adopt(settings.administratorToken());
        }
    }
}
