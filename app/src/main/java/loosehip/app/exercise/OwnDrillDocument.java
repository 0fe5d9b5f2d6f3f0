package loosehip.app.exercise;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.document.Schemas;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Demand;
import org.jspecify.annotations.Nullable;

/** A drill of a practice's own, as it is kept and carried from copy to copy, key by key. */
record OwnDrillDocument(
    String id,
    @JsonUnwrapped OwnWords words,
    List<PivotFault> faults,
    @Nullable List<School> schools,
    @Nullable Downswing style,
    @Nullable List<LimitKind> needs,
    String dose,
    @Nullable List<Tool> tools,
    List<Demand> demands,
    @Nullable List<Tool> easierTools,
    List<Demand> easierDemands,
    @Nullable Boolean last) {

  /** The key by which a drill is told from an exercise. */
  static final String FAULTS = "faults";

  /** The JSON Schema of one drill. */
  static Map<String, Object> schema() {
    Map<String, Object> keys = OwnWords.keys();
    keys.put(FAULTS, OwnWords.someOf(Schemas.id(PivotFault.class)));
    keys.put("schools", Schemas.list(Schemas.id(School.class)));
    keys.put("style", Schemas.id(Downswing.class));
    keys.put("needs", Schemas.list(Schemas.id(LimitKind.class)));
    keys.put("dose", Schemas.text());
    keys.put("tools", Schemas.list(Schemas.id(Tool.class)));
    keys.put("demands", Schemas.list(Schemas.id(Demand.class)));
    keys.put("easierTools", Schemas.list(Schemas.id(Tool.class)));
    keys.put("easierDemands", Schemas.list(Schemas.id(Demand.class)));
    keys.put("last", Schemas.yesOrNo());
    return Schemas.object(
        keys,
        "id",
        "name",
        "purpose",
        "start",
        "steps",
        "feel",
        "spoils",
        "harder",
        "easier",
        "stop",
        FAULTS,
        "dose",
        "demands",
        "easierDemands");
  }

  /** The document of a drill. */
  static OwnDrillDocument of(OwnDrill d) {
    return new OwnDrillDocument(
        d.id(),
        OwnWords.of(d.text()),
        d.faults(),
        d.schools().stream().sorted().toList(),
        d.style().orElse(null),
        d.needs(),
        d.doseText(),
        d.full().tools().stream().sorted().toList(),
        d.full().demands().stream().sorted().toList(),
        d.easier().tools().stream().sorted().toList(),
        d.easier().demands().stream().sorted().toList(),
        d.last());
  }

  /** The drill, once its dose was read. The easier form uses the same tools unless it says so. */
  OwnDrill drill(Dose read) {
    List<Tool> fullTools = tools == null ? List.of() : tools;
    return new OwnDrill(
        id,
        words.text(id),
        faults,
        new LinkedHashSet<>(schools == null ? List.of() : schools),
        Optional.ofNullable(style),
        needs == null ? List.of() : needs,
        read,
        dose.strip(),
        form(fullTools, demands),
        form(easierTools == null ? fullTools : easierTools, easierDemands),
        last != null && last);
  }

  private static OwnDrill.Form form(List<Tool> tools, List<Demand> demands) {
    return new OwnDrill.Form(new LinkedHashSet<>(tools), new LinkedHashSet<>(demands));
  }
}
