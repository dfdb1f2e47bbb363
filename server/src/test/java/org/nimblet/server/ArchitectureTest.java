package org.nimblet.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
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

  @ArchTest
  static final ArchRule features_do_not_go_round_in_circles =
      slices().matching("org.nimblet.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule the_platform_knows_no_feature =
      noClasses()
          .that()
          .resideInAPackage("..server.platform..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "..server.account..",
              "..server.client..",
              "..server.week..",
              "..server.routine..",
              "..server.session..",
              "..server.today..",
              "..server.demo..");
}
