package loosehip.app.table;

import java.util.Optional;
import loosehip.core.named.Named;

/** What a column holds: a role, or the results of one test. A column without one is left out. */
sealed interface Meaning {
  /** The key it is chosen and kept by. */
  String key();

  /** Results of one test, a row a golfer's visit. */
  record Results(Target target) implements Meaning {
    @Override
    public String key() {
      return target.key();
    }
  }

  /** One of the columns every row has. */
  record Column(Role role) implements Meaning {
    @Override
    public String key() {
      return role.id();
    }
  }

  /** The meaning of a key; empty for a column left out. */
  static Optional<Meaning> parse(String key) {
    Optional<Meaning> column = Named.parse(Role.class, key).map(Column::new);
    return column.isPresent() ? column : Target.parse(key).map(Results::new);
  }

  /** What a column's head says by itself. */
  static Optional<Meaning> guess(String head) {
    for (Role role : Role.values()) {
      if (role.named(head)) {
        return Optional.of(new Column(role));
      }
    }
    return TargetGuess.of(head, true).map(Results::new);
  }
}
