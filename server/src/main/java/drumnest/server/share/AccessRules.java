package drumnest.server.share;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The first door, before the dispatcher. Requests in a disguised spelling are refused unread; what
 * is left is judged on the path as the dispatcher matches it. Closed to all but this machine's own
 * page and paired devices, except for the files of the page and for pairing; sharing is changed on
 * the first screen only. The page may load nothing from anywhere else.
 */
@Configuration
@EnableWebSecurity
class AccessRules {

  private static final String POLICY =
      "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; img-src 'self' blob: data:; style-src 'self' 'unsafe-inline'; font-src"
          + " 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors"
          + " 'none'";

  /** The files of the page, and the places within it at which it can be opened. */
  private static final String[] PAGE = {
    "/",
    "/index.html",
    "/mark.svg",
    "/assets/*",
    "/albums/*/*",
    "/sums",
    "/sums/*",
    "/shelf",
    "/shelf/*"
  };

  @Bean
  SecurityFilterChain door(HttpSecurity http, Asker.Known known) {
    String firstScreen = Asker.FIRST_SCREEN.name();
    return http.authorizeHttpRequests(
            asked ->
                asked
                    .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                    .permitAll()
                    .requestMatchers(HttpMethod.GET, PAGE)
                    .permitAll()
                    .requestMatchers(HttpMethod.HEAD, PAGE)
                    .permitAll()
                    .requestMatchers(HttpMethod.POST, "/api/pair")
                    .permitAll()
                    .requestMatchers(HttpMethod.GET, "/api/sharing")
                    .hasAuthority(Asker.DEVICE.name())
                    .requestMatchers("/api/sharing/**")
                    .hasAuthority(firstScreen)
                    .anyRequest()
                    .hasAuthority(Asker.DEVICE.name()))
        .addFilterBefore(new Introduction(known), AnonymousAuthenticationFilter.class)
        .addFilterBefore(new OwnPageOnly(), Introduction.class)
        .exceptionHandling(
            refused ->
                refused
                    .authenticationEntryPoint(
                        (request, response, e) -> NotLetIn.NOT_PAIRED.write(response))
                    .accessDeniedHandler(
                        (request, response, e) -> NotLetIn.FIRST_SCREEN_ONLY.write(response)))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                    .crossOriginResourcePolicy(
                        policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                    .frameOptions(HeadersConfigurer.FrameOptionsConfig::deny))
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        // Nothing of elsewhere gets as far as a form: its Origin is refused before, and the
        // device's cookie is SameSite=Strict.
        .csrf(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .build();
  }

  /** Answers quietly what the firewall refuses. */
  @Bean
  RequestRejectedHandler oddRequests() {
    return (request, response, e) -> NotLetIn.ODD.write(response);
  }

  /** Tells the authorisation who asks. */
  private static final class Introduction extends OncePerRequestFilter {

    private final Asker.Known known;

    Introduction(Asker.Known known) {
      this.known = known;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      Asker asker = known.of(request);
      if (asker != Asker.STRANGER) {
        SecurityContextHolder.setContext(new SecurityContextImpl(authentication(asker)));
      }
      chain.doFilter(request, response);
    }

    /** Whoever asks may also do what those before it in the order may. */
    private static Authentication authentication(Asker asker) {
      Authentication token = new AskerToken(asker);
      token.setAuthenticated(true);
      return token;
    }
  }

  private static final class AskerToken extends AbstractAuthenticationToken {

    private static final long serialVersionUID = 1L;

    private final Asker asker;

    AskerToken(Asker asker) {
      super(
          Stream.of(Asker.values())
              .filter(each -> each.compareTo(asker) <= 0)
              .map(each -> new SimpleGrantedAuthority(each.name()))
              .toList());
      this.asker = asker;
    }

    @Override
    public @Nullable Object getCredentials() {
      return null;
    }

    @Override
    public Object getPrincipal() {
      return asker;
    }
  }

  /**
   * Lets in only what asks for this machine by its own name and comes from our own page, so that no
   * page of elsewhere can reach the album through the browser.
   */
  private static final class OwnPageOnly extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]");

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      String host = request.getHeader("Host");
      if (host != null
          && isOwn(name(host), request)
          && isOwnOrigin(request.getHeader("Origin"), host)) {
        chain.doFilter(request, response);
      } else {
        NotLetIn.FOREIGN.write(response);
      }
    }

    private static String name(String host) {
      return host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
    }

    private static boolean isOwn(String name, HttpServletRequest request) {
      return Asker.isShared(request)
          ? name.equals(request.getLocalAddr())
          : OWN_NAMES.contains(name);
    }

    private static boolean isOwnOrigin(@Nullable String origin, String host) {
      if (origin == null) {
        return true;
      }
      try {
        URI uri = URI.create(origin);
        return "http".equals(uri.getScheme()) && host.equalsIgnoreCase(uri.getRawAuthority());
      } catch (IllegalArgumentException e) {
        return false;
      }
    }
  }
}
