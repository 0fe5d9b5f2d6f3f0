package loosehip.app.links;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.golfer.Workup;
import loosehip.app.words.LinkWords;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Complaint;
import loosehip.core.link.Link;

/**
 * Lays out the threads: causes, faults and complaints evenly down three columns, ordered so that
 * threads cross little, see {@link Barycentre}. Only causes worth a thread are drawn; the list
 * below holds them all.
 */
final class ThreadsDrawing {
  private static final int CAUSE_X = 222;
  private static final int FAULT_LEFT = 336;
  private static final int FAULT_RIGHT = 548;
  private static final int COMPLAINT_X = 612;
  private static final int CAUSE_STEP = 46;
  private static final int FAULT_STEP = 112;
  private static final int FAULT_STEP_MANY = 76;
  private static final int MANY = 5;
  private static final int VERDICT_MOST = 27;
  private static final double WORTH = 0.12;
  private static final int MOST_A_FAULT = 5;

  private ThreadsDrawing() {}

  private record Tie(String cause, int fault, CauseChance chance) {}

  /** The threads of this golfer; empty when no fault is present. */
  static Optional<ThreadsView> of(Workup workup) {
    List<Link> links =
        Stream.concat(workup.judgement().links().stream(), workup.judgement().setupLinks().stream())
            .toList();
    if (links.isEmpty()) {
      return Optional.empty();
    }
    List<Tie> ties = ties(links);
    List<String> causes = ties.stream().map(Tie::cause).distinct().toList();
    List<Complaint> complaints =
        workup.golfer().complaints().stream().filter(c -> names(c, links)).toList();
    Barycentre.Order order =
        Barycentre.of(
            causes.size(),
            links.size(),
            complaints.size(),
            ties.stream()
                .map(t -> new Barycentre.Edge(causes.indexOf(t.cause()), t.fault()))
                .toList(),
            served(links, complaints));
    int step = links.size() > MANY ? FAULT_STEP_MANY : FAULT_STEP;
    int height = Math.max(Math.max(causes.size() * CAUSE_STEP, links.size() * step), 150) + 20;
    List<ThreadsView.Node> nodes = new ArrayList<>();
    List<ThreadsView.Thread> threads = new ArrayList<>();
    Map<String, CauseChance> byName = new LinkedHashMap<>();
    ties.forEach(t -> byName.putIfAbsent(t.cause(), t.chance()));
    for (Tie tie : ties) {
      int from = y(order.left().indexOf(causes.indexOf(tie.cause())), causes.size(), height);
      int to = y(order.middle().indexOf(tie.fault()), links.size(), height);
      threads.add(causeThread(tie, from, to, links.get(tie.fault())));
    }
    for (int i = 0; i < causes.size(); i++) {
      String cause = causes.get(order.left().get(i));
      nodes.add(causeNode(workup, cause, byName.get(cause), y(i, causes.size(), height)));
    }
    for (int i = 0; i < links.size(); i++) {
      Link link = links.get(order.middle().get(i));
      nodes.add(
          new ThreadsView.Node(
              key(link),
              "fault",
              "",
              link.fault().title() + ", " + link.level().word(),
              fitting(link),
              FAULT_LEFT,
              y(i, links.size(), height),
              "start"));
    }
    for (int i = 0; i < complaints.size(); i++) {
      Complaint complaint = complaints.get(order.right().get(i));
      nodes.add(
          new ThreadsView.Node(
              "says " + complaint.id(),
              "complaint",
              "",
              complaint.title(),
              "",
              COMPLAINT_X,
              y(i, complaints.size(), height),
              "start"));
    }
    for (Barycentre.Edge edge : served(links, complaints)) {
      int from = y(order.middle().indexOf(edge.left()), links.size(), height);
      int to = y(order.right().indexOf(edge.right()), complaints.size(), height);
      threads.add(complaintThread(links.get(edge.left()), complaints.get(edge.right()), from, to));
    }
    return Optional.of(new ThreadsView(height, nodes, threads));
  }

  /** The verdict as it fits into its box; the list below has it whole. */
  private static String fitting(Link link) {
    String words = LinkWords.verdict(link.triage());
    return words.length() > VERDICT_MOST ? link.triage().id() : words;
  }

  private static String key(Link link) {
    return "fault " + link.fault().id();
  }

  private static boolean names(Complaint complaint, List<Link> links) {
    return links.stream().anyMatch(l -> complaint.names(l.fault()));
  }

  /** Which complaint each fault serves. */
  private static List<Barycentre.Edge> served(List<Link> links, List<Complaint> complaints) {
    List<Barycentre.Edge> edges = new ArrayList<>();
    for (int c = 0; c < complaints.size(); c++) {
      for (int f = 0; f < links.size(); f++) {
        if (complaints.get(c).names(links.get(f).fault())) {
          edges.add(new Barycentre.Edge(f, c));
        }
      }
    }
    return edges;
  }

  private static ThreadsView.Thread complaintThread(
      Link link, Complaint complaint, int from, int to) {
    return new ThreadsView.Thread(
        key(link),
        "says " + complaint.id(),
        "link-" + link.fault().id(),
        curve(FAULT_RIGHT, from, COMPLAINT_X - 8, to),
        3 + 3 * link.level().severity(),
        "setup",
        false,
        link.fault().title() + " serves " + complaint.title());
  }

  private static List<Tie> ties(List<Link> links) {
    List<Tie> ties = new ArrayList<>();
    for (int i = 0; i < links.size(); i++) {
      int fault = i;
      links.get(i).causes().stream()
          .filter(c -> c.chance() >= WORTH || c.decision().isPresent())
          .limit(MOST_A_FAULT)
          .forEach(c -> ties.add(new Tie(name(c), fault, c)));
    }
    return ties;
  }

  private static String name(CauseChance chance) {
    return chance.cause().family().id() + " " + chance.cause().title();
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
        tie.cause(),
        key(link),
        "sum-" + link.fault().id() + "-" + chance.cause().id().key(),
        curve(CAUSE_X + 8, from, FAULT_LEFT, to),
        1 + 12 * chance.counted(),
        style,
        open(chance),
        String.format(
            Locale.ROOT,
            "%s behind %s: %s, %.2f",
            chance.cause().title(),
            link.fault().title().toLowerCase(Locale.ROOT),
            chance.decision().map(d -> "you: " + d.id()).orElse(chance.likelihood().word()),
            chance.counted()));
  }

  private static ThreadsView.Node causeNode(Workup workup, String key, CauseChance chance, int y) {
    String leg = chance.cause().leg().map(l -> l.id()).orElse("");
    return new ThreadsView.Node(
        key, "cause", leg, chance.cause().title(), beneath(chance), CAUSE_X, y, "end");
  }

  /** Whether it stands open: not looked at, and nothing decided. */
  private static boolean open(CauseChance chance) {
    return !chance.settled() && chance.decision().isEmpty();
  }

  private static String beneath(CauseChance chance) {
    return chance
        .decision()
        .map(d -> "you: " + d.id())
        .orElseGet(() -> chance.settled() ? LinkWords.brief(chance) : unsettled(chance));
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
