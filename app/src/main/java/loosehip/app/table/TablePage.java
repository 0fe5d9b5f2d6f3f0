package loosehip.app.table;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A table being matched, ready to be shown.
 *
 * @param id its id
 * @param name its name
 * @param says how large it is and how it was read, in words
 * @param headRows how many first rows are heads
 * @param mostHeadRows how many can be
 * @param columns its columns
 * @param roles what a column can hold beside results
 * @param tests what results a column can hold, by test
 * @param questions what it leaves open
 * @param words what a word of the column of tests can stand for, by test
 * @param missing what stands in the way of checking
 * @param read a few tries as they would be read
 * @param tries how many tries would be read
 * @param strangers names nobody here has, a few
 * @param strangersInAll how many there are
 * @param problem why nothing was checked; empty when nothing was refused
 * @param today the latest day that can be said
 */
public record TablePage(
    String id,
    String name,
    String says,
    int headRows,
    int mostHeadRows,
    List<Column> columns,
    List<Option> roles,
    List<Group> tests,
    List<Asked> questions,
    List<Group> words,
    List<String> missing,
    List<Read> read,
    int tries,
    List<String> strangers,
    int strangersInAll,
    String problem,
    String today) {

  /** A choice. */
  public record Option(String value, String words) {}

  /** Choices under a heading. */
  public record Group(String title, List<Option> options) {}

  /**
   * A column.
   *
   * @param chosen the meaning chosen; empty when it is left out
   * @param from where the choice comes from when nobody made it yet
   */
  public record Column(
      int at, String head, String letter, List<String> samples, String chosen, String from) {}

  /** A question with its choices; none where a day or a test is asked for. */
  public record Asked(
      String key, String words, String kind, List<Option> choices, String answer, boolean open) {}

  /** A try as it would be read. */
  public record Read(int row, String golfer, String day, String said, String result) {}

  static List<Group> groups(List<Target> targets) {
    Map<String, List<Option>> byTest = new LinkedHashMap<>();
    for (Target target : targets) {
      byTest
          .computeIfAbsent(target.test().title(), t -> new ArrayList<>())
          .add(new Option(target.key(), target.said()));
    }
    List<Group> groups = new ArrayList<>();
    byTest.forEach((title, options) -> groups.add(new Group(title, options)));
    return groups;
  }

  /** The letter a spreadsheet names a column by. */
  static String letter(int at) {
    return (at >= 26 ? String.valueOf((char) ('A' + at / 26 - 1)) : "") + (char) ('A' + at % 26);
  }
}
