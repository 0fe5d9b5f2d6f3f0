package loosehip.app.look;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import loosehip.app.store.Looks.Act;

/** What an address does that somebody may ask about later. */
final class WhatWasDone {
  private record Rule(String method, Pattern path, Act act, String about) {}

  private static final List<Rule> RULES =
      List.of(
          rule("POST", "/golfers/\\{id}/erase", Act.ERASED, "a golfer"),
          rule("GET", "/golfers/\\{id}/everything\\.json", Act.EXPORTED, "everything"),
          rule("GET", "/golfers/\\{id}/case\\.json", Act.EXPORTED, "case file"),
          rule("GET", "/golfers/\\{id}/fhir\\.json", Act.EXPORTED, "measurements for a clinician"),
          rule("GET", "/golfers/\\{id}/readings\\.csv", Act.EXPORTED, "readings"),
          rule("GET", "/golfers/\\{id}/recordings/.*/file", Act.EXPORTED, "recording"),
          rule("GET", "/readings\\.csv", Act.EXPORTED, "all readings"),
          rule("GET", "/research\\.zip", Act.EXPORTED, "tables for a researcher"),
          rule("GET", "/library/record/record\\.csv", Act.EXPORTED, "the practice's record"),
          rule("GET", "/library/exercises/own\\.json", Act.EXPORTED, "own exercises"),
          rule("POST", "/golfers/\\{id}/letter\\.pdf", Act.PRINTED, "letter to a clinician"),
          rule("GET", "/golfers/\\{id}/letter", Act.PRINTED, "letter to a clinician"),
          rule("GET", "/golfers/\\{id}/.*\\.ics", Act.SHARED, "calendar"),
          rule("POST", "/golfers/\\{id}/phone", Act.SHARED, "link to the routine"),
          rule(
              "POST", "/golfers/\\{id}/inclinometer/join", Act.SHARED, "link of a measuring phone"),
          rule("GET", "/golfers/\\{id}/.*\\.pdf", Act.PRINTED, "PDF"),
          rule("GET", "/golfers/\\{id}/pivot/print", Act.PRINTED, "pivot"),
          rule("GET", "/golfers/\\{id}(/.*)?", Act.OPENED, ""),
          rule("POST", "/cases.*", Act.CHANGED_PRACTICE, "a case file"),
          rule("POST", "/tables/\\{table}/check", Act.CHANGED_PRACTICE, "a table of readings"),
          rule("POST", "/library/.*", Act.CHANGED_PRACTICE, ""),
          rule("POST", "/readings.*", Act.CHANGED_PRACTICE, "readings from a file"),
          rule("POST", "/people.*", Act.CHANGED_PEOPLE, ""));

  private WhatWasDone() {}

  private static Rule rule(String method, String path, Act act, String about) {
    return new Rule(method, Pattern.compile(path), act, about);
  }

  /** An act and what it is about. */
  record Done(Act act, String about) {}

  /** What was done at an address, by its pattern; empty when nobody asks. */
  static Optional<Done> at(String method, String pattern) {
    return RULES.stream()
        .filter(r -> r.method().equals(method) && r.path().matcher(pattern).matches())
        .findFirst()
        .map(r -> new Done(r.act(), r.about()));
  }
}
