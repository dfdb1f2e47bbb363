package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;

/**
 * What was decided once and is decided otherwise now, because something about it was told anew.
 *
 * @param exerciseId of whose ladder
 * @param title of the exercise
 * @param date of which session
 * @param was the sentence before; empty if nothing was decided there
 * @param now the sentence after; empty if nothing is decided there any more
 */
public record ChangedDecision(
    String exerciseId, String title, Side side, LocalDate date, String was, String now) {

  private static final Comparator<ChangedDecision> ORDER =
      Comparator.comparing(ChangedDecision::date)
          .thenComparing(ChangedDecision::title)
          .thenComparing(ChangedDecision::side);

  /** Where a decision stands. */
  private record Place(LocalDate date, Side side, Optional<UUID> session) {}

  /** All differences between two folds of a person's log, the earliest first. */
  public static List<ChangedDecision> between(Progress before, Progress after) {
    Set<String> exercises = new TreeSet<>(before.stories().keySet());
    exercises.addAll(after.stories().keySet());
    List<ChangedDecision> changed = new ArrayList<>();
    for (String exercise : exercises) {
      Optional<LadderStory> old = before.story(exercise);
      Optional<LadderStory> young = after.story(exercise);
      String title = young.or(() -> old).orElseThrow().exercise().title();
      Map<Place, String> was = sentences(old);
      Map<Place, String> now = sentences(young);
      Map<Place, String> places = new HashMap<>(was);
      places.putAll(now);
      places
          .keySet()
          .forEach(
              place -> {
                String first = was.getOrDefault(place, "");
                String second = now.getOrDefault(place, "");
                if (!first.equals(second)) {
                  changed.add(
                      new ChangedDecision(
                          exercise, title, place.side(), place.date(), first, second));
                }
              });
    }
    changed.sort(ORDER);
    return List.copyOf(changed);
  }

  private static Map<Place, String> sentences(Optional<LadderStory> story) {
    Map<Place, String> sentences = new HashMap<>();
    story.ifPresent(
        one ->
            one.decisions()
                .forEach(
                    decision ->
                        sentences.merge(
                            new Place(decision.date(), decision.side(), decision.sessionId()),
                            DecisionWords.sentence(decision, one.ladder()),
                            (a, b) -> a + " " + b)));
    return sentences;
  }
}
