package org.nimblet.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.Choice;
import org.nimblet.core.routine.Composition.Composed;
import org.nimblet.core.routine.ReferenceClient;
import org.nimblet.core.routine.Step;

/** Prints four weeks of one reference client as tapes, so that a coach can read them. */
public final class TasteRun {

  private static final int SECONDS_A_SIGN = 10;

  private TasteRun() {}

  /**
   * Prints the days.
   *
   * @param arguments the client, the desk worker unless said; perhaps for how many days, for which
   *     purpose and how many minutes
   */
  public static void main(String[] arguments) {
    ReferenceClient client =
        ReferenceClient.named(arguments.length > 0 ? arguments[0] : "desk-worker");
    int shown = arguments.length > 1 ? Integer.parseInt(arguments[1]) : ReferenceClient.DAYS;
    Purpose purpose =
        arguments.length > 2
            ? Purpose.valueOf(arguments[2].toUpperCase(Locale.ROOT).replace('-', '_'))
            : client.purpose();
    int minutes = arguments.length > 3 ? Integer.parseInt(arguments[3]) : client.minutes();
    List<Composed> days = client.days(ExerciseLibrary.shipped(), purpose, minutes);
    System.out.printf(
        "%s: %s of %d min, %s, likes %s%n",
        client.name().toLowerCase(Locale.ROOT).replace('_', ' '),
        purpose.word(),
        minutes,
        client.discipline().word(),
        client.method().word());
    Set<String> before = new HashSet<>();
    for (int day = 0; day < Math.min(shown, days.size()); day++) {
      Composed composed = days.get(day);
      Set<String> ids = ReferenceClient.ids(composed);
      long shared = ids.stream().filter(before::contains).count();
      System.out.printf(
          "%nday %d, %d:%02d%s%n",
          day + 1,
          composed.cueSheet().lengthMillis() / 60_000,
          composed.cueSheet().lengthMillis() / 1000 % 60,
          day == 0 ? "" : ", %d of %d as the day before".formatted(shared, ids.size()));
      for (int i = 0; i < composed.steps().size(); i++) {
        Step step = composed.steps().get(i);
        Choice choice = composed.choices().get(i);
        int seconds = (int) (composed.cueSheet().stepMillis(i) / 1000);
        System.out.printf(
            "  %-14s %-8s %s %s, %s%n      %s%n",
            "=".repeat(Math.max(1, seconds / SECONDS_A_SIGN)),
            seconds + " s",
            before.contains(step.exercise().id()) ? " " : "+",
            step.exercise().title(),
            step.exercise().doseText(client.method(), Notation.NAMES).format(step.dose()),
            choice.sentence());
      }
      before = ids;
    }
  }
}
