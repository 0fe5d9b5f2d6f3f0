package loosehip.app.practice;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import loosehip.app.signin.SignedIn;
import loosehip.app.unit.Units;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Answers every request in the units of the practice that asks. */
@Component
@Lazy(false)
class UnitsOfRequest implements AsyncHandlerInterceptor, WebMvcConfigurer {
  private final UnitsShelf shelf;

  UnitsOfRequest(UnitsShelf shelf) {
    this.shelf = shelf;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who != null && who.getPrincipal() instanceof SignedIn user) {
      Units.hold(shelf.of(user.account().practiceId()));
    } else {
      Units.release();
    }
    return true;
  }

  /** Pages know the units as {@code units}. */
  @Override
  public void postHandle(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable ModelAndView page) {
    if (page != null && page.getViewName() != null && !page.getViewName().startsWith("redirect:")) {
      page.addObject("units", Units.now());
    }
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception problem) {
    Units.release();
  }

  /** A stream goes on elsewhere; this thread is free for somebody else. */
  @Override
  public void afterConcurrentHandlingStarted(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Units.release();
  }
}
