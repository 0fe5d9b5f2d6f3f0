package loosehip.app.store;

import static loosehip.app.store.generated.Tables.PRACTICE;

import java.time.Clock;
import java.util.List;
import java.util.Optional;

/** Everybody in a data folder, for whoever holds the folder itself and lost the way in. */
public final class PeopleOfFolder {
  private final Database database;
  private final Accounts accounts;
  private final People people;
  private final Looks looks;

  /** The people of an open data base. */
  public PeopleOfFolder(Database database, Clock clock) {
    this.database = database;
    this.accounts = new Accounts(database, clock);
    this.people = new People(database, accounts, clock);
    this.looks = new Looks(database, clock);
  }

  /** Everybody of every practice. */
  public List<People.Person> all() {
    return database.read().select(PRACTICE.ID).from(PRACTICE).fetch(PRACTICE.ID).stream()
        .flatMap(practice -> people.of(practice).stream())
        .toList();
  }

  /** A new one-time link; that it was made this way stands among who looked. */
  public String link(People.Person whose) {
    Account account = accounts.byId(whose.id()).orElseThrow();
    looks.note(account, Optional.empty(), Looks.Act.CHANGED_PEOPLE, "a link, by command");
    return people.link(whose.id());
  }
}
