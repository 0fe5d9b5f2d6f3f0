package loosehip.app.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnsTest {
  private static final String HEADER =
      "golfer;visit_date;test;side;part;try;value_deg;value_s;value_cm;word;method;compensations;"
          + "void";

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "golfer;visit_date,test;try | mixes",
        "golfer visit_date test try | is not a header",
        "golfer;visit_date;test;try;angle | “angle” (column 5)",
        "golfer;visit_date;test;try;try | comes twice",
        "golfer;visit_date;try | “test” is missing",
        "visit_date;test;try | needs “golfer_id” or “golfer”",
      })
  void aWrongHeaderSaysWhatIsWrong(String header, String words) {
    assertThatThrownBy(() -> Columns.of(header))
        .isInstanceOf(Columns.WrongHeader.class)
        .hasMessageContaining(words);
  }

  @Test
  void aMarkQuotesCapitalsAndAnyOrderAreFine() throws Exception {
    Columns columns = Columns.of("\uFEFF\"Try\",\"TEST\",\"visit_date\",\"golfer\"");
    assertThat(columns.separator()).isEqualTo(',');
    assertThat(columns.text(List.of("1", "x", " 2026-01-01 ", ""), "visit_date"))
        .contains("2026-01-01");
    assertThat(columns.text(List.of("1", "x", "", ""), "golfer")).isEmpty();
    assertThat(columns.text(List.of("1", "x", "", ""), "void")).isEmpty();
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "Isla;2026-11-01;seated-rotation;left;internal;1;24,5;;;;inclinometer;;no | 24.5",
        "Isla;2026-11-01;bridge-hold;left;;2;;18;;;;; | 18.0",
        "Isla;2026-11-01;ankle-wall;right;;1;;;9.5;;;; | 9.5",
        "Isla;2026-11-01;hip-flexor-length;right;;1;-3;;;;;; | -3.0",
      })
  void aGoodRow(String row, double value) throws Exception {
    assertThat(read(row).row().value()).contains(value);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "Isla;2026-11-01;seated-rotation;left;internal;1;24 | 7 fields where line 1 has 13",
        ";2026-11-01;seated-rotation;left;internal;1;24;;;;;; | golfer: nobody",
        "Isla;1.11.2026;seated-rotation;left;internal;1;24;;;;;; | visit_date: “1.11.2026”",
        "Isla;2027-11-01;seated-rotation;left;internal;1;24;;;;;; | visit_date: 2027-11-01 lies in",
        "Isla;2026-11-01;sit-ups;left;internal;1;24;;;;;; | test: “sit-ups”",
        "Isla;2026-11-01;seated-rotation;;internal;1;24;;;;;; | side: seated-rotation needs",
        "Isla;2026-11-01;hinge-contact;left;;1;24;;;;;; | side: hinge-contact has no side",
        "Isla;2026-11-01;seated-rotation;lft;internal;1;24;;;;;; | side: “lft”",
        "Isla;2026-11-01;seated-rotation;left;;1;24;;;;;; | part: seated-rotation is recorded",
        "Isla;2026-11-01;seated-rotation;left;open;1;24;;;;;; | part: “open”",
        "Isla;2026-11-01;seated-rotation;left;internal;6;24;;;;;; | try: “6”",
        "Isla;2026-11-01;seated-rotation;left;internal;1;;;;;;; | value_deg: the number is missing",
        "Isla;2026-11-01;seated-rotation;left;internal;1;x;;;;;; | value_deg: “x” is no number",
        "Isla;2026-11-01;seated-rotation;left;internal;1;99;;;;;; | takes 0 to 90",
        "Isla;2026-11-01;seated-rotation;left;internal;1;;24;;;;; | value_s: seated-rotation is",
        "Isla;2026-11-01;squat-depth;;;1;;;;deep;;; | word: “deep” is none of parallel",
        "Isla;2026-11-01;seated-rotation;left;internal;1;24;;;;eye;; | method: “eye”",
        "Isla;2026-11-01;seated-rotation;left;internal;1;24;;;;;lean; | compensations: “lean”",
        "Isla;2026-11-01;seated-rotation;left;internal;1;24;;;;;;maybe | void: “maybe”",
      })
  void aBadRowNamesItsColumn(String row, String words) {
    assertThatThrownBy(() -> read(row))
        .isInstanceOf(RowReader.BadRow.class)
        .hasMessageContaining(words);
  }

  @Test
  void anUnusualNumberIsTakenAndSaid() throws Exception {
    assertThat(read("Isla;2026-11-01;seated-rotation;left;internal;1;75;;;;;;").unusual()).isTrue();
    assertThat(read("Isla;2026-11-01;seated-rotation;left;internal;1;45;;;;;;").unusual())
        .isFalse();
  }

  private static RowReader.Line read(String row) throws Exception {
    return new RowReader(Columns.of(HEADER), LocalDate.of(2026, 11, 25))
        .read(Arrays.asList(row.split(";", -1)));
  }
}
