package org.nimblet.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.nimblet.core.exercise.AtHand;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.nimblet.server.library.OwnExerciseService.Outcome;

/** What goes over the wire about own exercises. */
final class LibraryForms {

  private LibraryForms() {}

  /** What somebody can use. */
  record AtHandForm(
      @NotNull(message = "Choose from those listed, or none.") Set<@NotNull Position> positions,
      @NotNull(message = "Choose from those listed, or none.") Set<@NotNull Thing> things) {}

  /**
   * How far the library reaches with it.
   *
   * @param waiting what the others wait for, the most first
   * @param standIns what stands for each thing that is not there, if something can
   */
  record AtHandView(
      int all,
      int usable,
      int withStandIn,
      List<WaitingView> waiting,
      Map<Thing, NearestStandIn> standIns) {

    static AtHandView of(AtHand atHand) {
      Stream<WaitingView> positions =
          atHand.waitingForPosition().entrySet().stream()
              .map(e -> new WaitingView("a place " + e.getKey().word(), e.getValue()));
      Stream<WaitingView> things =
          atHand.waitingForThing().entrySet().stream()
              .map(e -> new WaitingView(e.getKey().word(), e.getValue()));
      Map<Thing, NearestStandIn> standIns = new EnumMap<>(Thing.class);
      atHand
          .standIns()
          .forEach((thing, s) -> standIns.put(thing, new NearestStandIn(s.standIn(), s.words())));
      return new AtHandView(
          atHand.all(),
          atHand.usable(),
          atHand.withStandIn(),
          Stream.concat(positions, things)
              .sorted(Comparator.comparingInt(WaitingView::exercises).reversed())
              .toList(),
          standIns);
    }
  }

  /** How many exercises wait for a position or a thing. */
  record WaitingView(String word, int exercises) {}

  /** What stands for a thing, and what to mind. */
  record NearestStandIn(Thing thing, String words) {}

  /** A version of an own exercise. */
  record VersionView(int number, Instant savedAt) {}

  /** A form with what it is the form of. */
  record FormView(@Schema(nullable = true) String exerciseId, ExerciseForm form) {}

  /** A text with exercises, YAML or JSON. */
  record ImportForm(
      @NotNull(message = "The text of a file.")
          @Size(max = 1_000_000, message = "At most 1 MB of text.")
          String text) {}

  /** An entry that was taken in. */
  record TakenView(String id, String title, Outcome outcome) {}

  /** An entry, or a field of it, that was not. */
  record RefusedView(String entry, String field, String message) {}

  /** What an import did. */
  record ImportView(List<TakenView> taken, List<RefusedView> refused) {}
}
