package loosehip.app.links;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Bench;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Complaint;
import loosehip.core.link.Link;

/**
 * Lays out the threads: faults evenly down the middle, causes ordered by the mean place of the
 * faults they lead to, complaints likewise, so that threads cross little. Only causes worth a
 * thread are drawn; the list below holds them all.
 */
final class ThreadsDrawing {
  private static final int CAUSE_X = 222;
  private static final int FAULT_LEFT = 344;
  private static final int FAULT_RIGHT = 524;
  private static final int COMPLAINT_X = 604;
  private static final int CAUSE_STEP = 46;
  private static final int FAULT_STEP = 112;
  private static final double WORTH = 0.12;
  private static final int MOST_A_FAULT = 5;

  private ThreadsDrawing() {}

  private record Tie(String cause, int fault, CauseChance chance) {}

  /** The threads of this golfer; empty when no fault is present. */
  static Optional<ThreadsView> of(Bench bench) {
    List<Link> links = bench.assessment().links();
    if (links.isEmpty()) {
      return Optional.empty();
    }
    List<Tie> ties = ties(links);
    List<String> causes = ordered(ties);
    List<Complaint> complaints =
        bench.golfer().complaints().stream()
            .filter(c -> links.stream().anyMatch(l -> c.lookFirst().contains(l.fault())))
            .toList();
    int height =
        Math.max(Math.max(causes.size() * CAUSE_STEP, links.size() * FAULT_STEP), 150) + 20;
    List<ThreadsView.Node> nodes = new ArrayList<>();
    List<ThreadsView.Thread> threads = new ArrayList<>();
    Map<String, CauseChance> byName = new LinkedHashMap<>();
    ties.forEach(t -> byName.putIfAbsent(t.cause(), t.chance()));
    for (Tie tie : ties) {
      int from = y(causes.indexOf(tie.cause()), causes.size(), height);
      int to = y(tie.fault(), links.size(), height);
      threads.add(causeThread(tie, from, to, links.get(tie.fault())));
    }
    for (int i = 0; i < causes.size(); i++) {
      nodes.add(causeNode(bench, byName.get(causes.get(i)), y(i, causes.size(), height)));
    }
    for (int i = 0; i < links.size(); i++) {
      Link link = links.get(i);
      nodes.add(
          new ThreadsView.Node(
              "fault",
              "",
              link.fault().title() + ", " + link.level().word(),
              link.triage().words(),
              FAULT_LEFT,
              y(i, links.size(), height),
              "start"));
    }
    for (int i = 0; i < complaints.size(); i++) {
      int at = y(i, complaints.size(), height);
      nodes.add(
          new ThreadsView.Node(
              "complaint", "", complaints.get(i).title(), "", COMPLAINT_X, at, "start"));
      for (int f = 0; f < links.size(); f++) {
        if (complaints.get(i).lookFirst().contains(links.get(f).fault())) {
          threads.add(
              new ThreadsView.Thread(
                  curve(FAULT_RIGHT, y(f, links.size(), height), COMPLAINT_X - 8, at),
                  3 + 3 * links.get(f).level().severity(),
                  "setup",
                  false,
                  links.get(f).fault().title() + " serves " + complaints.get(i).title()));
        }
      }
    }
    return Optional.of(new ThreadsView(height, nodes, threads));
  }

  private static List<Tie> ties(List<Link> links) {
    List<Tie> ties = new ArrayList<>();
    for (int i = 0; i < links.size(); i++) {
      int fault = i;
      links.get(i).causes().stream()
          .filter(c -> c.chance() >= WORTH)
          .limit(MOST_A_FAULT)
          .forEach(c -> ties.add(new Tie(name(c), fault, c)));
    }
    return ties;
  }

  private static String name(CauseChance chance) {
    return chance.cause().family().id() + " " + chance.cause().title();
  }

  /** Causes by the mean place of their faults; the likelier first among equals. */
  private static List<String> ordered(List<Tie> ties) {
    Map<String, List<Tie>> byCause = new LinkedHashMap<>();
    ties.forEach(t -> byCause.computeIfAbsent(t.cause(), c -> new ArrayList<>()).add(t));
    return byCause.entrySet().stream()
        .sorted(
            Comparator.<Map.Entry<String, List<Tie>>>comparingDouble(
                    e -> e.getValue().stream().mapToInt(Tie::fault).average().orElse(0))
                .thenComparingDouble(e -> -e.getValue().get(0).chance().chance()))
        .map(Map.Entry::getKey)
        .toList();
  }

  private static int y(int index, int count, int height) {
    return (int) Math.round((index + 0.5) * height / count);
  }

  private static ThreadsView.Thread causeThread(Tie tie, int from, int to, Link link) {
    CauseChance chance = tie.chance();
    String style =
        switch (chance.cause().family()) {
          case BODY -> chance.cause().leg().map(l -> l.id()).orElse("setup");
          case SETUP, FOLLOWS -> "setup";
          case HABIT -> "habit";
        };
    return new ThreadsView.Thread(
        curve(CAUSE_X + 8, from, FAULT_LEFT, to),
        1 + 12 * chance.chance(),
        style,
        !chance.settled(),
        String.format(
            Locale.ROOT,
            "%s behind %s: %s, %.2f",
            chance.cause().title(),
            link.fault().title().toLowerCase(Locale.ROOT),
            chance.word(),
            chance.chance()));
  }

  private static ThreadsView.Node causeNode(Bench bench, CauseChance chance, int y) {
    String leg = chance.cause().leg().map(l -> l.id()).orElse("");
    return new ThreadsView.Node(
        "cause",
        leg,
        chance.cause().title(),
        chance.settled() ? ThreadWords.finding(chance) : unsettled(chance),
        CAUSE_X,
        y,
        "end");
  }

  private static String unsettled(CauseChance chance) {
    return switch (chance.cause().family()) {
      case BODY -> "not measured";
      case HABIT -> "not named";
      default -> "not looked at";
    };
  }

  private static String curve(int x1, int y1, int x2, int y2) {
    int middle = (x1 + x2) / 2;
    return "M%d %dC%d %d %d %d %d %d".formatted(x1, y1, middle, y1, middle, y2, x2, y2);
  }
}
