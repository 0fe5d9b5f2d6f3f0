package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import loosehip.app.RunningApplication;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Accounts;
import loosehip.app.store.Database;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import loosehip.app.store.OwnExercises;
import loosehip.app.store.PlanTemplates;
import loosehip.core.plan.ItemId;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/**
 * A practice's data base as the edition before wrote it (schema 4): the demo golfers, and on top
 * two clearances, a set-up taken into a plan, a plan changed three times, a template and an
 * exercise of the practice's own. Taken over, nothing of it is lost and every page reads it.
 */
@SpringBootTest
@AutoConfigureMockMvc
class EarlierEditionTest {
  private static final String[] KEPT_AS_THEY_WERE = {
    "practice",
    "account",
    "golfer",
    "visit",
    "reading",
    "glance",
    "practice_value",
    "own_exercise",
    "step"
  };

  /** Tables that name drills; the drills of edition 3 have words of our own for ids. */
  private static final String[] NAMING_DRILLS = {"homework", "plan_template"};

  private static final Map<String, String> OWN_WORDS =
      Map.ofEntries(
          Map.entry("knee-window", "knees-part"),
          Map.entry("clock-knees", "knee-marks"),
          Map.entry("gaze-behind", "back-to-target"),
          Map.entry("buckle-gauge", "belt-over-line"),
          Map.entry("chest-lamp", "beam-below-level"),
          Map.entry("grip-points", "shaft-past-ball"),
          Map.entry("weight-pendulum", "weight-swing"),
          Map.entry("wall-pendulum", "travel-the-wall"),
          Map.entry("foot-rocking", "rock-and-stop"),
          Map.entry("close-the-gap", "touch-behind"),
          Map.entry("push-away", "lead-foot-push"),
          Map.entry("back-of-thigh-post", "thigh-back-post"),
          Map.entry("knee-band", "band-tight"));

  private static final Path HOME = RunningApplication.freshHome();

  @Autowired MockMvc mvc;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired Workups workups;
  @Autowired OwnExercises exercises;
  @Autowired PlanTemplates templates;

  @DynamicPropertySource
  static void home(DynamicPropertyRegistry registry) throws IOException {
    unpack(HOME.resolve("before.db"));
    unpack(HOME.resolve("after.db"));
    unpack(HOME.resolve("loose-hip.db"));
    registry.add("loose-hip.home", () -> HOME);
  }

  private static void unpack(Path to) throws IOException {
    try (InputStream packed = EarlierEditionTest.class.getResourceAsStream("/edition-4.db.gz");
        InputStream in = new GZIPInputStream(packed)) {
      Files.copy(in, to);
    }
  }

  /** Each row of a table by its place, as text. */
  private static Map<Long, String> rows(String file, String select) throws SQLException {
    Map<Long, String> rows = new TreeMap<>();
    try (Connection db = DriverManager.getConnection("jdbc:sqlite:" + HOME.resolve(file));
        ResultSet found = db.createStatement().executeQuery(select)) {
      while (found.next()) {
        StringBuilder row = new StringBuilder();
        for (int i = 2; i <= found.getMetaData().getColumnCount(); i++) {
          row.append(found.getString(i)).append('|');
        }
        rows.put(found.getLong(1), row.toString());
      }
    }
    return rows;
  }

  private Workup workup(String name) {
    SignedIn wren = wren();
    return golfers.all(wren.account().practiceId()).stream()
        .filter(g -> g.name().equals(name))
        .findFirst()
        .map(g -> workups.open(wren.account(), g.golferId()))
        .orElseThrow();
  }

  private SignedIn wren() {
    return new SignedIn(accounts.bySignInName("wren").orElseThrow());
  }

  @Test
  void noRowIsLostAndOnlyWhatWasALineOfWordsReadsDifferently() throws SQLException {
    Database.open(HOME.resolve("after.db")).close();
    for (String table : KEPT_AS_THEY_WERE) {
      String all = asBefore(table);
      assertThat(rows("after.db", all)).as(table).isEqualTo(rows("before.db", all));
    }
    for (String table : NAMING_DRILLS) {
      String all = asBefore(table);
      assertThat(rows("after.db", all)).as(table).isEqualTo(renamed(rows("before.db", all)));
    }
    assertThat(rows("after.db", "SELECT rowid, * FROM homework").values())
        .anyMatch(row -> row.contains("|knees-part|"));
    String facts =
        "SELECT rowid, * FROM observation WHERE topic NOT LIKE 'cleared-%'"
            + " AND topic <> 'setup-today'";
    assertThat(rows("after.db", facts)).hasSize(289).isEqualTo(rows("before.db", facts));
    String plans =
        "SELECT rowid, id, golfer_id, number, label, starts_on, retest_on, items, made_at, made_by"
            + " FROM plan_version";
    assertThat(rows("after.db", plans)).hasSize(7).isEqualTo(renamed(rows("before.db", plans)));
  }

