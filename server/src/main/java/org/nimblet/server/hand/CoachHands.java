package org.nimblet.server.hand;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.CoachHand;
import org.nimblet.core.routine.CoachHand.Habit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the hand of each coach. */
@Service
public class CoachHands {

  private final CoachHandRows rows;

  CoachHands(CoachHandRows rows) {
    this.rows = rows;
  }

  /**
   * The hand of a coach for every purpose.
   *
   * @param on whether it moves anything
   * @param habits what was seen in what they keep
   * @param byHand what they have set instead, per cent
   */
  public record Hands(
      boolean on,
      Map<Purpose, Map<String, Habit>> habits,
      Map<Purpose, Map<String, Integer>> byHand) {

    /** A coach who has kept nothing yet. */
    public static final Hands NEW = new Hands(true, Map.of(), Map.of());

    /** The hand for a purpose; even where it is switched off. */
    public CoachHand of(Purpose purpose) {
      return on
          ? CoachHand.of(
              habits.getOrDefault(purpose, Map.of()), byHand.getOrDefault(purpose, Map.of()))
          : CoachHand.EVEN;
    }
  }

  /** The hand of one coach. */
  public Hands of(UUID coachId) {
    return rows.findById(coachId).map(CoachHands::hands).orElse(Hands.NEW);
  }

  private static Hands hands(CoachHandRow row) {
    return new Hands(row.switchedOn, row.habits, row.byHand);
  }

  /** Writes down what is seen in all that a coach keeps. */
  @Transactional
  public void seen(UUID coachId, Map<Purpose, Map<String, Habit>> habits) {
    CoachHandRow row = row(coachId);
    if (!row.habits.equals(habits)) {
      row.habits = habits;
      rows.saveAndFlush(row);
    }
  }

  /** Lets it move what is composed, or not. */
  @Transactional
  public void switchOn(UUID coachId, boolean on) {
    CoachHandRow row = row(coachId);
    row.switchedOn = on;
    rows.saveAndFlush(row);
  }

  /**
   * Sets by hand what an exercise counts.
   *
   * @param percent empty to leave it to what is seen again
   */
  @Transactional
  public void set(UUID coachId, Purpose purpose, String exerciseId, Optional<Integer> percent) {
    CoachHandRow row = row(coachId);
    Map<Purpose, Map<String, Integer>> all = new HashMap<>(row.byHand);
    Map<String, Integer> own = new HashMap<>(all.getOrDefault(purpose, Map.of()));
    percent.ifPresentOrElse(value -> own.put(exerciseId, value), () -> own.remove(exerciseId));
    all.put(purpose, own);
    row.byHand = all;
    rows.saveAndFlush(row);
  }

  private CoachHandRow row(UUID coachId) {
    return rows.findById(coachId)
        .orElseGet(
            () -> {
              CoachHandRow made = new CoachHandRow();
              made.coachId = coachId;
              return made;
            });
  }
}
