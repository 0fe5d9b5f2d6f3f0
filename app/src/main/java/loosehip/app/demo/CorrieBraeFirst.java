package loosehip.app.demo;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets nobody sign in to the demo before its practice is there. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnBooleanProperty("loose-hip.demo")
class CorrieBraeFirst extends OncePerRequestFilter {
  private final CorrieBrae practice;

  CorrieBraeFirst(CorrieBrae practice) {
    this.practice = practice;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getMethod().equals("POST")) {
      practice.await();
    }
    chain.doFilter(request, response);
  }
}
