package loosehip.app.clash;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.Seen;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Reads what a page says of itself: when it was drawn, and which row it was told about. A script
 * sends both as headers, a form without one as fields.
 */
@Configuration
class SeenFromRequest implements HandlerMethodArgumentResolver, WebMvcConfigurer {
  static final String OVER = "over";
  private static final int LONGEST = 60;

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(this);
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType().equals(Seen.class);
  }

  @Override
  public Seen resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer container,
      NativeWebRequest web,
      @Nullable WebDataBinderFactory binders) {
    HttpServletRequest request = web.getNativeRequest(HttpServletRequest.class);
    return request == null
        ? Seen.ANYTHING
        : new Seen(
            said(request, "X-Drawn", "drawn").flatMap(SeenFromRequest::instant),
            said(request, "X-Over", OVER));
  }

  private static Optional<String> said(HttpServletRequest request, String header, String field) {
    return Optional.ofNullable(request.getHeader(header))
        .or(() -> Optional.ofNullable(request.getParameter(field)))
        .filter(said -> !said.isEmpty() && said.length() <= LONGEST);
  }

  private static Optional<Instant> instant(String text) {
    try {
      return Optional.of(Instant.parse(text));
    } catch (DateTimeParseException noTime) {
      return Optional.empty();
    }
  }
}
