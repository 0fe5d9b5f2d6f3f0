package loosehip.app.look;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Looks;
import loosehip.app.store.Looks.Act;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Notes who did what. Pages of one golfer opened by one person within half an hour are one look;
 * what was refused was not done and is not noted.
 */
@Component
@Lazy(false)
class Watch implements HandlerInterceptor, WebMvcConfigurer {
  private static final Logger LOG = LoggerFactory.getLogger(Watch.class);
  private static final Duration ONE_LOOK = Duration.ofMinutes(30);
  private static final int REMEMBERED = 20_000;
  private static final int DONE_BELOW = 400;

  private final Looks looks;
  private final GolferFiles files;
  private final Cache<String, Boolean> lately;

  Watch(Looks looks, GolferFiles files, Clock clock) {
    this.looks = looks;
    this.files = files;
    this.lately =
        Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterWrite(ONE_LOOK)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @EventListener(ApplicationReadyEvent.class)
  void rotate() {
    looks.rotate();
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception failed) {
    Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (pattern == null
        || failed != null
        || response.getStatus() >= DONE_BELOW
        || who == null
        || !(who.getPrincipal() instanceof SignedIn user)) {
      return;
    }
    WhatWasDone.at(request.getMethod(), pattern.toString())
        .ifPresent(done -> note(request, user.account(), done));
  }

  private void note(HttpServletRequest request, Account by, WhatWasDone.Done done) {
    Optional<String> golfer =
        golfer(request).filter(id -> files.load(by.practiceId(), id).isPresent());
    if (done.act() == Act.OPENED) {
      String key = by.id() + "/" + golfer.orElse("");
      if (golfer.isEmpty() || lately.asMap().putIfAbsent(key, true) != null) {
        return;
      }
    }
    try {
      looks.note(by, golfer, done.act(), done.about());
    } catch (RuntimeException e) {
      LOG.error("A look could not be noted: {}", e.getClass().getSimpleName());
    }
  }

  private static Optional<String> golfer(HttpServletRequest request) {
    boolean ofGolfer = request.getRequestURI().startsWith("/golfers/");
    return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)
                instanceof Map<?, ?> variables
            && ofGolfer
        ? Optional.ofNullable(variables.get("id")).map(String::valueOf)
        : Optional.empty();
  }
}
