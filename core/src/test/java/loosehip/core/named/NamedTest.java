package loosehip.core.named;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.stream.Stream;
import loosehip.core.body.Handed;
import loosehip.core.follow.Done;
import loosehip.core.follow.TodayGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NamedTest {

  static Stream<Class<?>> enumerations() {
    List<JavaClass> found =
        new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("loosehip.core")
                .stream()
                .filter(c -> c.isEnum() && c.isAssignableTo(Named.class))
                .toList();
    assertThat(found).hasSizeGreaterThan(30);
    return found.stream().map(JavaClass::reflect);
  }

  @ParameterizedTest
  @MethodSource("enumerations")
  void everyIdIsPlainAndGivenOnce(Class<?> of) {
    List<String> ids = Stream.of(of.getEnumConstants()).map(c -> ((Named) c).id()).toList();
    assertThat(ids).isNotEmpty().doesNotHaveDuplicates();
    assertThat(ids).allMatch(id -> id.matches("[a-z][A-Za-z0-9]*([-.][A-Za-z0-9]+)*"));
  }

  @Test
  void anIdThatFilesAndTablesHoldDoesNotChange() {
    assertThat(Named.ids(Done.class)).containsExactly("top", "between", "under");
    assertThat(Named.ids(TodayGroup.class)).containsExactly("bench", "due", "waiting", "quiet");
    assertThat(Named.ids(Handed.class)).containsExactly("right", "left");
  }

  @Test
  void anUnknownIdIsNobodyAndRequiringItNamesThoseThereAre() {
    assertThat(Named.parse(Done.class, "TOP")).isEmpty();
    assertThatThrownBy(() -> Named.require(Done.class, "all"))
        .hasMessage("No Done \"all\"; there are [top, between, under]");
  }
}
