package org.nimblet.server.platform;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationDetailsSource;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.FrameOptionsConfig;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.security.web.authentication.logout.HttpStatusReturningLogoutSuccessHandler;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what, and the headers that every answer carries. */
@Configuration
class SecurityConfiguration {

  /** Vue sets style attributes on elements; scripts come from files only. */
  private static final String CONTENT_SECURITY_POLICY =
      "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
          + " font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'self';"
          + " form-action 'self'; frame-ancestors 'none'";

  /** Nothing of what a browser can do beside showing pages is used. */
  private static final String PERMISSIONS =
      "camera=(), geolocation=(), microphone=(), payment=(), usb=()";

  /** A whole password counts, however long; bcrypt looks at its first 72 bytes only. */
  private static final String PBKDF2 = "pbkdf2@SpringSecurity_v5_8";

  /** Passwords from before are hashed with bcrypt and stay good. */
  @Bean
  PasswordEncoder passwordEncoder(NimbletSettings settings) {
    Map<String, PasswordEncoder> encoders =
        Map.of(
            PBKDF2,
            Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
            "bcrypt",
            new BCryptPasswordEncoder());
    return new KnownPasswordEncoder(
        new DelegatingPasswordEncoder(PBKDF2, encoders), settings.standIn().password());
  }

  private static void headers(HttpSecurity http) {
    http.headers(
        headers ->
            headers
                .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                .frameOptions(FrameOptionsConfig::deny)
                .contentTypeOptions(Customizer.withDefaults())
                .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS))
                .crossOriginOpenerPolicy(
                    policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN)));
  }

  /** Assets need no session and no token, or each of them would set a cookie. */
  @Bean
  @Order(1)
  SecurityFilterChain assets(HttpSecurity http) throws Exception {
    headers(http);
    return http.securityMatcher("/assets/**", "/favicon.svg")
        .csrf(csrf -> csrf.disable())
        .requestCache(cache -> cache.disable())
        .securityContext(context -> context.disable())
        .sessionManagement(session -> session.disable())
        .headers(headers -> headers.cacheControl(cache -> cache.disable()))
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .build();
  }

  @Bean
  @Order(2)
  SecurityFilterChain application(
      HttpSecurity http,
      SecurityProblems problems,
      SentKeys sentKeys,
      NimbletSettings settings,
      AuthenticationSuccessHandler signedIn,
      AuthenticationDetailsSource<HttpServletRequest, WebAuthenticationDetails> details)
      throws Exception {
    headers(http);
    return http.csrf(csrf -> csrf.spa())
        .addFilterBefore(new SessionLifetime(settings), SecurityContextHolderFilter.class)
        .addFilterAfter(new BodyLimits(problems), HeaderWriterFilter.class)
        .addFilterAfter(new SentOnce(sentKeys, problems), AuthorizationFilter.class)
        .requestCache(cache -> cache.disable())
        .authorizeHttpRequests(
            requests ->
                requests
                    .dispatcherTypeMatchers(DispatcherType.ASYNC)
                    .permitAll()
                    .requestMatchers(
                        "/api/me",
                        "/api/sign-in",
                        "/api/coaches",
                        "/api/invitations/look",
                        "/api/invitations/accept",
                        "/api/passwords/forgotten",
                        "/api/passwords/reset",
                        "/api/addresses",
                        "/api/demo/sign-in")
                    .permitAll()
                    .requestMatchers(
                        "/api/today",
                        "/api/account/invitations/**",
                        "/api/account/second-factor/**",
                        "/api/clients",
                        "/api/clients/*/invitation",
                        "/api/clients/archived",
                        "/api/clients/*/archive",
                        "/api/clients/*/deletion",
                        "/api/clients/*/unsuited-exercises",
                        "/api/clients/*/health/minded/**",
                        "/api/clients/*/health/screenings/*/clearance",
                        "/api/clients/*/set-up/**",
                        "/api/clients/*/programme/**",
                        "/api/clients/*/progress/*/words",
                        "/api/clients/*/attention/**",
                        "/api/clients/*/review",
                        "/api/clients/*/review/**",
                        "/api/clients/*/sessions/*/note",
                        "/api/clients/*/calendars/**",
                        "/api/clients/*/calendars",
                        "/api/clients/*/plan/**",
                        "/api/clients/*/plan",
                        "/api/programmes",
                        "/api/bench/**",
                        "/api/workshop/**",
                        "/api/hand/**",
                        "/api/routines/**",
                        "/api/templates",
                        "/api/themes/**",
                        "/api/library/**")
                    .hasRole("COACH")
                    .requestMatchers(HttpMethod.PUT, "/api/clients/*")
                    .hasRole("COACH")
                    .requestMatchers(HttpMethod.DELETE, "/api/account/leaving")
                    .hasRole("COACH")
                    .requestMatchers("/api/my/**")
                    .hasRole("CLIENT")
                    .requestMatchers("/api/**")
                    .authenticated()
                    .requestMatchers("/actuator/health/**", "/v3/api-docs/**")
                    .permitAll()
                    .requestMatchers("/actuator/**")
                    .denyAll()
                    .anyRequest()
                    .permitAll())
        .formLogin(
            form ->
                form.loginProcessingUrl("/api/sign-in")
                    .usernameParameter("email")
                    .authenticationDetailsSource(details)
                    .successHandler(signedIn)
                    .failureHandler(problems))
        .logout(
            logout ->
                logout
                    .logoutUrl("/api/sign-out")
                    .logoutSuccessHandler(
                        new HttpStatusReturningLogoutSuccessHandler(HttpStatus.NO_CONTENT)))
        .exceptionHandling(
            errors -> errors.authenticationEntryPoint(problems).accessDeniedHandler(problems))
        .build();
  }
}
