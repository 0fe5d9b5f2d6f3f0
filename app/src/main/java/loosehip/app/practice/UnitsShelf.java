package loosehip.app.practice;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.DayOfWeek;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.unit.DayOrder;
import loosehip.app.unit.Distance;
import loosehip.app.unit.Length;
import loosehip.app.unit.Mass;
import loosehip.app.unit.Paper;
import loosehip.app.unit.Units;
import loosehip.core.named.Named;
import org.springframework.stereotype.Component;

/** The units of every practice, at hand. */
@Component
public class UnitsShelf {
  private static final String TOPIC = "unit.";
  private static final int PRACTICES_AT_HAND = 200;

  private final PracticeValues values;
  private final LoadingCache<String, Units> shelf;

  UnitsShelf(PracticeValues values) {
    this.values = values;
    this.shelf = Caffeine.newBuilder().maximumSize(PRACTICES_AT_HAND).build(this::read);
  }

  /** The units of a practice. */
  public Units of(String practiceId) {
    return shelf.get(practiceId);
  }

  private Units read(String practiceId) {
    Map<String, Noted> set = values.ofPractice(practiceId);
    Units usual = Units.METRIC;
    return new Units(
        in(set, "length").flatMap(Named.parser(Length.class)).orElse(usual.length()),
        in(set, "distance").flatMap(Named.parser(Distance.class)).orElse(usual.distance()),
        in(set, "mass").flatMap(Named.parser(Mass.class)).orElse(usual.mass()),
        in(set, "paper").flatMap(Named.parser(Paper.class)).orElse(usual.paper()),
        in(set, "first-day").flatMap(UnitsShelf::day).orElse(usual.firstDay()),
        in(set, "day-order").flatMap(Named.parser(DayOrder.class)).orElse(usual.dayOrder()));
  }

  private static Optional<String> in(Map<String, Noted> set, String what) {
    return Optional.ofNullable(set.get(TOPIC + what)).map(Noted::value);
  }

  /** The days a calendar can start with. */
  static Optional<DayOfWeek> day(String id) {
    return switch (id) {
      case "monday" -> Optional.of(DayOfWeek.MONDAY);
      case "sunday" -> Optional.of(DayOfWeek.SUNDAY);
      case "saturday" -> Optional.of(DayOfWeek.SATURDAY);
      default -> Optional.empty();
    };
  }

  /** Sets one of them; answers whether there is such a choice. */
  public boolean set(Account by, String what, String choice) {
    boolean known =
        switch (what) {
          case "length" -> Named.parse(Length.class, choice).isPresent();
          case "distance" -> Named.parse(Distance.class, choice).isPresent();
          case "mass" -> Named.parse(Mass.class, choice).isPresent();
          case "paper" -> Named.parse(Paper.class, choice).isPresent();
          case "first-day" -> day(choice).isPresent();
          case "day-order" -> Named.parse(DayOrder.class, choice).isPresent();
          default -> false;
        };
    if (known) {
      values.set(by, TOPIC + what, Optional.of(choice));
      shelf.invalidate(by.practiceId());
    }
    return known;
  }
}
