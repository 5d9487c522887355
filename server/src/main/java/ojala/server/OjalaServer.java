package ojala.server;

import java.time.Clock;
import ojala.wire.Json;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import tools.jackson.databind.json.JsonMapper;

/** The service. */
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
@MapperScan(basePackageClasses = OjalaServer.class, annotationClass = Mapper.class)
public class OjalaServer {
    public static void main(String[] arguments) {
        SpringApplication.run(OjalaServer.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    JsonMapper jsonMapper() {
        return Json.mapper();
    }
}
