package loosehip.app.table;

import jakarta.servlet.http.HttpSession;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tables somebody brought and has not checked yet. They wait in the session and go with it. */
final class WaitingTables {
  private static final String KEPT = "loose-hip.tables";

  /** More would fill the memory of a small machine. */
  private static final int MOST = 3;

  private final Map<String, Waiting> byId = new LinkedHashMap<>();

  /** A table with what was said of it so far. */
  static final class Waiting {
    private final BroughtTable table;
    private Matching matching;
    private String problem = "";

    Waiting(BroughtTable table, Matching matching) {
      this.table = table;
      this.matching = matching;
    }

    BroughtTable table() {
      return table;
    }

    synchronized Matching matching() {
      return matching;
    }

    synchronized void matching(Matching now) {
      matching = now;
    }

    synchronized String problem() {
      return problem;
    }

    synchronized void problem(String words) {
      problem = words;
    }
  }

  /** Those of a session. */
  static WaitingTables of(HttpSession session) {
    synchronized (session) {
      if (session.getAttribute(KEPT) instanceof WaitingTables kept) {
        return kept;
      }
      WaitingTables fresh = new WaitingTables();
      session.setAttribute(KEPT, fresh);
      return fresh;
    }
  }

  synchronized List<Waiting> all() {
    return List.copyOf(byId.values());
  }

  synchronized Optional<Waiting> one(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /** Keeps one more; the oldest goes when there are too many. */
  synchronized void keep(Waiting table) {
    byId.put(table.table().id(), table);
    while (byId.size() > MOST) {
      byId.remove(byId.keySet().iterator().next());
    }
  }

  synchronized void drop(String id) {
    byId.remove(id);
  }
}
