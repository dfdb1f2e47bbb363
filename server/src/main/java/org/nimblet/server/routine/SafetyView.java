package org.nimblet.server.routine;

import java.util.List;
import org.nimblet.core.routine.SafetyNote;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;
import org.nimblet.server.person.Person;

/**
 * What is said before work begins, and when it stops: in words, and in numbers that the stage acts
 * on.
 *
 * @param notes what stands against work as things are
 * @param asksBefore whether it is the first session of the day, so that pain is asked for before it
 */
public record SafetyView(
    List<String> stopRules,
    List<SafetyNote> notes,
    boolean asksBefore,
    int endingPain,
    int easierUpToPain,
    List<Sensation> endingSensations,
    List<Sensation> endingWithPain,
    List<Sensation> endingStep,
    String advice) {

  /** As things are with somebody now. */
  public static SafetyView of(Person person) {
    return new SafetyView(
        SafetyRules.STOP_RULES,
        SafetyNote.of(person.health()),
        person.past().stream().noneMatch(done -> done.date().equals(person.today())),
        SafetyRules.ENDING_PAIN,
        SafetyRules.EASIER_UP_TO_PAIN,
        SafetyRules.ENDING_SENSATIONS.stream().sorted().toList(),
        SafetyRules.ENDING_WITH_PAIN.stream().sorted().toList(),
        SafetyRules.STEP_ENDING_SENSATIONS.stream().sorted().toList(),
        SafetyRules.ADVICE);
  }
}
