package org.nimblet.core.routine;

import java.util.List;
import org.nimblet.core.exercise.Purpose;

/** What the composer answers: a routine with its reasons, or why there is none. */
public sealed interface Composition {

  /**
   * A routine.
   *
   * @param purpose what it is for
   * @param steps in order
   * @param cueSheet the steps as cues
   * @param choices why each step was taken, in the order of the steps
   * @param rejections why each other exercise was left out, by identifier
   * @param shortPhases phases that stay under their least
   * @param halfPoints the value of the choice, in half points
   */
  record Composed(
      Purpose purpose,
      List<Step> steps,
      CueSheet cueSheet,
      List<Choice> choices,
      List<Rejection> rejections,
      List<ShortPhase> shortPhases,
      long halfPoints)
      implements Composition {

    /** Copies the lists. */
    public Composed {
      steps = List.copyOf(steps);
      choices = List.copyOf(choices);
      rejections = List.copyOf(rejections);
      shortPhases = List.copyOf(shortPhases);
    }
  }

  /**
   * No routine.
   *
   * @param reason why, for people
   * @param rejections why each exercise was left out
   */
  record NotComposed(String reason, List<Rejection> rejections) implements Composition {

    /** Copies the list. */
    public NotComposed {
      rejections = List.copyOf(rejections);
    }
  }

  /**
   * A phase that got less than it should.
   *
   * @param phase its name
   * @param gotSeconds what it got
   * @param leastSeconds what it should have got
   * @param cause why, for people
   */
  record ShortPhase(String phase, int gotSeconds, int leastSeconds, String cause) {
    /** For people: "Stretch: 40 s of 1 min; everything that is allowed in it is there." */
    public String sentence() {
      String ended = cause.endsWith(".") ? cause : cause + ".";
      return "%s: %s of %s; %s"
          .formatted(phase, TimeWords.words(gotSeconds), TimeWords.words(leastSeconds), ended);
    }
  }
}
