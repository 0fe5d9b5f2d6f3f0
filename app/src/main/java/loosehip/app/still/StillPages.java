package loosehip.app.still;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.document.Documents;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Stills;
import loosehip.app.unit.Shown;
import loosehip.app.words.Text;
import loosehip.core.body.Handed;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.Landmark;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillView;
import org.springframework.stereotype.Component;

/** Puts together what the pages of stills show. */
@Component
class StillPages {
  private final StillShelf shelf;

  StillPages(StillShelf shelf) {
    this.shelf = shelf;
  }

  StillPage all(Workup workup) {
    List<Stills.Kept> all = shelf.of(workup.file());
    String visit = workup.file().visitId();
    List<Stills.Kept> here = all.stream().filter(s -> s.visitId().equals(visit)).toList();
    return new StillPage(
        workup.file().id(),
        StillShelf.consented(workup.file()),
        workup.guardianMissing() || Facts.GUARDIAN.isIn(workup.file()),
        Arrays.stream(StillView.values())
            .map(view -> row(view, here, workup.golfer().handed()))
            .toList(),
        here.size(),
        Stills.A_VISIT_MOST,
        pairs(workup, all),
        here.size() >= Stills.A_VISIT_MOST,
        workup.closed());
  }

  private static StillPage.Row row(StillView view, List<Stills.Kept> here, Handed handed) {
    return new StillPage.Row(
        view,
        Arrays.stream(Checkpoint.values())
            .map(
                at ->
                    new StillPage.Place(
                        at,
                        here.stream()
                            .filter(s -> s.view() == view && s.checkpoint() == at)
                            .map(StillPages::shown)
                            .toList(),
                        GuideDrawing.of(view, at, handed)))
            .toList());
  }

  private static StillPage.Shown shown(Stills.Kept still) {
    StillMarks marks = StillMarks.of(still);
    long placed =
        still.view().landmarks().stream().filter(l -> marks.points().containsKey(l.id())).count();
    int of = still.view().landmarks().size() - marks.unseen().size();
    String state = placed == 0 ? "no points yet" : placed >= of ? "marked" : placed + " of " + of;
    String from =
        still
            .clipSeconds()
            .map(s -> String.format(Locale.ROOT, "clip, %.2f s", s))
            .orElse(still.source().equals("camera") ? "camera" : "file");
    return new StillPage.Shown(still.id(), state, from, still.width() > still.height());
  }

  /** The newest earlier still of each moment, beside that of this visit. */
  static List<StillPage.Pair> pairs(Workup workup, List<Stills.Kept> all) {
    String visit = workup.file().visitId();
    Map<String, StillPage.Pair> pairs = new LinkedHashMap<>();
    for (Stills.Kept now : all) {
      if (now.visitId().equals(visit)) {
        all.stream()
            .filter(s -> !s.visitId().equals(visit))
            .filter(s -> s.view() == now.view() && s.checkpoint() == now.checkpoint())
            .findFirst()
            .ifPresent(
                then ->
                    pairs.put(
                        now.view().id() + now.checkpoint().id(),
                        new StillPage.Pair(
                            now.view(), now.checkpoint(), then.id(), now.id(), then.day())));
      }
    }
    return List.copyOf(pairs.values());
  }

  StillPage.One one(Workup workup, Stills.Kept still) {
    StillMarks marks = StillMarks.of(still);
    List<Stills.Kept> all = shelf.of(workup.file());
    return new StillPage.One(
        workup.file().id(),
        still.id(),
        still.view(),
        still.checkpoint(),
        still.width(),
        still.height(),
        data(workup, still, marks, ReadStill.of(workup, still, marks, all)),
        List.of(KnownLength.values()),
        marks.scaleOf(),
        Facts.HEIGHT.in(workup.file()),
        GuideDrawing.of(still.view(), workup.golfer().handed()),
        pairs(workup, all).stream().filter(p -> p.now().equals(still.id())).findFirst(),
        List.of(StillView.values()),
        List.of(Checkpoint.values()));
  }

  /** Everything the page needs to draw and to work figures out while a landmark is dragged. */
  private static String data(Workup workup, Stills.Kept still, StillMarks marks, ReadStill read) {
    Map<String, Object> data = new LinkedHashMap<>();
    data.put("width", still.width());
    data.put("height", still.height());
    data.put("handed", workup.golfer().handed());
    data.put("view", still.view());
    List<Map<String, Object>> places = new ArrayList<>();
    for (Landmark landmark : still.view().landmarks()) {
      places.add(place(landmark.id(), landmark.title(), landmark.where(), "body"));
    }
    for (StillMarks.Helper helper : StillMarks.Helper.values()) {
      places.add(place(helper.id(), helper.title(), "", helper.group()));
    }
    data.put("places", places);
    data.put("marks", marks);
    Map<String, Double> lengths = new LinkedHashMap<>();
    for (KnownLength length : KnownLength.values()) {
      length.cm(Facts.HEIGHT.in(workup.file())).ifPresent(cm -> lengths.put(length.id(), cm));
    }
    data.put("lengths", lengths);
    Facts.HEIGHT.in(workup.file()).ifPresent(cm -> data.put("heightCm", cm));
    read.address().ifPresent(a -> data.put("address", StillMarks.of(a)));
    data.put(
        "figures",
        read.shown().stream()
            .map(f -> figure(f, f.window(still.checkpoint(), read.shape(), workup.asks())))
            .toList());
    return Documents.JSON.writeValueAsString(data);
  }

  private static Map<String, Object> place(String id, String title, String where, String group) {
    Map<String, Object> place = new LinkedHashMap<>();
    place.put("id", id);
    place.put("title", title);
    place.put("where", where);
    place.put("group", group);
    return place;
  }

  private static Map<String, Object> figure(
      StillFigure figure, Optional<StillFigure.Window> window) {
    Map<String, Object> data = new LinkedHashMap<>();
    data.put("id", figure.id());
    data.put("title", Text.lower(figure.title()));
    data.put("unit", Shown.ofSign(figure.unit()).sign());
    data.put("per", Shown.ofSign(figure.unit()).per());
    data.put("decimals", figure.decimals());
    data.put("kind", figure.formula().getClass().getSimpleName());
    data.put("of", figure.formula());
    window.ifPresent(w -> data.put("window", List.of(w.low(), w.high())));
    return data;
  }

  /** The stills of a golfer as the shelf holds them. */
  List<Stills.Kept> held(Workup workup) {
    return shelf.of(workup.file());
  }

  Optional<Stills.Kept> find(Workup workup, String id) {
    return Stream.of(id)
        .flatMap(i -> shelf.of(workup.file()).stream().filter(s -> s.id().equals(i)))
        .findFirst();
  }
}
