package loosehip.app.letter;

import static org.assertj.core.api.Assertions.assertThat;

import ca.uhn.fhir.context.FhirContext;
import ca.uhn.fhir.context.support.DefaultProfileValidationSupport;
import ca.uhn.fhir.validation.FhirValidator;
import ca.uhn.fhir.validation.ResultSeverityEnum;
import ca.uhn.fhir.validation.SingleValidationMessage;
import java.util.List;
import loosehip.app.golfer.GolferCode;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import org.hl7.fhir.common.hapi.validation.support.CommonCodeSystemsTerminologyService;
import org.hl7.fhir.common.hapi.validation.support.InMemoryTerminologyServerValidationSupport;
import org.hl7.fhir.common.hapi.validation.support.ValidationSupportChain;
import org.hl7.fhir.common.hapi.validation.validator.FhirInstanceValidator;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.Observation;
import org.hl7.fhir.r4.model.Patient;
import org.junit.jupiter.api.Test;

/** The bundle for a clinic's own system: valid, measured to the number, and nobody's name in it. */
class ClinicianBundleTest {
  private static final String MEASURED =
      "consent=1; asked; who.birth-year=1961; who.handed=right;"
          + " try seated-rotation.left.internal 24 26 25;"
          + " try seated-rotation.right.internal 31 33 32; try ankle-wall.right 9.5;"
          + " try one-leg-stand.left.open 22; try hop-hold.right 2; try squat-depth partial;"
          + " pain.seated-rotation.left.internal=3 front of the hip; fault.sway=clear";

  private static Workup workup(String golfer) {
    return Workup.of(GolferText.of(golfer), GolferText.TODAY);
  }

  private static FhirValidator validator() {
    FhirContext r4 = FhirContext.forR4Cached();
    return r4.newValidator()
        .registerValidatorModule(
            new FhirInstanceValidator(
                new ValidationSupportChain(
                    new DefaultProfileValidationSupport(r4),
                    new CommonCodeSystemsTerminologyService(r4),
                    new InMemoryTerminologyServerValidationSupport(r4))));
  }

  private static List<SingleValidationMessage> wrong(FhirValidator validator, String json) {
    return validator.validateWithResult(json).getMessages().stream()
        .filter(m -> m.getSeverity().compareTo(ResultSeverityEnum.ERROR) >= 0)
        .toList();
  }

  private static Observation of(Bundle bundle, String code, String side) {
    return bundle.getEntry().stream()
        .map(Bundle.BundleEntryComponent::getResource)
        .filter(Observation.class::isInstance)
        .map(Observation.class::cast)
        .filter(o -> o.getCode().getCodingFirstRep().getCode().equals(code))
        .filter(o -> side.isEmpty() || o.getBodySite().getText().equals(side))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theValidatorOfTheLibraryFindsNothingWrong() {
    FhirValidator validator = validator();
    assertThat(wrong(validator, ClinicianBundle.json(workup(MEASURED), GolferText.TODAY)))
        .extracting(m -> m.getLocationString() + ": " + m.getMessage())
        .isEmpty();
    String broken =
        ClinicianBundle.json(workup(MEASURED), GolferText.TODAY)
            .replace("\"final\"", "\"finished\"");
    assertThat(wrong(validator, broken)).isNotEmpty();
  }

  @Test
  void aResultHasUnitSideMethodTriesAndError() {
    Bundle bundle = ClinicianBundle.of(workup(MEASURED), GolferText.TODAY);
    Observation turn = of(bundle, "seated-rotation.internal", "left");
    assertThat(turn.getValueQuantity().getValue()).isEqualByComparingTo("25.0");
    assertThat(turn.getValueQuantity().getCode()).isEqualTo("deg");
    assertThat(turn.getValueQuantity().getSystem()).isEqualTo("http://unitsofmeasure.org");
    assertThat(turn.getBodySite().getCodingFirstRep().getCode()).isEqualTo("7771000");
    assertThat(turn.getMethod().getText()).isEqualTo("inclinometer");
    assertThat(turn.getComponent()).hasSize(4);
    assertThat(turn.getComponent().get(1).getValueQuantity().getValue())
        .isEqualByComparingTo("26.0");
    assertThat(turn.getComponent().get(3).getCode().getText())
        .isEqualTo("standard error of the mean");
    assertThat(turn.getNote()).extracting(n -> n.getText()).contains("Pain 3 of 10.");
    assertThat(of(bundle, "ankle-wall", "right").getValueQuantity().getCode()).isEqualTo("cm");
    assertThat(of(bundle, "one-leg-stand.open", "left").getValueQuantity().getCode())
        .isEqualTo("s");
    assertThat(of(bundle, "squat-depth", "").getValueStringType().getValue()).isEqualTo("partial");
  }

  @Test
  void itSaysNobodysNameAndNothingOfWhatTheTrainerThinks() {
    Workup workup = workup(MEASURED);
    String json = ClinicianBundle.json(workup, GolferText.TODAY);
    assertThat(json)
        .doesNotContain(workup.file().name(), "sway", "short", "close", "front")
        .contains(GolferCode.of(workup.file().id()))
        .contains("PSEUDED");
    Patient patient =
        (Patient) ClinicianBundle.of(workup, GolferText.TODAY).getEntryFirstRep().getResource();
    assertThat(patient.getBirthDateElement().getValueAsString()).isEqualTo("1961");
    assertThat(patient.hasName()).isFalse();
    assertThat(ClinicianBundle.json(workup, GolferText.TODAY)).isEqualTo(json);
  }
}
