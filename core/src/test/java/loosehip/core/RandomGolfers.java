package loosehip.core;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.Complaint;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;

/** Golfers made up at random: bodies, faults, cautions, clearances, tools and time. */
public final class RandomGolfers {
  /** The first day of every block. */
  public static final LocalDate START = LocalDate.of(2027, 1, 11);

  private RandomGolfers() {}

  /** A golfer made of a seed. */
  public static CaseFile of(int seed) {
    Random random = new Random(seed);
    StringBuilder sheet = new StringBuilder();
    for (String side : List.of("left", "right")) {
      for (String test : List.of("seated-rotation", "prone-rotation")) {
        for (String way : List.of("internal", "external")) {
          take(sheet, random, test + "." + side + "." + way, 8, 60);
        }
      }
      take(sheet, random, "trunk-turn." + side, 15, 60);
      take(sheet, random, "side-hip-hold." + side, 0, 14);
      take(sheet, random, "bridge-hold." + side, 1, 40);
      take(sheet, random, "leg-extension-short." + side, 0, 60);
      take(sheet, random, "hip-flexor-length." + side, -15, 15);
      take(sheet, random, "ankle-wall." + side, 2, 16);
      if (random.nextInt(3) > 0) {
        sheet.append("glute-switch.").append(side).append(".tall yes; ");
        sheet
            .append("glute-switch.")
            .append(side)
            .append(".hinged ")
            .append(random.nextBoolean() ? "no" : "yes")
            .append("; ");
      }
    }
    take(sheet, random, "hinge-contact", 15, 60);
    take(sheet, random, "front-hold", 5, 90);
    take(sheet, random, "overhead-reach", 140, 180);
    take(sheet, random, "pelvis-under-chest.total", 8, 45);
    for (String side : List.of("left", "right")) {
      take(sheet, random, "one-leg-stand." + side + ".open", 1, 30);
      take(sheet, random, "hop-hold." + side, 0, 3);
      if (random.nextInt(3) > 0) {
        sheet.append("knee-track.").append(side).append(random.nextBoolean() ? " yes; " : " no; ");
      }
    }
    if (random.nextInt(3) > 0) {
      sheet
          .append("squat-depth ")
          .append(List.of("parallel", "partial", "not").get(random.nextInt(3)));
      sheet.append("; ");
    }
    if (random.nextInt(3) > 0) {
      sheet.append("tilt-control.arch ").append(random.nextInt(12)).append("; ");
      sheet.append("tilt-control.flatten ").append(random.nextInt(12)).append("; ");
      sheet.append("tilt-control.quality ");
      sheet.append(List.of("smooth", "juddering", "none").get(random.nextInt(3))).append("; ");
    }
    Map<SetupFault, Level> setup = new EnumMap<>(SetupFault.class);
    for (SetupFault fault : SetupFault.values()) {
      if (random.nextInt(6) == 0) {
        setup.put(fault, random.nextBoolean() ? Level.CLEAR : Level.SLIGHT);
      }
    }
    Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      if (random.nextInt(5) == 0) {
        faults.put(fault, random.nextBoolean() ? Level.CLEAR : Level.SLIGHT);
      }
    }
    List<NotedCaution> cautions = new ArrayList<>();
    for (Caution caution : Caution.values()) {
      if (random.nextInt(9) == 0) {
        cautions.add(
            new NotedCaution(
                caution,
                caution.sided() && random.nextBoolean() ? Optional.of(Side.LEFT) : Optional.empty(),
                "",
                new NotedCaution.Detail(
                    random.nextBoolean() ? Optional.of(random.nextInt(11)) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(1 + random.nextInt(40)) : Optional.empty(),
                    Optional.empty(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean()),
                random.nextInt(4) == 0 ? Optional.of(clearance(random)) : Optional.empty()));
      }
    }
    Set<Tool> tools = EnumSet.noneOf(Tool.class);
    for (Tool tool : Tool.values()) {
      if (random.nextInt(3) > 0) {
        tools.add(tool);
      }
    }
    int weeks = 4 + random.nextInt(5);
    Set<LocalDate> blackout = new LinkedHashSet<>();
    for (int day = 0; day < weeks * 7; day++) {
      if (random.nextInt(12) == 0) {
        blackout.add(START.plusDays(day));
      }
    }
    return new CaseFile(
        random.nextBoolean() ? Handed.RIGHT : Handed.LEFT,
        random.nextBoolean() ? Set.of(Complaint.LOST_DISTANCE) : Set.of(),
        Health.of(Set.of(), cautions),
        Screens.of(sheet.toString()),
        Setup.PLAIN,
        new Seen(setup, faults, Map.of(), Set.of()),
        School.values()[random.nextInt(4)],
        Optional.of(
            new Wishes(
                random.nextInt(3) == 0 ? 5 + random.nextInt(56) : 10 + random.nextInt(15),
                1 + random.nextInt(7),
                weeks,
                START,
                tools,
                blackout,
                random.nextBoolean()
                    ? Optional.of(Downswing.values()[random.nextInt(4)])
                    : Optional.empty(),
                random.nextInt(4) > 0,
                random.nextBoolean() ? Optional.of(45.0 + random.nextInt(60)) : Optional.empty())));
  }

  private static void take(StringBuilder sheet, Random random, String slot, int low, int high) {
    if (random.nextInt(4) > 0) {
      sheet.append(slot).append(' ').append(low + random.nextInt(high - low + 1)).append("; ");
    }
  }

  private static Clearance clearance(Random random) {
    Set<Demand> lifts = EnumSet.noneOf(Demand.class);
    Set<Demand> blocks = EnumSet.noneOf(Demand.class);
    for (Demand demand : Demand.values()) {
      (random.nextInt(3) == 0
              ? lifts
              : random.nextInt(8) == 0 ? blocks : EnumSet.noneOf(Demand.class))
          .add(demand);
    }
    return new Clearance(
        "Dr Imrie",
        "doctor",
        Optional.of(START),
        "slowly",
        Optional.empty(),
        lifts,
        blocks,
        List.of());
  }
}
