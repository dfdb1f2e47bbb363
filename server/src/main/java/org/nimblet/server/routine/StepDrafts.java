package org.nimblet.server.routine;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DoseText;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Substitution;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Ways;
import org.nimblet.core.routine.ClientFacts;
import org.nimblet.core.routine.RoutineRequest;
import org.nimblet.core.routine.Step;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.library.CoachLibrary;
import org.nimblet.server.platform.InvalidFieldException;
import org.springframework.stereotype.Component;

/** Steps as they go over the wire and are stored, and back. */
@Component
class StepDrafts {

  /** What a routine on the bench is made of is read again with every change of it. */
  private static final int REMEMBERED = 5000;

  private final CoachLibraries libraries;
  private final Cache<Written, Dose> doses = Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  StepDrafts(CoachLibraries libraries) {
    this.libraries = libraries;
  }

  /**
   * A step as it is worked on.
   *
   * @param key tells steps apart while they are worked on
   * @param dose the dose in words that say everything by themselves
   * @param firstSide the side that goes first; where one side works alone because of what its hand
   *     is for, the person's activities say which, whatever is written here
   * @param circuit the number of the circuit in which it is a set; null or 0 by itself
   * @param typed a dose as a person typed it, in their own notation; counts before {@code dose}
   */
  record StepDraft(
      @NotBlank(message = "Anything that tells the steps apart.")
          @Size(max = 60, message = "Up to 60 characters.")
          String key,
      @NotNull(message = "An exercise of the library.") String exerciseId,
      int exerciseVersion,
      @NotNull(message = "The dose.") @Size(max = 200, message = "Up to 200 characters.")
          String dose,
      @Schema(nullable = true) @Size(max = 200, message = "Up to 200 characters.") String typed,
      @NotNull(message = "One of the positions.") Position position,
      @NotNull(message = "Left or right.") Side firstSide,
      boolean released,
      boolean pinned,
      @Schema(nullable = true)
          @Min(value = 0, message = CIRCUIT_RULE)
          @Max(value = 60, message = CIRCUIT_RULE)
          Integer circuit) {

    private static final String CIRCUIT_RULE = "0 for a step by itself, or a number up to 60.";

    /** The same, its first side another. */
    StepDraft startingWith(Side side) {
      return new StepDraft(
          key, exerciseId, exerciseVersion, dose, typed, position, side, released, pinned, circuit);
    }
  }

  /** A step with the draft it was read from, and what was wrong with a typed dose. */
  record ReadStep(StepDraft draft, Step step, Optional<String> typedWrong) {}

  /**
   * Reads steps.
   *
   * @param asked for whom
   * @throws InvalidFieldException if an exercise is unknown or a stored dose does not read
   */
  List<ReadStep> read(CoachLibrary library, RoutineRequest asked, List<StepDraft> drafts) {
    List<ReadStep> read = new ArrayList<>();
    for (int i = 0; i < drafts.size(); i++) {
      read.add(read(library, asked, drafts.get(i), "steps[%d]".formatted(i)));
    }
    return read;
  }

  private ReadStep read(CoachLibrary library, RoutineRequest asked, StepDraft draft, String field) {
    ClientFacts facts = asked.facts();
    Exercise exercise =
        (draft.exerciseVersion() == library.versionOf(draft.exerciseId())
                ? library.find(draft.exerciseId())
                : libraries.version(library.coachId(), draft.exerciseId(), draft.exerciseVersion()))
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        field + ".exerciseId",
                        "(%s) is no exercise of the library.".formatted(draft.exerciseId())));
    Dose dose = stored(exercise, draft, field);
    Optional<String> wrong = Optional.empty();
    Side first = draft.firstSide();
    if (draft.typed() != null) {
      try {
        dose = exercise.doseText(facts.method(), facts.notation()).parse(draft.typed());
        first = DoseText.sideOf(draft.typed()).orElse(first);
      } catch (IllegalArgumentException e) {
        wrong = Optional.of(e.getMessage());
      }
    }
    if (dose.laterality() == Laterality.WORKING_SIDE) {
      first = asked.workingSide(exercise);
    }
    Map<Thing, Substitution> standIns =
        Substitution.resolve(exercise.demands().things(), facts.things()).orElse(Map.of());
    return new ReadStep(
        draft.startingWith(first),
        new Step(
            exercise,
            dose,
            draft.position(),
            first,
            standIns,
            draft.released(),
            asked.use().digitsFor(exercise),
            draft.circuit() == null ? 0 : draft.circuit()),
        wrong);
  }

  /** A dose in words, in the language of an exercise with such ways. */
  private record Written(Ways ways, String dose) {
    Dose read() {
      return DoseText.complete(Notation.NAMES, ways).parse(dose);
    }
  }

  private Dose stored(Exercise exercise, StepDraft draft, String field) {
    if (draft.dose().isBlank()) {
      return exercise.doseFor(exercise.usualMethod()).usual();
    }
    try {
      return doses.get(new Written(exercise.guidance().ways(), draft.dose()), Written::read);
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException(field + ".dose", e.getMessage());
    }
  }

  private static DoseText language(Exercise exercise) {
    return DoseText.complete(Notation.NAMES, exercise.guidance().ways());
  }

  /** A key that no other step has. */
  static String newKey() {
    return "new-" + UUID.randomUUID();
  }

  /** A step as a draft. */
  static StepDraft draft(CoachLibrary library, Step step, String key, boolean pinned) {
    return new StepDraft(
        key,
        step.exercise().id(),
        library.versionOf(step.exercise().id()),
        language(step.exercise()).format(step.dose()),
        null,
        step.position(),
        step.firstSide(),
        step.released(),
        pinned,
        step.circuit() == 0 ? null : step.circuit());
  }

  /** Steps as drafts; a step that was there before, or its exercise, keeps its key. */
  static List<StepDraft> drafts(CoachLibrary library, List<Step> steps, List<ReadStep> before) {
    List<ReadStep> left = new ArrayList<>(before);
    Map<Integer, ReadStep> same = new HashMap<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Optional<ReadStep> found = left.stream().filter(read -> read.step().equals(step)).findFirst();
      if (found.isPresent()) {
        left.remove(found.get());
        same.put(i, found.get());
      }
    }
    List<StepDraft> drafts = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      if (same.containsKey(i)) {
        drafts.add(same.get(i).draft());
        continue;
      }
      Optional<ReadStep> changed =
          left.stream().filter(r -> r.step().exercise().equals(step.exercise())).findFirst();
      changed.ifPresent(left::remove);
      drafts.add(
          draft(
              library,
              step,
              changed.map(read -> read.draft().key()).orElseGet(StepDrafts::newKey),
              changed.map(read -> read.draft().pinned()).orElse(false)));
    }
    return drafts;
  }
}
