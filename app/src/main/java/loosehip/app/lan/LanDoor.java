package loosehip.app.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What answers on the local network: the golfer's page, how to trust it, the sign-in, and what is
 * behind it. The owner's set-up answers on this machine alone, and no other name but this machine's
 * addresses is answered to.
 */
class LanDoor extends OncePerRequestFilter {
  private static final List<String> ON_THIS_MACHINE_ALONE = List.of("/set-up");

  private final Lan lan;

  LanDoor(Lan lan) {
    this.lan = lan;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean fromTheRoom = request.getLocalPort() == lan.port();
    if (fromTheRoom && (!lan.addresses().contains(request.getServerName()) || shut(request))) {
      response.setStatus(HttpServletResponse.SC_NOT_FOUND);
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean shut(HttpServletRequest request) {
    return ON_THIS_MACHINE_ALONE.stream().anyMatch(request.getRequestURI()::startsWith);
  }
}
