package ojala.codehost;

import java.nio.file.Path;
import ojala.wire.Json;
import org.eclipse.jgit.http.server.GitServlet;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.servlet.ServletRegistrationBean;
import org.springframework.context.annotation.Bean;
import tools.jackson.databind.json.JsonMapper;

/**
 * A simulated code host for demonstrations and tests: real repositories over git's smart HTTP, pull requests, required
 * checks. It knows no users and listens on loopback only.
 */
@SpringBootApplication(proxyBeanMethods = false)
public class CodeHostSim {
    public static void main(String[] arguments) {
        SpringApplication.run(CodeHostSim.class, arguments);
    }

    @Bean
    JsonMapper jsonMapper() {
        return Json.mapper();
    }

    @Bean
    Hosting hosting(@Value("${codehost.folder}") Path folder) {
        return new Hosting(folder.toAbsolutePath());
    }

    @Bean
    ServletRegistrationBean<GitServlet> git(Hosting hosting, PushWatch pushes) {
        GitServlet servlet = new GitServlet();
        servlet.setRepositoryResolver((request, name) -> hosting.open(name));
        servlet.setReceivePackFactory(pushes);
        return new ServletRegistrationBean<>(servlet, "/git/*");
    }
}
