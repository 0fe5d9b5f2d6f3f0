package loosehip.app.signin;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequestHeader;
import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.Accounts;
import loosehip.app.store.Looks;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.HttpSessionRequestCache;
import org.springframework.web.filter.OncePerRequestFilter;

/** Form sign-in, throttling, and the headers every page carries. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
          + "font-src 'self'; media-src blob:; connect-src 'self'; form-action 'self'; base-uri 'none'; "
          + "frame-ancestors 'none'";

  @Bean
  PasswordEncoder passwordEncoder() {
    String now = "pbkdf2";
    DelegatingPasswordEncoder encoder =
        new DelegatingPasswordEncoder(
            now, Map.of(now, Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8()));
    encoder.setDefaultPasswordEncoderForMatches(new BCryptPasswordEncoder());
    return encoder;
  }

  @Bean
  UserDetailsService userDetailsService(Accounts accounts) {
    return name ->
        accounts
            .bySignInName(SignInThrottle.normal(name))
            .map(SignedIn::new)
            .orElseThrow(() -> new UsernameNotFoundException("no such account"));
  }

  /**
   * The golfer's own page, and that of a phone that measures. Its address is the key; there is no
   * session, and nothing a browser sends by itself opens it, so no other site can make it act.
   */
  @Bean
  @Order(1)
  SecurityFilterChain phoneChain(HttpSecurity http) throws Exception {
    http.securityMatcher("/r/**", "/i/**")
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(RequestCacheConfigurer::disable)
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(
                        policy ->
                            policy.policyDirectives(
                                POLICY + "; worker-src 'self'; manifest-src 'self'"))
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")));
    return http.build();
  }

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      SignInThrottle throttle,
      Accounts accounts,
      SessionStanding standing,
      Looks looks,
      Clock clock)
      throws Exception {
    SavedRequestAwareAuthenticationSuccessHandler onward =
        new SavedRequestAwareAuthenticationSuccessHandler();
    HttpSessionRequestCache asked = new HttpSessionRequestCache();
    asked.setMatchingRequestParameterName(null);
    onward.setRequestCache(asked);
    http.requestCache(cache -> cache.requestCache(asked));
    http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/sign-in",
                        "/set-up/**",
                        "/join/**",
                        "/css/**",
                        "/js/**",
                        "/fonts/**",
                        "/webjars/**",
                        "/figures/**",
                        "/mark.svg",
                        "/trust/**",
                        "/error")
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .formLogin(
            form ->
                form.loginPage("/sign-in")
                    .successHandler(
                        (request, response, authentication) -> {
                          throttle.succeeded(name(request), request.getRemoteAddr());
                          if (authentication.getPrincipal() instanceof SignedIn user) {
                            looks.note(user.account(), Optional.empty(), Looks.Act.SIGNED_IN, "");
                          }
                          request
                              .getSession()
                              .setAttribute(SessionStanding.SIGNED_IN, clock.instant());
                          request.getSession().setAttribute(SaidAgain.AT, clock.instant());
                          onward.onAuthenticationSuccess(request, response, authentication);
                        })
                    .failureHandler(
                        (request, response, exception) -> {
                          accounts
                              .bySignInName(SignInThrottle.normal(name(request)))
                              .ifPresent(
                                  a -> looks.note(a, Optional.empty(), Looks.Act.REFUSED, ""));
                          response.sendRedirect("/sign-in?refused");
                        }))
        .addFilterAfter(new SessionRules(standing), AuthorizationFilter.class)
        .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
        .addFilterBefore(new ThrottleFilter(throttle), UsernamePasswordAuthenticationFilter.class)
        .exceptionHandling(
            handling ->
                handling
                    .authenticationEntryPoint(
                        (request, response, exception) -> {
                          if (partial(request)) {
                            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
                          } else {
                            new LoginUrlAuthenticationEntryPoint("/sign-in")
                                .commence(request, response, exception);
                          }
                        })
                    .accessDeniedHandler(
                        (request, response, exception) -> {
                          boolean signedOut = !signedIn();
                          if (partial(request)) {
                            response.setStatus(signedOut ? 401 : 403);
                          } else {
                            response.sendRedirect("/sign-in?expired");
                          }
                        }))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")));
    return http.build();
  }

  private static boolean partial(HttpServletRequest request) {
    return request.getHeader(HtmxRequestHeader.HX_REQUEST.getValue()) != null;
  }

  private static boolean signedIn() {
    var authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getPrincipal() instanceof SignedIn;
  }

  private static String name(HttpServletRequest request) {
    String name = request.getParameter("username");
    return name == null ? "" : name;
  }

  /** Turns away sign-in tries on a name that must wait. */
  private static final class ThrottleFilter extends OncePerRequestFilter {
    private final SignInThrottle throttle;

    ThrottleFilter(SignInThrottle throttle) {
      this.throttle = throttle;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws IOException, jakarta.servlet.ServletException {
      boolean signingIn =
          request.getMethod().equals("POST") && request.getRequestURI().endsWith("/sign-in");
      Duration wait =
          signingIn ? throttle.ask(name(request), request.getRemoteAddr()) : Duration.ZERO;
      if (wait.isZero()) {
        chain.doFilter(request, response);
      } else {
        response.sendRedirect("/sign-in?wait=" + (wait.toSeconds() + 1));
      }
    }
  }
}
