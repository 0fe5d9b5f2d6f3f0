package loosehip.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What people type or paste, and what a spreadsheet makes of it later. */
class TypedTest {
  @ParameterizedTest(name = "[{index}]")
  @ValueSource(
      strings = {
        "Isla Brodie",
        "Isla\nBrodie",
        "  Isla\t\r\nBrodie ",
        "Isla\u2028Brodie",
        "Is\0la\u000b Brodie\uffff",
        "Isla\u00a0Brodie"
      })
  void aNameStaysOnOneLine(String pasted) {
    assertThat(Typed.line(pasted)).isEqualTo("Isla Brodie");
  }

  @Test
  void aLetterOfTwoHalvesIsNotCutInTwo() {
    assertThat(Typed.kept("abc\uD83C\uDFCC", 4)).isEqualTo("abc");
    assertThat(Typed.kept("abc\uD83C\uDFCC", 5)).isEqualTo("abc\uD83C\uDFCC");
  }

  @ParameterizedTest(name = "[{index}] {0}")
  @CsvSource(
      delimiter = '|',
      ignoreLeadingAndTrailingWhitespace = false,
      quoteCharacter = '"',
      value = {
        "=1+1|'=1+1",
        "+44|'+44",
        "-1|'-1",
        "@x|'@x",
        "＝1+1|'＝1+1",
        "＋1|'＋1",
        "－1|'－1",
        "＠x|'＠x",
        "−1|'−1",
        "  =1|'=1",
        "Isla|Isla",
        "Isla=1|Isla=1"
      })
  void aSpreadsheetReadsWordsAndNoFormula(String words, String written) {
    assertThat(Spreadsheet.words(words)).isEqualTo(written);
  }

  @Test
  void aFormulaBehindALineBreakIsOneToo() {
    assertThat(Spreadsheet.words("\n=1")).isEqualTo("'=1");
    assertThat(Spreadsheet.words("Isla\n=1")).isEqualTo("Isla =1");
  }
}
