package loosehip.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Days as tables write them. */
class DateOrderTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2024-04-03          | 2024-04-03",
        "2024/4/3            | 2024-04-03",
        "20240403            | 2024-04-03",
        "3 Apr 2024          | 2024-04-03",
        "3. April 2024       | 2024-04-03",
        "3-Apr-24            | 2024-04-03",
        "April 3, 2024       | 2024-04-03",
        "2024-04-03 10:15    | 2024-04-03",
        "2024-04-03T10:15:00Z| 2024-04-03",
      })
  void someDaysArePlain(String text, LocalDate day) {
    assertThat(DateOrder.plain(text, TODAY)).contains(day);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "03/04/2024",
        "45385",
        "2031-01-01",
        "1949-12-31",
        "2024-02-30",
        "24/26/25",
        "Apr"
      })
  void othersAreNot(String text) {
    assertThat(DateOrder.plain(text, TODAY)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "DAY_FIRST, 03/04/2024, 2024-04-03",
    "MONTH_FIRST, 03/04/2024, 2024-03-04",
    "DAY_FIRST, 3.4.24, 2024-04-03",
    "DAY_FIRST, 3.4.76, 1976-04-03",
    "DAY_FIRST, 03/04/2024 9:30, 2024-04-03",
    "YEAR_FIRST, 24-04-03, 2024-04-03",
    "COUNTED_1900, 45385, 2024-04-03",
    "COUNTED_1900, 45385.5, 2024-04-03",
    "COUNTED_1904, 43923, 2024-04-03",
  })
  void theRestDependsOnTheOrder(DateOrder order, String text, LocalDate day) {
    assertThat(order.read(text, TODAY)).contains(day);
  }

  @Test
  void noOrderReadsADayThatDoesNotExistOrLiesAhead() {
    assertThat(DateOrder.DAY_FIRST.read("31/04/2024", TODAY)).isEmpty();
    assertThat(DateOrder.MONTH_FIRST.read("13/04/2024", TODAY)).isEmpty();
    assertThat(DateOrder.DAY_FIRST.read("28/11/2026", TODAY)).isEmpty();
    assertThat(DateOrder.COUNTED_1900.read("99999", TODAY)).isEmpty();
  }
}
