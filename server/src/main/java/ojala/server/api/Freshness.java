package ojala.server.api;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.ShallowEtagHeaderFilter;

/** Every resource carries an ETag made of all that it shows, so that a reader who has it already is told so. */
@Configuration(proxyBeanMethods = false)
class Freshness {
    @Bean
    FilterRegistrationBean<ShallowEtagHeaderFilter> etags() {
        ShallowEtagHeaderFilter etag = new ShallowEtagHeaderFilter();
        etag.setWriteWeakETag(true); // packed or not, an answer says the same
        FilterRegistrationBean<ShallowEtagHeaderFilter> filter = new FilterRegistrationBean<>(etag);
        filter.addUrlPatterns("/api/v1/projects/*");
        return filter;
    }
}
