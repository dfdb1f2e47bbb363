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
          .layer("schedule")
          .definedBy("..schedule..")
          .layer("routine")
          .definedBy("..routine..")
          .layer("exercise")
          .definedBy("..exercise..")
          .layer("anatomy")
          .definedBy("..anatomy..")
          .layer("progress")
          .definedBy("..progress..")
          .whereLayer("progress")
          .mayOnlyAccessLayers("routine", "exercise", "anatomy")
          .whereLayer("schedule")
          .mayOnlyAccessLayers("routine", "exercise", "anatomy")
          .whereLayer("routine")
          .mayOnlyAccessLayers("exercise", "anatomy")
          .whereLayer("exercise")
          .mayOnlyAccessLayers("anatomy")
          .whereLayer("anatomy")
          .mayNotAccessAnyLayer();

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
