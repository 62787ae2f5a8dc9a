package belonax.web.shared.security;

import belonax.room.RoomProperties;
import belonax.web.shared.api.ProblemDocuments;
import belonax.web.shared.pairing.AccessPolicy;
import belonax.web.shared.pairing.Lan;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;

/** Who may ask what, and what a browser may do with the answer. */
@Configuration
public class SecurityRules {
    /** Nothing runs, loads or is sent anywhere but here; no inline script or style. */
    public static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self';"
            + " base-uri 'none'; frame-ancestors 'none'";

    /** More at once than two cores work on only makes each slower; the database has eight connections. */
    private static final int AT_ONCE = 12;

    private static final long WAIT_MILLIS = 400;

    /** Calls that compute and store nothing, so they need no token. */
    private static final String[] COMPUTING = {
        "/api/v1/match",
        "/api/v1/match/check",
        "/api/v1/labels/needle",
        "/api/v1/labels/thread",
        "/api/v1/needles/identify",
        "/api/v1/measure/weight",
        "/api/v1/measure/stretch",
        "/api/v1/measure/clearance",
        "/api/v1/tension/next",
        "/api/v1/plan",
        "/api/v1/faults/rank"
    };

    @Bean
    SecurityFilterChain rules(
            HttpSecurity http, AccessPolicy policy, ObjectMapper mapper, ObjectProvider<RoomProperties> room)
            throws Exception {
        return http.authorizeHttpRequests(registry -> registry.anyRequest()
                        .access((anybody, asked) -> new AuthorizationDecision(policy.letsIn(asked.getRequest()))))
                .exceptionHandling(configurer -> configurer
                        .accessDeniedHandler(new OfferAgain())
                        .defaultAuthenticationEntryPointFor(
                                (request, response, unpaired) -> tellAsProblem(response, mapper), SecurityRules::isApi)
                        .defaultAuthenticationEntryPointFor(
                                (request, response, unpaired) -> leadToPairing(response), AnyRequestMatcher.INSTANCE))
                .csrf(csrfConfigurer -> csrfConfigurer
                        .csrfTokenRepository(new BrowserTokens(key(room.getIfAvailable())))
                        .ignoringRequestMatchers(COMPUTING))
                .sessionManagement(configurer -> configurer.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .headers(configurer -> configurer
                        .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** Nobody logs in, so there are no users; without this bean a password would be made up and logged. */
    @Bean
    UserDetailsService noUsers() {
        return new InMemoryUserDetailsManager();
    }

    @Bean
    FilterRegistrationBean<KnownHostsOnly> knownHostsOnly(Lan lan) {
        FilterRegistrationBean<KnownHostsOnly> bean = new FilterRegistrationBean<>(new KnownHostsOnly(lan.address()));
        bean.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return bean;
    }

    @Bean
    FilterRegistrationBean<SameOriginFilter> ourOwnPagesOnly() {
        FilterRegistrationBean<SameOriginFilter> bean = new FilterRegistrationBean<>(new SameOriginFilter());
        bean.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
        return bean;
    }

    @Bean
    FilterRegistrationBean<ConcurrencyLimitFilter> notMoreThanItCarries() {
        FilterRegistrationBean<ConcurrencyLimitFilter> bean =
                new FilterRegistrationBean<>(new ConcurrencyLimitFilter(AT_ONCE, WAIT_MILLIS));
        bean.setOrder(Ordered.HIGHEST_PRECEDENCE + 2);
        return bean;
    }

    @Bean
    FilterRegistrationBean<NotTooLarge> notTooLarge() {
        FilterRegistrationBean<NotTooLarge> bean = new FilterRegistrationBean<>(new NotTooLarge());
        bean.setOrder(Ordered.HIGHEST_PRECEDENCE + 3);
        return bean;
    }

    /** A slice of the application that keeps no room has no folder for a key either. */
    private static byte[] key(@Nullable RoomProperties room) {
        return room == null ? FolderKey.fresh() : new FolderKey(room.home()).bytes();
    }

    private static boolean isApi(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/");
    }

    private static void tellAsProblem(HttpServletResponse response, ObjectMapper mapper) throws IOException {
        ProblemDetail problem = ProblemDocuments.of(
                HttpStatus.UNAUTHORIZED,
                "Open /pair on this device and name the code that Belonax printed.",
                List.of());
        problem.setTitle("Not paired");
        response.setStatus(HttpStatus.UNAUTHORIZED.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        mapper.writeValue(response.getOutputStream(), problem);
    }

    private static void leadToPairing(HttpServletResponse response) {
        response.setStatus(HttpStatus.SEE_OTHER.value());
        response.setHeader(HttpHeaders.LOCATION, "/pair");
    }
}
