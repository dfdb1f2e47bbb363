package org.nimblet.server;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures;
import jakarta.persistence.Entity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "org.nimblet.server", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule entities_and_repositories_never_leave_their_package =
      classes()
          .that()
          .areAnnotatedWith(Entity.class)
          .or()
          .areAssignableTo(Repository.class)
          .should()
          .bePackagePrivate();

  @ArchTest
  static final ArchRule controllers_are_no_door =
      classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

  /**
   * The floors of the house, from below: {@code platform → mail → account → client → library →
   * health → week → session → person → routine → programme → progress}, and above them what shows
   * or carries out.
   */
  @ArchTest
  static final ArchRule floors_are_only_entered_from_above =
      floors(
          List.of("platform"),
          List.of("standin"),
          List.of("mail"),
          List.of("account"),
          List.of("client"),
          List.of("hand"),
          List.of("library"),
          List.of("health", "live", "setup"),
          List.of("week"),
          List.of("session"),
          List.of("person"),
          List.of("routine"),
          List.of("programme"),
          List.of("progress"),
          List.of("log", "today", "calendar", "reminder", "workshop"),
          List.of("measure"),
          List.of("demo"));

  /** Rooms of one floor do not know one another either. */
  @SafeVarargs
  private static ArchRule floors(List<String>... floors) {
    Architectures.LayeredArchitecture house =
        layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .ensureAllClassesAreContainedInArchitectureIgnoring("org.nimblet.server");
    for (List<String> floor : floors) {
      for (String room : floor) {
        house = house.layer(room).definedBy("org.nimblet.server." + room + "..");
      }
    }
    List<String> below = new ArrayList<>();
    for (List<String> floor : floors) {
      for (String room : floor) {
        house =
            below.isEmpty()
                ? house.whereLayer(room).mayNotAccessAnyLayer()
                : house.whereLayer(room).mayOnlyAccessLayers(below.toArray(String[]::new));
      }
      below.addAll(floor);
    }
    return house.because(
        "a room that knows what stands on it cannot be changed or read alone; whoever is above"
            + " listens to PersonChanged or hands over what is needed");
  }

  @ArchTest
  static final ArchRule controllers_only_translate =
      noClasses()
          .that()
          .areAnnotatedWith(RestController.class)
          .should()
          .dependOnClassesThat()
          .areAssignableTo(Repository.class)
          .orShould()
          .dependOnClassesThat(
              describe(
                  "are another controller", target -> target.isAnnotatedWith(RestController.class)))
          .because("what is decided or stored belongs to a service, where everybody finds it");

  /** Lines of a file that one can see at once. */
  private static final int LONGEST_CONTROLLER = 150;

  @ArchTest
  static void controllers_are_short(JavaClasses classes) throws IOException {
    List<String> tooLong = new ArrayList<>();
    for (JavaClass one : classes) {
      if (one.isAnnotatedWith(RestController.class)) {
        Path file = Path.of("src/main/java", one.getName().replace('.', '/') + ".java");
        int lines = Files.readAllLines(file).size();
        if (lines > LONGEST_CONTROLLER) {
          tooLong.add("%s: %d lines".formatted(one.getSimpleName(), lines));
        }
      }
    }
    assertThat(tooLong).as("controllers over %d lines", LONGEST_CONTROLLER).isEmpty();
  }
}
