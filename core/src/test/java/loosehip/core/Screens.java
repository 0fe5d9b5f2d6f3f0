package loosehip.core;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;
import loosehip.core.named.Named;

/**
 * Screens written as text, so that a test reads like a sheet: {@code seated-rotation.left.internal
 * 24 26 25; glute-switch.left.tall yes}. A try in brackets is voided, {@code p5} is pain 5, a
 * compensation is named by its id, {@code @club-angle} sets the method.
 */
public final class Screens {
  private Screens() {}

  /** The screen of this text. */
  public static Screen of(String text) {
    List<Reading> readings = new ArrayList<>();
    Map<Slot, String> words = new LinkedHashMap<>();
    for (String line : text.split("[;\n]")) {
      if (line.isBlank()) {
        continue;
      }
      String[] parts = line.strip().split("\\s+");
      Slot slot = Slot.parse(parts[0]).orElseThrow(() -> new AssertionError("no slot " + line));
      if (!slot.test().numeric(slot.part())) {
        words.put(slot, parts[1]);
        continue;
      }
      readings.add(reading(slot, parts));
    }
    return Screen.of(readings, words);
  }

  private static Reading reading(Slot slot, String[] parts) {
    Optional<Method> method =
        slot.test().methods().isEmpty() ? Optional.empty() : Optional.of(Method.INCLINOMETER);
    List<Try> tries = new ArrayList<>();
    Set<Compensation> compensations = new LinkedHashSet<>();
    Pain pain = Pain.NONE;
    for (int i = 1; i < parts.length; i++) {
      String word = parts[i];
      if (word.startsWith("@")) {
        method = Named.parse(Method.class, word.substring(1));
      } else if (word.matches("p\\d+")) {
        pain = new Pain(Integer.parseInt(word.substring(1)), "");
      } else if (word.startsWith("(")) {
        tries.add(new Try(Double.parseDouble(word.substring(1, word.length() - 1)), true));
      } else if (Named.parse(Compensation.class, word).isPresent()) {
        compensations.add(Named.parse(Compensation.class, word).get());
      } else {
        tries.add(Try.of(Double.parseDouble(word)));
      }
    }
    return new Reading(slot, method, tries, compensations, pain);
  }
}
