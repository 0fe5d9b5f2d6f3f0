package loosehip.app.table;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.readings.Intake;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.ColumnMeanings;
import loosehip.app.store.DataFolder;
import loosehip.app.store.Position;
import loosehip.app.words.Typed;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * A table of one's own: pasted or brought, its columns matched, what it leaves open asked, then
 * checked line by line as a file of readings is.
 */
@Controller
class TableController {
  private static final int NAME_MOST = 120;

  private final Frames frames;
  private final Intake intake;
  private final DataFolder folder;
  private final ColumnMeanings remembered;
  private final TablePages pages;
  private final Clock clock;

  TableController(
      Frames frames,
      Intake intake,
      DataFolder folder,
      ColumnMeanings remembered,
      TablePages pages,
      Clock clock) {
    this.frames = frames;
    this.intake = intake;
    this.folder = folder;
    this.remembered = remembered;
    this.pages = pages;
    this.clock = clock;
  }

  @Needs(Position.TRAINER)
  @PostMapping("/tables")
  String bring(
      @RequestParam Optional<MultipartFile> file,
      @RequestParam(defaultValue = "") String pasted,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      RedirectAttributes flash)
      throws IOException {
    Optional<MultipartFile> brought = file.filter(f -> !f.isEmpty());
    if (brought.isEmpty() && pasted.isBlank()) {
      flash.addFlashAttribute("tableProblem", "Paste a table or choose a file first.");
      return "redirect:/readings#own-table";
    }
    try {
      BroughtTable table =
          brought.isPresent()
              ? BroughtTable.of(
                  Typed.line(
                      Optional.ofNullable(brought.get().getOriginalFilename()).orElse("table"),
                      NAME_MOST),
                  () -> brought.get().getInputStream())
              : BroughtTable.pasted(pasted);
      LocalDate today = LocalDate.now(clock);
      TableLook look = TableLook.of(table, TableLook.headRows(table, today), today);
      WaitingTables.of(session).keep(new WaitingTables.Waiting(table, first(user, look)));
      return "redirect:/tables/" + table.id();
    } catch (BroughtTable.Unreadable e) {
      flash.addFlashAttribute("tableProblem", e.getMessage());
      return "redirect:/readings#own-table";
    }
  }

  /** What is known of the columns before anybody said anything: by memory, then by their heads. */
  private Matching first(SignedIn user, TableLook look) {
    Map<String, String> known =
        remembered.of(
            user.account().practiceId(),
            look.columns().stream().map(c -> memory(c.head())).filter(h -> !h.isEmpty()).toList());
    Map<Integer, Meaning> meanings = new LinkedHashMap<>();
    Set<String> taken = new LinkedHashSet<>();
    for (int i = 0; i < look.columns().size(); i++) {
      ColumnLook column = look.columns().get(i);
      Optional<Meaning> meaning =
          Optional.ofNullable(known.get(memory(column.head())))
              .flatMap(Meaning::parse)
              .or(() -> Meaning.guess(column.head()));
      if (meaning.isPresent() && column.filled() > 0) {
        boolean role = meaning.get() instanceof Meaning.Column;
        if (!role || taken.add(meaning.get().key())) {
          meanings.put(i, meaning.get());
        }
      }
    }
    if (!taken.contains(Role.DATE.id())) {
      for (int i = 0; i < look.columns().size(); i++) {
        if (look.columns().get(i).days() && !meanings.containsKey(i)) {
          meanings.put(i, new Meaning.Column(Role.DATE));
          break;
        }
      }
    }
    return new Matching(look, meanings, Map.of());
  }

  private static String memory(String head) {
    return head.toLowerCase(Locale.ROOT).strip();
  }

  private static WaitingTables.Waiting waiting(HttpSession session, String id) {
    return WaitingTables.of(session)
        .one(id)
        .orElseThrow(
            () ->
                new NotHere(
                    "This table does not wait here any more: it was let go, or the session ended."
                        + " Nothing of it was kept; bring it again."));
  }

