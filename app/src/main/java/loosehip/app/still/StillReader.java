package loosehip.app.still;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.document.CommandLine;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.document.SchemaCheck;
import loosehip.app.words.StillWords;
import loosehip.core.link.SpineShape;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.still.CameraCheck;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.Landmark;
import loosehip.core.still.Scale;
import loosehip.core.still.Segment;
import loosehip.core.still.Spot;
import loosehip.core.still.Still;
import loosehip.core.still.StillProblem;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads a still's file of version 1 and holds it against what can be so. */
final class StillReader {
  private StillReader() {}

  /**
   * What came of reading; nothing in it holds when there are problems.
   *
   * @param still the still
   * @param address the address still of its pair
   * @param shape the shape of the back
   * @param school whose windows hold
   * @param camera how the camera stood, where the file lets that be told
   * @param problems everything that is wrong
   */
  record Outcome(
      Optional<Still> still,
      Optional<Still> address,
      SpineShape shape,
      School school,
      Optional<CameraCheck> camera,
      List<Problem> problems) {
    private static Outcome wrong(List<Problem> problems) {
      return new Outcome(
          Optional.empty(),
          Optional.empty(),
          SpineShape.FLAT,
          School.ROTATION_FIRST,
          Optional.empty(),
          problems);
    }
  }

  static Outcome read(String text) {
    CommandLine.Parsed parsed = CommandLine.Parsed.of(text, "a still's file");
    if (!parsed.problems().isEmpty()) {
      return Outcome.wrong(parsed.problems());
    }
    JsonNode schema = Documents.JSON.valueToTree(StillSchema.schema());
    List<Problem> problems = new ArrayList<>(new SchemaCheck(schema).problems(parsed.json()));
    if (!problems.isEmpty()) {
      return Outcome.wrong(problems);
    }
    StillDocument file = Documents.JSON.treeToValue(parsed.json(), StillDocument.class);
    Still still = still(file, file, "", problems);
    Optional<Still> address =
        Optional.ofNullable(file.with()).map(with -> still(with, file, "/with", problems));
    address
        .flatMap(with -> StillProblem.ofPair(still, with))
        .ifPresent(p -> problems.add(problem("/with", p)));
    if (!problems.isEmpty()) {
      return Outcome.wrong(problems);
    }
    School school = Optional.ofNullable(file.school()).orElse(School.ROTATION_FIRST);
    return new Outcome(
        Optional.of(still),
        address,
        SpineShape.inForce(school, Optional.ofNullable(file.spineShape())),
        school,
        Optional.ofNullable(file.camera())
            .flatMap(c -> CameraCheck.of(still, segment(c.line()), c.widthPx(), c.heightPx())),
        List.of());
  }

  private static Still still(
      StillDocument file, StillDocument whole, String pointer, List<Problem> problems) {
    Map<Landmark, Spot> points = new EnumMap<>(Landmark.class);
    var view = Optional.ofNullable(file.view()).orElse(whole.view());
    file.points()
        .forEach(
            (id, at) -> {
              Landmark landmark = Named.require(Landmark.class, id);
              if (!view.landmarks().contains(landmark)) {
                problems.add(
                    new Problem(
                        pointer + "/points/" + id,
                        "is not a landmark seen " + view.id(),
                        "leave it out, or name the other view"));
              } else if (at != null) {
                points.put(landmark, spot(at));
              }
            });
    Still still =
        new Still(
            view,
            file == whole || file.checkpoint() != null ? file.checkpoint() : Checkpoint.ADDRESS,
            Optional.ofNullable(file.handed()).orElse(whole.handed()),
            points,
            Optional.ofNullable(file.scale())
                .map(s -> new Scale(new Segment(spot(s.a()), spot(s.b())), s.cm())),
            Optional.ofNullable(file.heightPx()),
            Optional.ofNullable(file.marks()).map(StillReader::segment),
            Optional.ofNullable(file.plumb()).map(StillReader::segment));
    StillProblem.of(still).forEach(p -> problems.add(problem(pointer, p)));
    return still;
  }

  private static Problem problem(String pointer, StillProblem problem) {
    String at =
        switch (problem.kind()) {
          case NO_SCALE, TWO_CAMERAS -> "/scale";
          case ONE_SPOT -> "/points/" + problem.landmarks().get(1).id();
          case OTHER_LEG, UPSIDE_DOWN, BELT_TURNED -> "/points/" + problem.landmarks().get(0).id();
          case FACES_OTHER_WAY -> "/handed";
          case TWO_VIEWS -> "/view";
        };
    return new Problem(pointer + at, StillWords.wrong(problem), StillWords.right(problem));
  }

  private static Segment segment(List<List<Double>> ends) {
    return new Segment(spot(ends.get(0)), spot(ends.get(1)));
  }

  private static Spot spot(@Nullable List<Double> at) {
    return new Spot(at.get(0), at.get(1));
  }
}
