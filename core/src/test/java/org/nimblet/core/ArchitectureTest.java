package org.nimblet.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;

@AnalyzeClasses(packages = "org.nimblet.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule arrows_only_point_downward =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .ensureAllClassesAreContainedInArchitectureIgnoring("org.nimblet.core")
          .layer("anatomy")
          .definedBy("..anatomy..")
          .layer("exercise")
          .definedBy("..exercise..")
          .layer("drill")
          .definedBy("..drill..")
          .layer("measure")
          .definedBy("..measure..")
          .layer("routine")
          .definedBy("..routine..")
          .layer("session")
          .definedBy("..session..")
          .layer("progress")
          .definedBy("..progress..")
          .layer("schedule")
          .definedBy("..schedule..")
          .layer("setup")
          .definedBy("..setup..")
          .whereLayer("anatomy")
          .mayNotAccessAnyLayer()
          .whereLayer("exercise")
          .mayOnlyAccessLayers("anatomy")
          .whereLayer("drill")
          .mayOnlyAccessLayers("exercise", "anatomy")
          .whereLayer("measure")
          .mayOnlyAccessLayers("drill", "exercise", "anatomy")
          .whereLayer("routine")
          .mayOnlyAccessLayers("drill", "exercise", "anatomy")
          .whereLayer("session")
          .mayOnlyAccessLayers("exercise", "anatomy")
          .whereLayer("progress")
          .mayOnlyAccessLayers("session", "routine", "exercise", "anatomy")
          .whereLayer("schedule")
          .mayOnlyAccessLayers("session", "routine", "exercise", "anatomy")
          .whereLayer("setup")
          .mayOnlyAccessLayers("exercise", "anatomy")
          .because("each subject is to be read alone, from the hand upward");

  @ArchTest
  static final ArchRule the_core_knows_no_framework =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "org.hibernate..", "java.sql..", "java.net..")
          .because("the practice must be readable and testable without any of them");

  @ArchTest
  static final ArchRule time_is_an_argument =
      noClasses()
          .should()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(LocalDateTime.class, "now")
          .orShould()
          .callMethod(ZonedDateTime.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(Math.class, "random")
          .because("the same input must give the same output");
}
