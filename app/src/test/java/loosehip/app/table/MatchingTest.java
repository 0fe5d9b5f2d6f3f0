package loosehip.app.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.Charset;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables of one's own: their heads, what they leave open, and the tries they give. */
class MatchingTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

  private static BroughtTable table(String text) throws Exception {
    return BroughtTable.pasted(text.replace('|', '\t'));
  }

  /** A table matched by the heads of its columns alone. */
  private static Matching matching(BroughtTable table, Map<String, String> answers) {
    TableLook look = TableLook.of(table, TableLook.headRows(table, TODAY), TODAY);
    Map<Integer, Meaning> meanings = new HashMap<>();
    for (int i = 0; i < look.columns().size(); i++) {
      int at = i;
      Meaning.guess(look.columns().get(i).head()).ifPresent(m -> meanings.put(at, m));
    }
    return new Matching(look, meanings, answers);
  }

  private static List<String> tries(BroughtTable table, Matching matching) {
    List<String> tries = new ArrayList<>();
    new TableReading(table, matching, TODAY)
        .each(
            l ->
                tries.add(
                    String.join(
                        " ",
                        l.golfer(),
                        l.day(),
                        l.said(),
                        "#" + l.ordinal(),
                        l.result(),
                        l.method())));
    return tries;
  }

  private static List<String> open(Matching matching) {
    return matching.questions().stream()
        .filter(Matching.Question::open)
        .map(Matching.Question::key)
        .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "L seated IR             | seated-rotation left internal",
        "Right prone ER          | prone-rotation right external",
        "Sitting hip int rot (L) | seated-rotation left internal",
        "Knee to wall R [cm]     | ankle-wall right",
        "Balance L eyes closed   | one-leg-stand left closed",
        "Seated trunk L          | trunk-turn left",
        "Plank                   | front-hold",
        "seated-rotation.left.internal | seated-rotation left internal",
      })
  void aHeadThatIsPlainFillsTheChoiceIn(String head, String key) {
    assertThat(Meaning.guess(head).map(Meaning::key)).contains(key);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"seated IR", "lead seated IR", "L seated", "IR", "Remarks", "L R seated IR", ""})
  void aHeadThatLeavesTestSideOrPartOpenIsLeftToTheTrainer(String head) {
    assertThat(Meaning.guess(head)).isEmpty();
  }

  @Test
  void twoRowsOfHeadsAndMergedCells() throws Exception {
    BroughtTable table =
        table(
            """
            Name|Visit|Seated||Prone|
            ||L IR|R IR|L IR|R IR
            Isla Brodie|2024-04-03|24/26/25|31||30
            |2024-10-05|27|33|30|31
            Ewan Kerr|2024-04-03|41|38||
            """);
    Matching asked = matching(table, Map.of());
    assertThat(asked.look().columns().stream().map(ColumnLook::head))
        .containsExactly("Name", "Visit", "Seated L IR", "Seated R IR", "Prone L IR", "Prone R IR");
    assertThat(open(asked)).containsExactly("blanks", "read-with");

    Matching above = matching(table, Map.of("blanks", "above", "read-with", "goniometer"));
    assertThat(above.missing()).isEmpty();
    assertThat(tries(table, above))
        .startsWith(
            "Isla Brodie 2024-04-03 Seated hip turn, left, inward #1 24 goniometer",
            "Isla Brodie 2024-04-03 Seated hip turn, left, inward #2 26 goniometer",
            "Isla Brodie 2024-04-03 Seated hip turn, left, inward #3 25 goniometer",
            "Isla Brodie 2024-04-03 Seated hip turn, right, inward #1 31 goniometer",
            "Isla Brodie 2024-04-03 Face-down hip turn, right, inward #1 30 goniometer",
            "Isla Brodie 2024-10-05 Seated hip turn, left, inward #1 27 goniometer")
        .hasSize(11);

    Matching left = matching(table, Map.of("blanks", "leave", "read-with", "usual"));
    assertThat(tries(table, left)).hasSize(7).noneMatch(t -> t.contains("2024-10-05"));
  }

  @Test
  void aDayThatCouldBeTwoIsAskedAndNeverGuessed() throws Exception {
    BroughtTable unclear = table("Name|Day|Plank\nIsla|03/04/2024|40\nEwan|05/06/2024|50\n");
    assertThat(open(matching(unclear, Map.of()))).containsExactly("order");
    assertThat(matching(unclear, Map.of()).questions().get(0).choices())
        .extracting(Matching.Choice::words)
        .containsExactly("3 Apr 2024: day, month, year", "4 Mar 2024: month, day, year");
    assertThat(tries(unclear, matching(unclear, Map.of("order", "month-first"))))
        .containsExactly(
            "Isla 2024-03-04 Straight-body hold #1 40 ",
            "Ewan 2024-05-06 Straight-body hold #1 50 ");

    BroughtTable plain = table("Name|Day|Plank\nIsla|03/04/2024|40\nEwan|25/06/2024|50\n");
    assertThat(open(matching(plain, Map.of()))).isEmpty();
    assertThat(tries(plain, matching(plain, Map.of()))).first().asString().contains("2024-04-03");
  }

  @Test
  void daysAsNumbersAndNoDayAtAll() throws Exception {
    BroughtTable counted = table("Name|Day|Plank\nIsla|44000|40\nEwan|43900|50\n");
    assertThat(open(matching(counted, Map.of()))).containsExactly("counted");
    assertThat(tries(counted, matching(counted, Map.of("counted", "counted-1900"))))
        .first()
        .asString()
        .contains("2020-06-18");

    BroughtTable none = table("Name|Plank\nIsla|40\n");
    assertThat(open(matching(none, Map.of()))).containsExactly("day");
    assertThat(tries(none, matching(none, Map.of("day", "2025-02-01"))))
        .containsExactly("Isla 2025-02-01 Straight-body hold #1 40 ");
  }

  @Test
  void aLengthSaysItsUnitOrIsAsked() throws Exception {
    BroughtTable bare = table("Name|Day|Knee to wall L\nIsla|2024-04-03|4\n");
    assertThat(open(matching(bare, Map.of()))).containsExactly("length");
    assertThat(tries(bare, matching(bare, Map.of("length", "inch"))))
        .containsExactly("Isla 2024-04-03 Knee to wall, left #1 10.16 ");

    BroughtTable head = table("Name|Day|Knee to wall L cm\nIsla|2024-04-03|4\n");
    assertThat(open(matching(head, Map.of()))).isEmpty();
    assertThat(tries(head, matching(head, Map.of()))).first().asString().contains("#1 4 ");

    BroughtTable cell = table("Name|Day|Knee to wall L\nIsla|2024-04-03|4 1/2\"\n");
    assertThat(open(matching(cell, Map.of()))).isEmpty();
    assertThat(tries(cell, matching(cell, Map.of()))).first().asString().contains("11.43");
  }

  @Test
  void aCommaBeforeThreeDigitsIsAsked() throws Exception {
    BroughtTable table = table("Name|Day|Plank\nIsla|2024-04-03|40,250\nEwan|2024-04-03|12,5\n");
    assertThat(open(matching(table, Map.of()))).containsExactly("comma");
    assertThat(tries(table, matching(table, Map.of("comma", "decimals"))))
        .containsExactly(
            "Isla 2024-04-03 Straight-body hold #1 40.25 ",
            "Ewan 2024-04-03 Straight-body hold #1 12.5 ");
    assertThat(tries(table, matching(table, Map.of("comma", "thousands"))))
        .first()
        .asString()
        .contains("40250");
  }

  @Test
  void aTestARowWithWordsOfOnesOwn() throws Exception {
    BroughtTable table =
        table(
            """
            Name|Day|Test|Leg|Direction|Result
            Isla|2024-04-03|Seated|L|IR|24
            Isla|2024-04-03|Seated|L|IR|26
            Isla|2024-04-03|Wobble|R||12
            Isla|2024-04-03|Handicap|||14
            """);
    Matching asked = matching(table, Map.of("read-with", "usual"));
    assertThat(open(asked)).contains("word-1", "word-2");
    Map<String, String> answers =
        Map.of(
            "read-with",
            "usual",
            "word-0",
            "seated-rotation internal",
            "word-1",
            "one-leg-stand open",
            "word-2",
            "leave");
    assertThat(matching(table, answers).missing()).isEmpty();
    assertThat(tries(table, matching(table, answers)))
        .containsExactly(
            "Isla 2024-04-03 Seated hip turn, left, inward #1 24 ",
            "Isla 2024-04-03 Seated hip turn, left, inward #2 26 ",
            "Isla 2024-04-03 One-leg stand, right, eyes open #1 12 ");
  }

  @Test
  void whatCannotBeReadIsHandedOnAsWritten() throws Exception {
    BroughtTable table = table("Name|Day|Plank\nEwan|2024-04-03|40\nIsla|last spring|a while\n");
    Matching matching = matching(table, Map.of());
    assertThat(tries(table, matching)).contains("Isla last spring Straight-body hold #1 a while ");
  }

  @Test
  void lettersOfOlderSpreadsheetsAndOtherSeparators() throws Exception {
    byte[] old = "Name;Day;Plank\nJörg;2024-04-03;40,5\n".getBytes(Charset.forName("windows-1252"));
    BroughtTable table = BroughtTable.of("old.csv", () -> new ByteArrayInputStream(old));
    assertThat(table.oldLetters()).isTrue();
    assertThat(tries(table, matching(table, Map.of())))
        .containsExactly("Jörg 2024-04-03 Straight-body hold #1 40.5 ");
    byte[] worse = {'N', ';', 'D', '\n', (byte) 0x81, ';', (byte) 0xFF, '\n'};
    assertThat(BroughtTable.of("x.csv", () -> new ByteArrayInputStream(worse)).oldLetters())
        .isTrue();
    byte[] wide = "\uFEFFName\tDay\tPlank\nJörg\t2024-04-03\t40\n".getBytes("UTF-16LE");
    BroughtTable unicode = BroughtTable.of("wide.txt", () -> new ByteArrayInputStream(wide));
    assertThat(tries(unicode, matching(unicode, Map.of()))).hasSize(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "PK__ workbook  | workbook",
        "just one line  | no table",
        "a\\u0000b;c     | no text",
      })
  void whatIsNoTableIsSaidInWords(String text, String words) {
    String raw = text.replace("\\u0000", "\u0000");
    assertThatThrownBy(() -> BroughtTable.pasted(raw))
        .isInstanceOf(BroughtTable.Unreadable.class)
        .hasMessageContaining(words);
  }

  @Test
  void aWideAndLongTableIsLookedThrough() throws Exception {
    StringBuilder text = new StringBuilder("Name;Day");
    for (int i = 0; i < 200; i++) {
      text.append(";x").append(i);
    }
    for (int row = 0; row < 3000; row++) {
      text.append("\nIsla;2024-04-03").append(";7".repeat(200));
    }
    BroughtTable table = BroughtTable.pasted(text.toString());
    TableLook look = TableLook.of(table, TableLook.headRows(table, TODAY), TODAY);
    assertThat(look.columns()).hasSize(202);
    assertThat(look.rows()).isEqualTo(3000);
  }
}
