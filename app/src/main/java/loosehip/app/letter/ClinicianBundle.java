package loosehip.app.letter;

import ca.uhn.fhir.context.FhirContext;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.UUID;
import loosehip.app.golfer.GolferCode;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.CodeableConcept;
import org.hl7.fhir.r4.model.DateTimeType;
import org.hl7.fhir.r4.model.DateType;
import org.hl7.fhir.r4.model.Identifier;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Patient;
import org.hl7.fhir.r4.model.Quantity;
import org.hl7.fhir.r4.model.Reference;
import org.hl7.fhir.r4.model.Resource;
import org.hl7.fhir.r4.model.StringType;

/**
 * What was measured as an HL7 FHIR R4 bundle, for a clinic's own system: the golfer under a code
 * that the letter says too, one observation a result with its unit (UCUM), side of the body (SNOMED
 * CT), method, tries and error. No band, no fault, no cause.
 */
final class ClinicianBundle {
  private static final String UCUM = "http://unitsofmeasure.org";
  private static final String SNOMED = "http://snomed.info/sct";
  private static final String CATEGORY =
      "http://terminology.hl7.org/CodeSystem/observation-category";
  private static final String PSEUDONYMISED =
      "http://terminology.hl7.org/CodeSystem/v3-ObservationValue";
  private static final String OURS = "urn:loose-hip:";

  private ClinicianBundle() {}

  /** Built at the first bundle asked for; it takes a second and some memory. */
  private static final class Library {
    static final FhirContext R4 = FhirContext.forR4Cached();
  }

  /** The bundle as JSON. */
  static String json(Workup workup, LocalDate today) {
    return Library.R4
        .newJsonParser()
        .setPrettyPrint(true)
        .encodeResourceToString(of(workup, today));
  }

  static Bundle of(Workup workup, LocalDate today) {
    String code = GolferCode.of(workup.file().id());
    Bundle bundle = new Bundle();
    bundle.setType(Bundle.BundleType.COLLECTION);
    bundle.setTimestamp(Date.from(today.atStartOfDay(ZoneOffset.UTC).toInstant()));
    bundle.getMeta().addSecurity().setSystem(PSEUDONYMISED).setCode("PSEUDED");
    Patient patient = new Patient();
    patient.addIdentifier(new Identifier().setSystem(OURS + "golfer").setValue(code));
    workup
        .golfer()
        .who()
        .birthDate()
        .map(LocalDate::getYear)
        .or(() -> workup.golfer().who().birthYear())
        .ifPresent(year -> patient.setBirthDateElement(new DateType(String.valueOf(year))));
    String subject = add(bundle, code + " patient", patient);
    for (Reading reading : workup.golfer().screen().readings()) {
      workup
          .golfer()
          .screen()
          .measurement(reading.slot())
          .ifPresent(m -> add(bundle, code, subject, workup, measured(reading, m), reading.slot()));
    }
    workup
        .golfer()
        .screen()
        .words()
        .forEach(
            (slot, word) -> {
              Observation seen = new Observation();
              seen.setValue(new StringType(word));
              add(bundle, code, subject, workup, seen, slot);
            });
    return bundle;
  }

  /** The same golfer, visit and slot always have the same address. */
  private static String add(Bundle bundle, String name, Resource resource) {
    String url =
        "urn:uuid:" + UUID.nameUUIDFromBytes((OURS + name).getBytes(StandardCharsets.UTF_8));
    bundle.addEntry().setFullUrl(url).setResource(resource);
    return url;
  }

  private static void add(
      Bundle bundle,
      String code,
      String subject,
      Workup workup,
      Observation observation,
      Slot slot) {
    observation.setStatus(Observation.ObservationStatus.FINAL);
    observation.addCategory().addCoding().setSystem(CATEGORY).setCode("exam").setDisplay("Exam");
    observation.setCode(
        concept(
            "test",
            slot.test().id() + slot.part().map(p -> "." + p.id()).orElse(""),
            slot.test().title() + slot.part().map(p -> ", " + p.word()).orElse("")));
    observation.setSubject(new Reference(subject));
    observation.addPerformer().setDisplay("golf fitness trainer");
    observation.setEffective(new DateTimeType(workup.file().visitOn().toString()));
    slot.side().ifPresent(side -> observation.setBodySite(site(side)));
    add(bundle, code + " " + workup.file().visitOn() + " " + slot.key(), observation);
  }

  private static CodeableConcept concept(String system, String code, String words) {
    CodeableConcept concept = new CodeableConcept().setText(words);
    concept.addCoding().setSystem(OURS + system).setCode(code).setDisplay(words);
    return concept;
  }

  private static CodeableConcept site(Side side) {
    CodeableConcept site = new CodeableConcept().setText(side.id());
    site.addCoding()
        .setSystem(SNOMED)
        .setCode(side == Side.LEFT ? "7771000" : "24028007")
        .setDisplay(side == Side.LEFT ? "Left" : "Right");
    return site;
  }

  private static Observation measured(Reading reading, Measurement m) {
    Unit unit = m.slot().test().unit();
    Observation observation = new Observation();
    observation.setValue(quantity(m.mean(), unit));
    reading
        .method()
        .filter(x -> !reading.slot().test().methods().isEmpty())
        .ifPresent(x -> observation.setMethod(concept("method", x.id(), x.word())));
    int number = 0;
    for (double value : reading.counted()) {
      observation
          .addComponent()
          .setCode(concept("component", "try", "try " + ++number))
          .setValue(quantity(value, unit));
    }
    if (unit.decimals() > 0) {
      observation
          .addComponent()
          .setCode(concept("component", "standard-error", "standard error of the mean"))
          .setValue(quantity(m.standardError(), unit));
    }
    for (String note : notes(reading, m)) {
      observation.addNote().setText(note);
    }
    return observation;
  }

  private static List<String> notes(Reading reading, Measurement m) {
    List<String> notes = new ArrayList<>();
    if (m.stoppedByPain()) {
      notes.add("Ended by pain, not by the end of the range.");
    }
    if (reading.pain().level() > 0) {
      notes.add("Pain " + reading.pain().level() + " of 10.");
    }
    reading.compensations().stream().map(Compensation::word).sorted().forEach(notes::add);
    return notes;
  }

  private static Quantity quantity(double value, Unit unit) {
    Quantity quantity = new Quantity();
    quantity.setValue(BigDecimal.valueOf(Math.round(value * 10)).movePointLeft(1));
    quantity.setSystem(UCUM);
    return switch (unit) {
      case DEGREES -> quantity.setCode("deg").setUnit("°");
      case SECONDS -> quantity.setCode("s").setUnit("s");
      case CENTIMETRES -> quantity.setCode("cm").setUnit("cm");
      case LANDINGS, WORD -> quantity.setCode("{landings}").setUnit("of 3");
    };
  }
}