  /** The columns a table had then; those that came since say nothing about what was kept. */
  private static String asBefore(String table) throws SQLException {
    String columns =
        String.join(
                ", ",
                rows("before.db", "SELECT cid, name FROM pragma_table_info('" + table + "')")
                    .values())
            .replace("|", "");
    return "SELECT rowid, " + columns + " FROM " + table;
  }

  private static Map<Long, String> renamed(Map<Long, String> rows) {
    Map<Long, String> then = new TreeMap<>();
    rows.forEach(
        (id, row) -> {
          String now = row;
          for (Map.Entry<String, String> name : OWN_WORDS.entrySet()) {
            now = now.replaceAll("\\b" + name.getKey() + "\\b", name.getValue());
          }
          then.put(id, now);
        });
    return then;
  }

  @Test
  void clearancesKeepWhoWhenTheLimitsAndTheDayToLookAgainAndLiftNothing() {
    assertThat(Facts.CLEARED_CAUTION.about(Caution.KNEE).in(workup("Tam Ruthven").file()))
        .contains(
            Clearance.of(
                "Dr Moss, The Shed",
                Optional.of(LocalDate.of(2026, 11, 20)),
                "half lunges: no deep ones, 2 weeks",
                Optional.of(LocalDate.of(2027, 1, 20))));
    assertThat(Facts.CLEARED_CAUTION.about(Caution.HIP_PINCH).in(workup("Callum Rennie").file()))
        .contains(
            Clearance.of("Mrs Gow", Optional.of(LocalDate.of(2026, 11, 2)), "", Optional.empty()));
  }

  @Test
  void aSetUpTakenIntoThePlanIsTheSame() {
    var taken = Facts.SETUP_TODAY.in(workup("Callum Rennie").file()).orElseThrow();
    assertThat(taken.then().trailFlare()).isEqualTo(10);
    assertThat(taken.then().leadFlare()).isEqualTo(25);
    assertThat(taken.before().trailFlare()).isZero();
    assertThat(taken.before().leadFlare()).isEqualTo(10);
    assertThat(taken.ranges().trailIn()).isEqualTo(20.6);
    assertThat(taken.ranges().leadOut()).isEqualTo(56.8);
    assertThat(taken.ranges().leadIn()).isEqualTo(22.3);
  }

  @Test
  void thePlanItsVersionsAndWhatThePracticeMadeStand() throws Exception {
    Workup tam = workup("Tam Ruthven");
    String id = tam.file().id();
    assertThat(tam.file().given()).isPresent();
    String page =
        mvc.perform(get("/golfers/" + id + "/plan").with(user(wren())))
            .andExpect(status().isOk())
            .andExpect(content().string(containsString("Winter sheds")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(page).contains("dose: bridge").contains("standing knee circles taken out");
    assertThat(exercises.of(wren().account().practiceId()))
        .extracting(OwnExercises.Stored::exerciseId)
        .containsExactly("shed-turn");
    assertThat(templates.of(wren().account().practiceId()).get(0).items())
        .contains(ItemId.of("bridge"), ItemId.of("wall-trace"))
        .hasSize(7);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "talk",
        "measure",
        "set-up",
        "swing",
        "links",
        "plan",
        "follow",
        "visits",
        "sheet",
        "reset",
        "handover",
        "case.json",
        "plan.ics"
      })
  void everyPageOfEveryGolferReadsIt(String page) throws Exception {
    SignedIn wren = wren();
    for (Glance golfer : golfers.all(wren.account().practiceId())) {
      int answer =
          mvc.perform(get("/golfers/" + golfer.golferId() + "/" + page).with(user(wren)))
              .andReturn()
              .getResponse()
              .getStatus();
      assertThat(answer).as(golfer.name()).isIn(200, 302);
    }
  }
}
