package almanac.app.ground.entrance;

import almanac.app.ground.network.Devices;
import almanac.app.ground.web.AtTheMachine;
import almanac.app.ground.web.PagePolicy;
import almanac.app.ground.web.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.FrameOptionsConfig;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.header.HeaderWriter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/**
 * Who may do what. On the machine itself nothing is asked; that way in is open to nobody else. Over
 * the network everybody sees the pages, which hold nothing, and only a device that was let in gets
 * what the collection holds.
 */
@Configuration
@EnableWebSecurity
class Entrance {
  static final String PATH = "/api/entrance";
  static final String CERTIFICATE = PATH + "/certificate";

  /** What is kept for the round is kept by the page itself, and by nobody on the way. */
  private static final HeaderWriter KEPT_BY_NOBODY =
      new DelegatingRequestMatcherHeaderWriter(
          PathPatternRequestMatcher.pathPattern("/api/**"),
          new StaticHeadersWriter(
              HttpHeaders.CACHE_CONTROL, CacheControl.noStore().getHeaderValue()));

  /** That no other site's page writes is seen to for every request, by the web's Guard. */
  @Bean
  SecurityFilterChain chain(HttpSecurity http, Devices devices, PagePolicy policy)
      throws Exception {
    return http.csrf(AbstractHttpConfigurer::disable)
        .headers(
            headers ->
                headers
                    .defaultsDisabled()
                    .contentTypeOptions(Customizer.withDefaults())
                    .frameOptions(FrameOptionsConfig::deny)
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                    .contentSecurityPolicy(page -> page.policyDirectives(policy.header()))
                    .addHeaderWriter(KEPT_BY_NOBODY))
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(new KnownDevice(devices), AnonymousAuthenticationFilter.class)
        .authorizeHttpRequests(
            ask ->
                ask.requestMatchers(AtTheMachine::is)
                    .permitAll()
                    .requestMatchers(PATH, CERTIFICATE)
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            failing ->
                failing.authenticationEntryPoint(
                    (request, response, unknown) ->
                        Refusal.write(
                            response,
                            HttpStatus.UNAUTHORIZED.value(),
                            "This device was not let in yet, or not any more.")))
        .build();
  }
}
