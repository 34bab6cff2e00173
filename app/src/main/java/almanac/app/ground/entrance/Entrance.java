package almanac.app.ground.entrance;

import almanac.app.ground.network.Devices;
import almanac.app.ground.web.AtTheMachine;
import almanac.app.ground.web.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;

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

  /** That no other site's page writes is seen to for every request, by the web's Guard. */
  @Bean
  SecurityFilterChain chain(HttpSecurity http, Devices devices) throws Exception {
    return http.csrf(AbstractHttpConfigurer::disable)
        .headers(AbstractHttpConfigurer::disable)
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
