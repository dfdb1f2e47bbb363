package org.nimblet.bench;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.routine.PersonAudit;
import org.nimblet.core.routine.PersonAudit.Outcome;
import org.nimblet.core.routine.PersonAudit.Way;

/**
 * Composes, pins, repairs and plans for many seeded people, each with one purpose, one length and
 * one time to play, and counts what breaks a rule.
 */
public final class SafetyRun {

  private static final int PEOPLE = 100_000;
  private static final int SHOWN = 20;

  private SafetyRun() {}

  /**
   * Prints the counts; ends with a failure if anything is broken.
   *
   * @param arguments how many people, 100 000 unless said
   */
  public static void main(String[] arguments) {
    int people = arguments.length > 0 ? Integer.parseInt(arguments[0]) : PEOPLE;
    System.out.println(report(people));
  }

  /**
   * One line a way.
   *
   * @throws IllegalStateException if a rule was broken, with the first seeds that show it
   */
  public static String report(int people) {
    PersonAudit audit = new PersonAudit(ExerciseLibrary.shipped());
    StringBuilder text = new StringBuilder("Of %,d people each:%n".formatted(people));
    Map<String, String> broken = new TreeMap<>();
    for (Way way : Way.values()) {
      AtomicInteger made = new AtomicInteger();
      List<String> found =
          LongStream.range(0, people)
              .parallel()
              .mapToObj(
                  seed -> {
                    Outcome outcome = audit.of(way, seed);
                    made.addAndGet(outcome.made() ? 1 : 0);
                    return outcome.broken().isEmpty() ? "" : seed + ": " + outcome.broken();
                  })
              .filter(line -> !line.isEmpty())
              .toList();
      text.append(
          "%-9s %,7d made, %,7d refused, %d broken%n"
              .formatted(way, made.get(), people - made.get(), found.size()));
      if (!found.isEmpty()) {
        broken.put(way.toString(), found.stream().limit(SHOWN).collect(Collectors.joining("\n")));
      }
    }
    if (!broken.isEmpty()) {
      throw new IllegalStateException(text + "\n" + broken);
    }
    return text.toString();
  }
}
