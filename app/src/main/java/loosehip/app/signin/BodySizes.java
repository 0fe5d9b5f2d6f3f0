package loosehip.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How large what is sent may be, by its address, decided before any of it is read: who is not
 * signed in sends a form and nothing more. A length must be said. And which names this copy answers
 * to on this machine, so that no other site's name leads here.
 */
@Configuration(proxyBeanMethods = false)
class BodySizes {
  private static final long KB = 1024;
  private static final long MB = 1024 * KB;

  /** What a stranger sends: a sign-in, a set-up, what a phone kept. */
  private static final long STRANGER = 8 * KB;

  private static final long PHONE = 128 * KB;
  private static final long FORM = 256 * KB;

  private static final Set<String> METHODS = Set.of("POST", "PUT", "PATCH", "DELETE");
  private static final Set<String> NAMES =
      Set.of("localhost", "127.0.0.1", "::1", "[::1]", "0:0:0:0:0:0:0:1", "[0:0:0:0:0:0:0:1]");

  /** The addresses that take files. */
  private record Larger(Pattern address, long most) {}

  private static final List<Larger> LARGER =
      List.of(
          new Larger(Pattern.compile("/readings"), 400 * MB),
          new Larger(Pattern.compile("/tables"), 40 * MB),
          new Larger(Pattern.compile("/cases"), 20 * MB),
          new Larger(Pattern.compile("/golfers/[^/]+/stills"), 20 * MB),
          new Larger(Pattern.compile("/golfers/[^/]+/stills/[^/]+/.*"), 2 * MB),
          new Larger(Pattern.compile("/golfers/[^/]+/recordings"), 20 * MB),
          new Larger(Pattern.compile("/library/.*"), 20 * MB));

  /** How many bytes an address takes. */
  static long most(String address, boolean signedIn) {
    if (address.startsWith("/r/") || address.startsWith("/i/")) {
      return PHONE;
    }
    if (!signedIn) {
      return STRANGER;
    }
    return LARGER.stream()
        .filter(l -> l.address().matcher(address).matches())
        .mapToLong(Larger::most)
        .findFirst()
        .orElse(FORM);
  }

  @Bean
  FilterRegistrationBean<OncePerRequestFilter> bodySizeFilter() {
    FilterRegistrationBean<OncePerRequestFilter> filter =
        new FilterRegistrationBean<>(new SizeFilter());
    filter.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
    return filter;
  }

  private static final class SizeFilter extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      if (!request.isSecure() && !NAMES.contains(request.getServerName())) {
        response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        return;
      }
      if (METHODS.contains(request.getMethod())) {
        long length = request.getContentLengthLong();
        boolean unsaid = length < 0 && request.getHeader("Transfer-Encoding") != null;
        if (unsaid) {
          refuse(response, HttpServletResponse.SC_LENGTH_REQUIRED, "Say how long it is.");
          return;
        }
        if (length > most(request.getRequestURI(), signedIn(request))) {
          refuse(
              response,
              HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
              "This is too large to be taken here. Nothing of it was read; go back, and bring less.");
          return;
        }
      }
      chain.doFilter(request, response);
    }

    /** In plain words: the page of errors would read what was sent. */
    private static void refuse(HttpServletResponse response, int status, String words)
        throws IOException {
      response.setStatus(status);
      response.setHeader("Connection", "close");
      response.setContentType("text/plain;charset=UTF-8");
      response.getWriter().write(words);
    }

    private static boolean signedIn(HttpServletRequest request) {
      HttpSession session = request.getSession(false);
      return session != null
          && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
              != null;
    }
  }
}
