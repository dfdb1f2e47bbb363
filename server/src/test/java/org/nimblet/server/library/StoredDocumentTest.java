package org.nimblet.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.LibraryWriter;
import org.nimblet.core.exercise.Units;

class StoredDocumentTest {

  private static final Exercise SHIPPED = ExerciseLibrary.shipped().find("ripple").orElseThrow();

  private static Exercise read(String document) {
    ExerciseLibrary.Reading reading = StoredDocument.read(document);
    assertThat(reading.problems()).isEmpty();
    return reading.good().get(0);
  }

  /** An exercise had two directions before it could have more ways. */
  @Test
  void directionsOfOldDocumentsAreWays() {
    String now = LibraryWriter.yaml(List.of(SHIPPED));
    String old =
        now.replace("ways: [from the little finger", "directions: [from the little finger")
            .replace("units: ways", "units: directions");
    assertThat(old).contains("directions: [", "units: directions").isNotEqualTo(now);
    Exercise read = read(old);
    assertThat(read.guidance().ways().names())
        .containsExactly("from the little finger", "from the index");
    assertThat(read.doseFor(read.usualMethod()).usual().units()).isEqualTo(Units.DIRECTIONS);
  }

  @Test
  void whatIsWrittenNowReadsBackTheSame() {
    assertThat(read(LibraryWriter.yaml(List.of(SHIPPED)))).isEqualTo(SHIPPED);
  }
}