  @Needs(Position.TRAINER)
  @GetMapping("/tables/{table}")
  String table(
      @PathVariable String table,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model) {
    show(user, waiting(session, table), model);
    return "library/table";
  }

  /** What was said so far, as the page sends it with each change. */
  @Needs(Position.TRAINER)
  @PostMapping("/tables/{table}")
  String said(
      @PathVariable String table,
      @RequestParam Map<String, String> said,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      HttpServletResponse response,
      Model model) {
    WaitingTables.Waiting waiting = waiting(session, table);
    int heads = waiting.matching().look().headRows();
    take(user, waiting, said);
    if (heads != waiting.matching().look().headRows()) {
      response.setHeader("HX-Refresh", "true");
    }
    show(user, waiting, model);
    return "library/table-said";
  }

  private void take(SignedIn user, WaitingTables.Waiting waiting, Map<String, String> said) {
    TableLook look = waiting.matching().look();
    int heads =
        Typed.whole(said.getOrDefault("heads", ""))
            .filter(h -> h >= 0 && h <= TableLook.MOST_HEAD_ROWS)
            .orElse(look.headRows());
    if (heads != look.headRows()) {
      waiting.matching(first(user, TableLook.of(waiting.table(), heads, LocalDate.now(clock))));
      return;
    }
    Map<Integer, Meaning> meanings = new LinkedHashMap<>();
    for (int i = 0; i < look.columns().size(); i++) {
      int at = i;
      Meaning.parse(said.getOrDefault("c" + i, "")).ifPresent(m -> meanings.put(at, m));
    }
    Map<String, String> answers = new HashMap<>(waiting.matching().answers());
    said.forEach(
        (key, value) -> {
          if (key.startsWith("q-")) {
            answers.put(key.substring(2), Typed.line(value, NAME_MOST));
          }
        });
    waiting.matching(new Matching(look, meanings, answers));
  }

  /** Checks a table that is matched: from here on it is a file of readings. */
  @Needs(Position.TRAINER)
  @PostMapping("/tables/{table}/check")
  String check(
      @PathVariable String table,
      @RequestParam Map<String, String> said,
      @AuthenticationPrincipal SignedIn user,
      HttpSession session,
      Model model)
      throws IOException {
    WaitingTables.Waiting waiting = waiting(session, table);
    take(user, waiting, said);
    Matching matching = waiting.matching();
    if (!matching.missing().isEmpty()) {
      waiting.problem("Not checked yet: " + matching.missing().get(0));
      show(user, waiting, model);
      waiting.problem("");
      return "library/table";
    }
    Path copy = Files.createTempFile(folder.uploads(), "table", ".csv");
    int tries =
        ReadingsOfTable.write(
            new TableReading(waiting.table(), matching, LocalDate.now(clock)), copy);
    if (tries == 0) {
      Files.deleteIfExists(copy);
      waiting.problem("With these meanings the table holds no result. Nothing was checked.");
      show(user, waiting, model);
      waiting.problem("");
      return "library/table";
    }
    remember(user, matching);
    return "redirect:/readings/" + intake.check(user.account(), waiting.table().name(), copy);
  }

  private void remember(SignedIn user, Matching matching) {
    Map<String, String> meanings = new LinkedHashMap<>();
    matching
        .meanings()
        .forEach(
            (at, meaning) -> {
              String head = memory(matching.look().columns().get(at).head());
              if (!head.isEmpty()) {
                meanings.put(head, meaning.key());
              }
            });
    remembered.keep(user.account().practiceId(), meanings);
  }

  @Needs(Position.TRAINER)
  @PostMapping("/tables/{table}/drop")
  String drop(@PathVariable String table, HttpSession session) {
    WaitingTables.of(session).drop(table);
    return "redirect:/readings#own-table";
  }

  private void show(SignedIn user, WaitingTables.Waiting waiting, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("page", pages.of(user.account().practiceId(), waiting));
  }
}
