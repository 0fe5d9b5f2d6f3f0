package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.core.safety.Caution;
import loosehip.core.safety.NotedCaution;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The day of looking is 25 November 2026. */
class CautionsTest {

  private static List<NotedCaution> of(GolferFile file) {
    return Cautions.of(file, Standards.SHIPPED, GolferText.TODAY);
  }

  private static String ids(GolferFile file) {
    return of(file).stream().map(c -> c.caution().id()).collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "who.birth-year=2008 | under-18",
        "who.birth-year=2007 | ''",
        "who.birth-year=2009 | under-18",
        "who.birth-date=2008-11-25 | ''",
        "who.birth-date=2008-11-26 | under-18",
        "who.birth-year=2009; who.birth-date=2008-11-20 | ''",
        "who.handed=left | ''",
        "try one-leg-stand.left.open 4; try one-leg-stand.right.open 20 | balance",
        "try one-leg-stand.left.open 5 | ''",
        "caution.balance=yes; try one-leg-stand.left.open 4 | balance",
      })
  void ageAndStandFollowByThemselves(String facts, String ids) {
    assertThat(ids(GolferText.of(facts))).isEqualTo(ids);
  }

  @Test
  void anUnsteadyGolferIsSteadyAgainAfterALaterTenSeconds() {
    var before = GolferText.earlier(LocalDate.of(2026, 9, 1), "one-leg-stand.left.open 4");
    assertThat(ids(GolferText.of("who.handed=left", GolferText.TODAY, List.of(before))))
        .isEqualTo("balance");
    assertThat(
            ids(GolferText.of("try one-leg-stand.left.open 9", GolferText.TODAY, List.of(before))))
        .isEqualTo("balance");
    assertThat(
            ids(GolferText.of("try one-leg-stand.left.open 11", GolferText.TODAY, List.of(before))))
        .isEmpty();
  }

  /** Weeks count on by themselves from the day they were noted. */
  @ParameterizedTest
  @CsvSource({
    "pregnancy.week, 12, 2026-11-25, 12, -",
    "pregnancy.week, 12, 2026-11-04, 15, -",
    "pregnancy.week, 12, 2026-10-28, 16, -",
    "pregnancy.weeks-after, 10, 2026-11-11, -, 12",
    "pregnancy.weeks-after, 10, 2026-11-04, gone, -",
  })
  void weeksCountOn(String key, String noted, LocalDate on, String week, String after) {
    GolferFile plain = GolferText.of("caution.pregnancy=yes");
    Instant at = on.atTime(12, 0).toInstant(ZoneOffset.UTC);
    GolferFile file = GolferText.withFact(plain, key, new Noted("row", noted, at, "Wren"));
    Optional<NotedCaution> pregnant = of(file).stream().findFirst();
    if (week.equals("gone")) {
      assertThat(pregnant).isEmpty();
      return;
    }
    assertThat(pregnant.orElseThrow().detail().week().map(String::valueOf).orElse("-"))
        .isEqualTo(week);
    assertThat(pregnant.orElseThrow().detail().weeksAfter().map(String::valueOf).orElse("-"))
        .isEqualTo(after);
  }

  @Test
  void whatIsAskedFurtherBelongsToItsOwnCaution() {
    List<NotedCaution> all =
        of(
            GolferText.of(
                "caution.back=yes; pain-now.back=6; caution.knee=left; knee.replacement=yes;"
                    + " caution.sciatica=yes; sciatica.new=yes; caution.wrist=left;"
                    + " who.birth-year=2012; who.guardian=Ann"));
    Map<Caution, NotedCaution.Detail> details =
        all.stream().collect(Collectors.toMap(NotedCaution::caution, NotedCaution::detail));
    assertThat(details.get(Caution.BACK).painNow()).contains(6);
    assertThat(details.get(Caution.KNEE).replacement()).isTrue();
    assertThat(details.get(Caution.KNEE).painNow()).isEmpty();
    assertThat(details.get(Caution.SCIATICA).fresh()).isTrue();
    assertThat(details.get(Caution.UNDER_18).guarded()).isTrue();
    assertThat(details.get(Caution.WRIST)).isEqualTo(NotedCaution.Detail.NONE);
  }

  @Test
  void aClearanceWhoseDayHasPassedIsInForceNoMore() {
    String clearance =
        "cleared-caution.knee={\"by\":\"Dr Imrie\",\"profession\":\"surgeon\",\"limits\":\"\","
            + "\"lookAgainBy\":\"%s\",\"lifts\":[\"kneel\"],\"blocks\":[],\"degrees\":[]}";
    assertThat(of(GolferText.of("caution.knee=left; " + clearance.formatted("2026-11-24"))).get(0))
        .extracting(NotedCaution::lifted)
        .asInstanceOf(InstanceOfAssertFactories.COLLECTION)
        .isEmpty();
    assertThat(
            of(GolferText.of("caution.knee=left; " + clearance.formatted("2026-11-25")))
                .get(0)
                .lifted())
        .hasSize(1);
  }
}
