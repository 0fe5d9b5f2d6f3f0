package loosehip.app.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import loosehip.app.store.Account;
import loosehip.app.store.PracticeValues;
import loosehip.app.words.Typed;
import loosehip.core.floor.Shaft;
import org.springframework.stereotype.Component;

/** The clubs and sticks a practice has at hand for its floor angles. */
@Component
public class Bags {
  private static final String TOPIC = "bag.";
  private static final int NAME_MOST = 40;
  private static final int MOST = 30;

  private final PracticeValues values;

  Bags(PracticeValues values) {
    this.values = values;
  }

  /** A shaft with the key it is kept under. */
  public record InBag(String key, Shaft shaft) {
    /** Length in inches, one decimal. */
    public String inches() {
      return String.format(Locale.ROOT, "%.1f", shaft.centimetres() / Shaft.INCH);
    }

    /** Length in centimetres, one decimal. */
    public String centimetres() {
      return String.format(Locale.ROOT, "%.1f", shaft.centimetres());
    }
  }

  public List<InBag> of(Account account) {
    List<InBag> bag = new ArrayList<>();
    values
        .ofPractice(account.practiceId())
        .forEach(
            (topic, noted) -> {
              if (topic.startsWith(TOPIC)) {
                String[] words = noted.value().split(" ", 2);
                Typed.number(words[0])
                    .ifPresent(
                        cm ->
                            bag.add(
                                new InBag(
                                    topic.substring(TOPIC.length()), new Shaft(words[1], cm))));
              }
            });
    return bag;
  }

  /** Puts a shaft in; answers what is wrong with it, or nothing when it was put in. */
  Optional<String> add(Account by, String name, String length, boolean inches) {
    String named = Typed.line(name);
    if (named.isEmpty() || named.length() > NAME_MOST) {
      return Optional.of("Give it a name of at most " + NAME_MOST + " letters.");
    }
    Optional<Double> typed = Typed.number(length);
    if (typed.isEmpty()) {
      return Optional.of("The length is a number, such as " + (inches ? "45" : "114") + ".");
    }
    if (of(by).size() >= MOST) {
      return Optional.of("The bag is full at " + MOST + "; take one out first.");
    }
    try {
      Shaft shaft = inches ? Shaft.ofInches(named, typed.get()) : new Shaft(named, typed.get());
      String value = String.format(Locale.ROOT, "%.2f %s", shaft.centimetres(), shaft.name());
      values.set(by, TOPIC + UUID.randomUUID(), Optional.of(value));
      return Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.of(
          String.format(
              Locale.ROOT,
              "A shaft is %.0f to %.0f cm long (%.0f to %.0f inches). Nothing was put in.",
              Shaft.SHORTEST,
              Shaft.LONGEST,
              Shaft.SHORTEST / Shaft.INCH,
              Shaft.LONGEST / Shaft.INCH));
    }
  }

  void remove(Account by, String key) {
    values.set(by, TOPIC + key, Optional.empty());
  }
}
