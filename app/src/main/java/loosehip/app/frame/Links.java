package loosehip.app.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.util.List;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/**
 * Addresses on pages. What ships (styles, scripts, fonts) is given the mark of its content, looked
 * up once; no other address is looked for among the files at all.
 */
@Configuration(proxyBeanMethods = false)
class Links {
  private static final List<String> SHIPPED = List.of("/css/", "/js/", "/fonts/");
  private static final int FILES = 200;

  @Bean
  FilterRegistrationBean<ResourceUrlEncodingFilter> shippedOnce() {
    return new FilterRegistrationBean<>(new ShippedOnce());
  }

  private static final class ShippedOnce extends ResourceUrlEncodingFilter {
    private final Cache<String, String> marked = Caffeine.newBuilder().maximumSize(FILES).build();

    @Override
    public void doFilter(ServletRequest request, ServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      super.doFilter(
          request,
          response,
          (rq, rs) -> chain.doFilter(rq, new Marked((HttpServletResponse) rs, marked)));
    }
  }

  private static final class Marked extends HttpServletResponseWrapper {
    private final Cache<String, String> marked;

    Marked(HttpServletResponse response, Cache<String, String> marked) {
      super(response);
      this.marked = marked;
    }

    /** Sessions go by cookie alone, so other addresses stay as they are. */
    @Override
    public String encodeURL(String url) {
      return SHIPPED.stream().anyMatch(url::startsWith) ? marked.get(url, super::encodeURL) : url;
    }
  }
}
