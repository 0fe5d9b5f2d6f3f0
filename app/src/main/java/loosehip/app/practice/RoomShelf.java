package loosehip.app.practice;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.store.Account;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.plan.Tool;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What every practice said of itself, at hand. */
@Component
public class RoomShelf {
  private static final String TOOLS = "room.tools";
  private static final String SCHOOLS = "room.schools";
  private static final String CONSENT = "consent.wording";
  private static final int PRACTICES_AT_HAND = 200;

  private final PracticeValues values;
  private final LoadingCache<String, Room> shelf;

  RoomShelf(PracticeValues values) {
    this.values = values;
    this.shelf = Caffeine.newBuilder().maximumSize(PRACTICES_AT_HAND).build(this::read);
  }

  /** What a practice said. */
  public Room of(String practiceId) {
    return shelf.get(practiceId);
  }

  private Room read(String practiceId) {
    Map<String, Noted> set = values.ofPractice(practiceId);
    Set<School> schools = named(set.get(SCHOOLS), School.class);
    return new Room(
        Collections.unmodifiableSet(named(set.get(TOOLS), Tool.class)),
        Collections.unmodifiableSet(schools.isEmpty() ? EnumSet.allOf(School.class) : schools),
        consent(practiceId));
  }

  private static <E extends Enum<E> & Named> Set<E> named(@Nullable Noted noted, Class<E> of) {
    Set<E> all = EnumSet.noneOf(of);
    if (noted != null) {
      Arrays.stream(noted.value().split(" "))
          .map(Named.parser(of))
          .flatMap(Optional::stream)
          .forEach(all::add);
    }
    return all;
  }

  /** Every wording has a number, so that what a golfer consented to can be read again. */
  private ConsentWording consent(String practiceId) {
    List<Noted> history = values.history(practiceId, CONSENT);
    return history.isEmpty() || history.get(0).value().isEmpty()
        ? ConsentWording.SHIPPED
        : ConsentWording.own(history.size(), history.get(0).value());
  }

  /** The wording that went by an id, as far as it is known. */
  public Optional<ConsentWording> wording(String practiceId, String id) {
    if (id.equals(ConsentWording.SHIPPED.id())) {
      return Optional.of(ConsentWording.SHIPPED);
    }
    List<Noted> history = values.history(practiceId, CONSENT);
    for (int i = 0; i < history.size(); i++) {
      ConsentWording each = ConsentWording.own(history.size() - i, history.get(i).value());
      if (each.id().equals(id) && !each.text().isEmpty()) {
        return Optional.of(each);
      }
    }
    return Optional.empty();
  }

  /** Says what golfers usually have at hand. */
  public void tools(Account by, Collection<Tool> tools) {
    set(by, TOOLS, ids(tools));
  }

  /** Says which pivots are worked towards; none means all. */
  public void schools(Account by, Collection<School> schools) {
    set(by, SCHOOLS, ids(schools));
  }

  /** Sets the words of consent; empty goes back to the shipped ones. */
  public void consent(Account by, String text) {
    set(by, CONSENT, text.equals(ConsentWording.SHIPPED.text()) ? "" : text);
  }

  private static String ids(Collection<? extends Named> all) {
    return all.stream().map(Named::id).sorted().collect(Collectors.joining(" "));
  }

  private void set(Account by, String topic, String value) {
    values.set(by, topic, Optional.of(value).filter(v -> !v.isEmpty()));
    shelf.invalidate(by.practiceId());
  }
}
