package loosehip.app.research;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A table on its way out. Its first column says whose a row is, by a code. */
final class ResearchTable {
  /** A group of fewer golfers is held back: somebody could be known in it (ours). */
  static final int FEWEST = 5;

  private final String name;
  private final String holds;
  private final List<Column> columns;
  private final List<List<String>> rows = new ArrayList<>();
  private int heldBack;

  ResearchTable(String name, String holds, Column... columns) {
    this.name = name;
    this.holds = holds;
    this.columns = List.of(columns);
  }

  String name() {
    return name;
  }

  String holds() {
    return holds;
  }

  List<Column> columns() {
    return columns;
  }

  List<List<String>> rows() {
    return rows;
  }

  /** How many rows were held back. */
  int heldBack() {
    return heldBack;
  }

  void add(String... cells) {
    if (cells.length != columns.size()) {
      throw new IllegalArgumentException(name + " has " + columns.size() + " columns");
    }
    rows.add(List.of(cells));
  }

  /** Takes out every row of a group that fewer than five golfers make up; none is told of. */
  void holdSmallGroupsBack() {
    List<Integer> by = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i).grouped()) {
        by.add(i);
      }
    }
    Map<List<String>, Set<String>> golfers = new HashMap<>();
    rows.forEach(
        row -> golfers.computeIfAbsent(group(row, by), g -> new HashSet<>()).add(row.get(0)));
    int before = rows.size();
    rows.removeIf(row -> golfers.get(group(row, by)).size() < FEWEST);
    heldBack = before - rows.size();
  }

  private static List<String> group(List<String> row, List<Integer> by) {
    return by.stream().map(row::get).toList();
  }
}
