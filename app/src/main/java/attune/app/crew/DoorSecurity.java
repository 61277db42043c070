package attune.app.crew;

import attune.app.crew.Operations.Operation;
import attune.app.web.Refusal;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Holds every request to the API against the table of rights. What a foreign page could send is
 * refused before by Host and Origin, which is why there is no token to carry along.
 */
@Configuration
class DoorSecurity {
  private static final Phrases PHRASES = Phrases.of(DoorSecurity.class);

  private static final Set<Right> OWNERS = EnumSet.of(Right.DATA, Right.CREW);

  private final Operations operations;
  private final Present present;
  private final LogService log;

  DoorSecurity(Operations operations, Present present, LogService log) {
    this.operations = operations;
    this.present = present;
    this.log = log;
  }

  @Bean
  SecurityFilterChain door(HttpSecurity http, SecurityContextRepository contexts) {
    return http.csrf(AbstractHttpConfigurer::disable)
        .headers(AbstractHttpConfigurer::disable) // said of every answer already
        .formLogin(AbstractHttpConfigurer::disable)
        .httpBasic(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.NEVER))
        .securityContext(c -> c.securityContextRepository(contexts))
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(Operations.API + "/**")
                    .access((who, of) -> new AuthorizationDecision(may(of.getRequest())))
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint((request, response, x) -> refuse(request, response))
                    .accessDeniedHandler((request, response, x) -> refuse(request, response)))
        .build();
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** Argon2id, as OWASP's cheat sheet on keeping passwords asks. */
  @Configuration
  static class Secrets {
    @Bean
    PasswordEncoder encoder() {
      return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    @Bean
    CookieSerializer cookie() {
      DefaultCookieSerializer cookie = new DefaultCookieSerializer();
      cookie.setCookieName("attune-session");
      cookie.setSameSite("Strict");
      return cookie; // HttpOnly always, Secure wherever TLS is spoken
    }
  }

  private boolean may(HttpServletRequest request) {
    Optional<Right> right = operations.of(request).map(Operation::right);
    if (right.filter(r -> r == Right.OPEN).isPresent()) {
      return true;
    }
    return present
        .who(request)
        .filter(who -> right.map(who::may).orElse(who.role() == Role.OWNER))
        .isPresent();
  }

  private void refuse(HttpServletRequest request, HttpServletResponse response) throws IOException {
    Optional<Who> who = present.who(request);
    Optional<Right> right = operations.of(request).map(Operation::right);
    boolean looks = request.getMethod().equals("GET"); // pages ask for more than they may show
    if (who.isPresent() && (!looks || right.filter(OWNERS::contains).isPresent())) {
      log.note(
          who.get().inLog(),
          LogKind.REFUSED,
          PHRASES.say(
              "refused-as",
              who.get().role().word(),
              right.map(Right::words).orElse(PHRASES.say("what-is-nobodys"))));
    }
    HttpStatus status = who.isPresent() ? HttpStatus.FORBIDDEN : HttpStatus.UNAUTHORIZED;
    Refusal.write(
        response, status, who.map(w -> refused(w, right)).orElse(PHRASES.say("sign-in-first")));
  }

  private static String refused(Who who, Optional<Right> right) {
    return PHRASES.say(
        "this-is-not-for-to",
        who.role().one(),
        right.map(Right::words).orElse(PHRASES.say("do-this")),
        right
            .map(r -> r.roles().stream().map(Role::word).collect(Lists.joining()))
            .orElse(Role.OWNER.word()));
  }
}
