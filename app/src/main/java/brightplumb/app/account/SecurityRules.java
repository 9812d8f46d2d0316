package brightplumb.app.account;

import brightplumb.app.door.Answer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderNotFoundException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;

/** What is open, what needs a session, and what a browser may do with our pages. */
@Configuration
class SecurityRules {

    private static final String CONTENT_POLICY = String.join(
            "; ",
            "default-src 'self'",
            "script-src 'self'",
            // Radix places its popovers by style attributes.
            "style-src 'self' 'unsafe-inline'",
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "object-src 'none'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    /** What no page of ours asks a browser for. */
    private static final String NOTHING_BUT_THE_PAGE = "camera=(), microphone=(), geolocation=(), payment=(), usb=()";

    @Bean
    PasswordEncoder encoder() {
        return new BCryptPasswordEncoder();
    }

    /** Signing in goes through {@link SessionController} alone; without this, Boot would make up a user of its own. */
    @Bean
    AuthenticationManager nobodyElse() {
        return authentication -> {
            throw new ProviderNotFoundException("Sign in at /api/session");
        };
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    CookieCsrfTokenRepository csrfTokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax").path("/"));
        return tokens;
    }

    @Bean
    SecurityFilterChain rules(
            HttpSecurity http, SecurityContextRepository contexts, CookieCsrfTokenRepository csrfTokens)
            throws Exception {
        return http.authorizeHttpRequests(a -> a.requestMatchers(HttpMethod.GET, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/session/recover")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/workrooms")
                        .permitAll()
                        .requestMatchers("/actuator/health")
                        .permitAll()
                        .requestMatchers("/api/**", "/actuator/**", "/v3/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(c -> {
                    c.spa();
                    c.csrfTokenRepository(csrfTokens);
                })
                .securityContext(c -> c.securityContextRepository(contexts))
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY))
                        .permissionsPolicyHeader(p -> p.policy(NOTHING_BUT_THE_PAGE))
                        .crossOriginOpenerPolicy(c -> c.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .referrerPolicy(r -> r.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, failure) -> Answer.problem(
                                response, HttpStatus.UNAUTHORIZED, "Sign in first", "This needs a session."))
                        .accessDeniedHandler((request, response, failure) -> Answer.problem(
                                response,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                "The page is out of date; load it again.")))
                .build();
    }
}
