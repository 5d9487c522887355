package ojala.server.console;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the console. Its pages have paths without a dot: for those the one page is answered, a file that is missing
 * stays missing.
 */
@Configuration(proxyBeanMethods = false)
class ConsoleFiles implements WebMvcConfigurer {
    private static final String FOLDER = "console/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/" + FOLDER + "assets/")
                .setCacheControl(
                        CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/" + FOLDER)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new OnePage());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }

    private static final class OnePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean page = !path.contains(".") || path.contains("/files/");
            boolean reserved = path.startsWith("api/") || path.startsWith("actuator/");
            return file == null && page && !reserved ? new ClassPathResource(FOLDER + "index.html") : file;
        }
    }
}
