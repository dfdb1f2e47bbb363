package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Pain.Course;

/** What dated words about one place add up to. */
public final class PainHistory {

  /** Pain that was about the same for so long is steady (common practice, no source). */
  public static final int STEADY_DAYS = 14;

  private PainHistory() {}

  /**
   * The pain of one place today.
   *
   * @param readings every word about this place; those of one day in the order they were said
   * @param felt since when it has been there, if the person said so
   * @param today the person's date
   * @return empty if nothing was ever said about it
   */
  public static Optional<Pain> now(
      List<PainReading> readings, Optional<LocalDate> felt, LocalDate today) {
    return readings.stream()
        .sorted(Comparator.comparing(PainReading::date))
        .reduce((earlier, later) -> later)
        .map(
            last ->
                new Pain(last.side(), last.region(), last.level(), course(readings, felt, today)));
  }

  /**
   * Since when a pain is there, if its course as a person names it is to hold from today on; only a
   * rise that is on record counts before their word.
   *
   * @param readings every word about this place so far, none if this is the first
   * @param felt since when it has been there, if that was said before
   * @param named the course as it is named today
   * @return what was said before if it already comes to that course, else the latest day that does
   */
  public static Optional<LocalDate> since(
      List<PainReading> readings, Optional<LocalDate> felt, Course named, LocalDate today) {
    boolean known = readings.stream().anyMatch(reading -> reading.level() > 0);
    if (known && course(readings, felt, today) == named) {
      return felt;
    }
    return Optional.of(named == Course.STEADY ? today.minusDays(STEADY_DAYS) : today);
  }

  /**
   * New if first felt, or risen by two or more, within two weeks; a person's own word about since
   * when counts as the first time.
   */
  static Course course(List<PainReading> readings, Optional<LocalDate> felt, LocalDate today) {
    List<PainReading> ordered =
        readings.stream().sorted(Comparator.comparing(PainReading::date)).toList();
    LocalDate since = today.minusDays(STEADY_DAYS);
    LocalDate first =
        felt.or(
                () ->
                    ordered.stream()
                        .filter(reading -> reading.level() > 0)
                        .map(PainReading::date)
                        .findFirst())
            .orElse(today);
    if (first.isAfter(since)) {
      return Course.NEW;
    }
    int last = ordered.get(ordered.size() - 1).level();
    int before =
        ordered.stream()
            .filter(reading -> !reading.date().isBefore(since))
            .mapToInt(PainReading::level)
            .min()
            .orElse(last);
    return last - before >= AttentionRules.RISE ? Course.NEW : Course.STEADY;
  }
}
