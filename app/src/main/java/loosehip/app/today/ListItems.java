package loosehip.app.today;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Glance;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Golfers as they stand in a list of Today: written once for whatever is shown of them. */
@Component
class ListItems {
  private static final int AT_HAND = 800;
  private static final int MINUTES_AT_HAND = 60;

  private final ITemplateEngine templates;
  private final Cache<Shown, String> written =
      Caffeine.newBuilder()
          .maximumSize(AT_HAND)
          .expireAfterAccess(MINUTES_AT_HAND, TimeUnit.MINUTES)
          .build();

  /** Everything an item is made of. */
  private record Shown(Glance glance, LocalDate today, boolean resume, boolean inLine) {}

  ListItems(ITemplateEngine templates, Workups workups) {
    this.templates = templates;
    workups.forgetAlso(written::invalidateAll);
  }

  /**
   * A golfer's item as markup.
   *
   * @param resume whether a tap goes on where it was left, rather than to the talk
   * @param inLine whether they stand in today's line already
   */
  String of(Glance glance, LocalDate today, boolean resume, boolean inLine) {
    return written.get(new Shown(glance, today, resume, inLine), this::write);
  }

  private String write(Shown shown) {
    Map<String, Object> parts =
        Map.of(
            "row", TodayPage.Row.of(shown.glance(), shown.today()),
            "resume", shown.resume(),
            "inLine", shown.inLine());
    return templates.process("today/item", new Context(Locale.ENGLISH, parts));
  }
}
