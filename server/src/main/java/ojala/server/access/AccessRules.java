package ojala.server.access;

import java.net.InetAddress;
import java.util.function.BiPredicate;
import ojala.server.ServiceSettings;
import ojala.server.problem.ProblemType;
import ojala.server.problem.Problems;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;

/** Who may call what. Everything that is not named here is refused. */
@Configuration(proxyBeanMethods = false)
class AccessRules {
    private static final String PROJECT = "/api/v1/projects/{key}";

    @Bean
    SecurityFilterChain rules(
            HttpSecurity http, Tokens tokens, ServiceSettings settings, @Value("${server.address}") InetAddress address)
            throws Exception {
        boolean openReading = settings.openReading() && address.isLoopbackAddress();
        return http.csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(
                        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:;"
                                + " frame-ancestors 'none'; base-uri 'none'; form-action 'self'")))
                .addFilterBefore(new BearerFilter(tokens), UsernamePasswordAuthenticationFilter.class)
                .authorizeHttpRequests(calls -> calls.requestMatchers(HttpMethod.POST, PROJECT + "/code-host/events")
                        .permitAll() // signed instead
                        .requestMatchers("/api/v1/token")
                        .access(when((caller, key) -> caller != null))
                        .requestMatchers(HttpMethod.GET, "/api/v1/openapi/**", "/actuator/health/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/actuator/**", "/api/v1/projects")
                        .access(when((caller, key) -> openReading || (caller != null && caller.administrator())))
                        .requestMatchers(HttpMethod.GET, PROJECT, PROJECT + "/**")
                        .access(when((caller, key) -> openReading || (caller != null && caller.mayUse(key))))
                        .requestMatchers(HttpMethod.POST, PROJECT + "/deliveries")
                        .access(when((caller, key) -> caller != null && caller.mayUse(key)))
                        .requestMatchers("/api/**", "/actuator/**")
                        .access(when((caller, key) -> caller != null && caller.administrator()))
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll() // the console's own files
                        .anyRequest()
                        .denyAll())
                .exceptionHandling(
                        refused -> refused.authenticationEntryPoint((request, response, none) -> Problems.write(
                                        response,
                                        ProblemType.TOKEN_NEEDED,
                                        "send a token in the header “Authorization: Bearer …”"))
                                .accessDeniedHandler(
                                        (request, response, none) -> Problems.write(
                                                response,
                                                ProblemType.NOT_ALLOWED,
                                                "a delivery token may deliver to its own project and read it; all else needs an administrator's")))
                .build();
    }

    private static AuthorizationManager<RequestAuthorizationContext> when(
            BiPredicate<@Nullable Caller, @Nullable String> allowed) {
        return (authentication, context) -> {
            Object principal =
                    authentication.get() == null ? null : authentication.get().getPrincipal();
            Caller caller = principal instanceof Caller found ? found : null;
            return new AuthorizationDecision(
                    allowed.test(caller, context.getVariables().get("key")));
        };
    }

    /** There are no user names and passwords; this keeps Spring from making one up. */
    @Bean
    UserDetailsService noUsers() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
