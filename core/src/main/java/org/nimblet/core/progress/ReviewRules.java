package org.nimblet.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.SafetyRules;

/**
 * What the rules make of some weeks of a programme. The numbers are common practice without a
 * source, or ours.
 */
public final class ReviewRules {

  /** From this share kept on, the number of sessions stays. */
  private static final int KEPT_WELL_PERCENT = 80;

  /** Below this share, fewer sessions that are kept are worth more than many that are not. */
  private static final int KEPT_BADLY_PERCENT = 60;

  /** Pain up to here that does not rise is gone on with. */
  private static final int STEADY_PAIN = 3;

  /** The usual difference between the dominant and the other side, per cent. */
  public static final int USUAL_DIFFERENCE_PERCENT = 10;

  /** From half as much again on, the stronger side waits. */
  private static final int GREAT_DIFFERENCE_PERCENT = 33;

  private static final int WEEK = 7;
  private static final int PERCENT = 100;

  private ReviewRules() {}

  /**
   * What is looked at.
   *
   * @param since the first date of it
   * @param until the last
   * @param planned how many sessions were planned
   * @param kept how many of them were done
   * @param pains what was told of pain, the earliest first
   * @param stories every ladder of the person
   */
  public record Weeks(
      LocalDate since,
      LocalDate until,
      int planned,
      int kept,
      List<PainReading> pains,
      Health health,
      List<LadderStory> stories) {

    /** Copies the lists. */
    public Weeks {
      pains = List.copyOf(pains);
      stories = List.copyOf(stories);
    }
  }

  /** An answer to every question, in their order. */
  public static List<ReviewFinding> findings(Weeks weeks) {
    return List.of(kept(weeks), pain(weeks), steps(weeks), sides(weeks));
  }

  private static ReviewFinding kept(Weeks weeks) {
    if (weeks.planned() == 0) {
      return new ReviewFinding(
          ReviewQuestion.KEPT, "Nothing was planned", "So nothing changes.", Verdict.MAINTAIN);
    }
    int percent = weeks.kept() * PERCENT / weeks.planned();
    String says = "%d of %d, %d %%".formatted(weeks.kept(), weeks.planned(), percent);
    if (percent >= KEPT_WELL_PERCENT) {
      return new ReviewFinding(
          ReviewQuestion.KEPT,
          says,
          "From %d %% on the number of sessions stays.".formatted(KEPT_WELL_PERCENT),
          Verdict.MAINTAIN);
    }
    return percent >= KEPT_BADLY_PERCENT
        ? new ReviewFinding(
            ReviewQuestion.KEPT,
            says,
            "Under %d %%: ask what stood in the way before anything is added."
                .formatted(KEPT_WELL_PERCENT),
            Verdict.MAINTAIN)
        : new ReviewFinding(
            ReviewQuestion.KEPT,
            says,
            "Under %d %%: fewer sessions that are kept are worth more."
                .formatted(KEPT_BADLY_PERCENT),
            Verdict.BACK_OFF);
  }

  /** A place that hurt: how much in the first week that speaks of it, and how much in the last. */
  record PlaceOfPain(Side side, String region, int first, int last) {
    String words() {
      return "%s %s %d to %d".formatted(side.word(), region, first, last);
    }
  }

  private static ReviewFinding pain(Weeks weeks) {
    List<PlaceOfPain> places = places(weeks);
    Optional<PlaceOfPain> worst =
        places.stream()
            .filter(place -> place.last() >= SafetyRules.ENDING_PAIN)
            .max(Comparator.comparingInt(PlaceOfPain::last));
    if (!weeks.health().signs().isEmpty()) {
      return new ReviewFinding(
          ReviewQuestion.PAIN,
          "A referral sign stands: " + weeks.health().signs().get(0).sign().word(),
          "Licensed practice comes first; nothing is stepped on meanwhile.",
          Verdict.REFER);
    }
    if (worst.isPresent()) {
      return new ReviewFinding(
          ReviewQuestion.PAIN,
          capital(worst.get().words()),
          "From %d on a clinician sees it first.".formatted(SafetyRules.ENDING_PAIN),
          Verdict.REFER);
    }
    if (places.isEmpty()) {
      return new ReviewFinding(
          ReviewQuestion.PAIN, "Nothing hurt", "The full dose.", Verdict.STEP_ON);
    }
    String says =
        capital(places.stream().limit(2).map(PlaceOfPain::words).collect(Collectors.joining("; ")));
    if (places.stream().anyMatch(place -> place.last() - place.first() >= AttentionRules.RISE)) {
      return new ReviewFinding(
          ReviewQuestion.PAIN,
          says,
          "A rise by %d and more is real: less of what loads it.".formatted(AttentionRules.RISE),
          Verdict.BACK_OFF);
    }
    return places.stream().allMatch(place -> place.last() <= STEADY_PAIN)
        ? new ReviewFinding(
            ReviewQuestion.PAIN,
            says,
            "Up to %d and not rising: the full dose.".formatted(STEADY_PAIN),
            Verdict.STEP_ON)
        : new ReviewFinding(
            ReviewQuestion.PAIN,
            says,
            "Over %d, and not rising: nothing is added.".formatted(STEADY_PAIN),
            Verdict.MAINTAIN);
  }

  /** The places that hurt, what hurts most now first. */
  private static List<PlaceOfPain> places(Weeks weeks) {
    Map<String, List<PainReading>> byPlace = new TreeMap<>();
    weeks.pains().stream()
        .filter(pain -> !pain.date().isBefore(weeks.since()))
        .filter(pain -> !pain.date().isAfter(weeks.until()))
        .forEach(
            pain ->
                byPlace
                    .computeIfAbsent(pain.side() + " " + pain.region(), p -> new ArrayList<>())
                    .add(pain));
    return byPlace.values().stream()
        .map(
            told -> {
              PainReading one = told.get(0);
              LocalDate first =
                  told.stream().map(PainReading::date).min(LocalDate::compareTo).get();
              return new PlaceOfPain(
                  one.side(),
                  one.region().word(),
                  worst(told, first, first.plusDays(WEEK - 1L)),
                  worst(told, weeks.until().minusDays(WEEK - 1L), weeks.until()));
            })
        .filter(place -> place.first() > 0 || place.last() > 0)
        .sorted(Comparator.comparingInt((PlaceOfPain place) -> -place.last()))
        .toList();
  }

  private static int worst(List<PainReading> told, LocalDate from, LocalDate to) {
    return told.stream()
        .filter(pain -> !pain.date().isBefore(from) && !pain.date().isAfter(to))
        .mapToInt(PainReading::level)
        .max()
        .orElse(0);
  }

  /**
   * How a ladder went.
   *
   * @param climbed by how many rungs, on the side that climbed most; less than none if it fell
   */
  public record Climb(LadderStory story, int climbed, boolean stuck) {}

  /** How each ladder that was spoken of went, what climbed most first. */
  public static List<Climb> climbs(Weeks weeks) {
    List<Climb> climbs = new ArrayList<>();
    for (LadderStory story : weeks.stories()) {
      if (story.ladder().last() == 0) {
        continue;
      }
      Map<Side, Integer> moved = new EnumMap<>(Side.class);
      story.decisions().stream()
          .filter(decision -> !decision.date().isBefore(weeks.since()))
          .forEach(
              decision ->
                  moved.merge(decision.side(), decision.to() - decision.from(), Integer::sum));
      if (!moved.isEmpty()) {
        climbs.add(
            new Climb(
                story,
                moved.values().stream().mapToInt(Integer::intValue).max().orElse(0),
                story.sides().stream().anyMatch(story::isStuck)));
      }
    }
    climbs.sort(
        Comparator.comparingInt((Climb climb) -> -climb.climbed())
            .thenComparing(climb -> climb.story().exercise().title()));
    return List.copyOf(climbs);
  }

  private static ReviewFinding steps(Weeks weeks) {
    List<Climb> climbs = climbs(weeks);
    long up = climbs.stream().filter(climb -> climb.climbed() > 0).count();
    long down = climbs.stream().filter(climb -> climb.climbed() < 0).count();
    long stuck = climbs.stream().filter(Climb::stuck).count();
    if (climbs.isEmpty()) {
      return new ReviewFinding(
          ReviewQuestion.STEPS, "Nothing was judged", "So nothing changes.", Verdict.MAINTAIN);
    }
    String says =
        "%d climbed, %d fell, %d held %d times"
            .formatted(up, down, stuck, ProgressRules.HOLDS_TO_TELL);
    if (down > up) {
      return new ReviewFinding(
          ReviewQuestion.STEPS,
          says,
          "More fell than climbed: everything goes one rung back.",
          Verdict.BACK_OFF);
    }
    return stuck > 0
        ? new ReviewFinding(
            ReviewQuestion.STEPS,
            says,
            "What climbs goes on; what held goes one rung back and comes again.",
            Verdict.STEP_ON)
        : new ReviewFinding(
            ReviewQuestion.STEPS, says, "They go on by their rules.", Verdict.MAINTAIN);
  }

  /**
   * How far the sides of a ladder are apart.
   *
   * @param percent how much less the left does than the right; more if it is below 0
   */
  public record Apart(LadderStory story, int percent) {}

  /** How far the sides of each ladder are apart, what is furthest apart first. */
  public static List<Apart> apart(Weeks weeks) {
    return weeks.stories().stream()
        .filter(story -> story.sides().size() == 2 && story.ladder().last() > 0)
        .map(
            story -> {
              long left = story.ladder().volume(story.rung(Side.LEFT, weeks.until()));
              long right = story.ladder().volume(story.rung(Side.RIGHT, weeks.until()));
              long larger = Math.max(left, right);
              return new Apart(story, larger == 0 ? 0 : (int) ((right - left) * PERCENT / larger));
            })
        .sorted(
            Comparator.comparingInt((Apart one) -> -Math.abs(one.percent()))
                .thenComparing(one -> one.story().exercise().title()))
        .toList();
  }

  private static ReviewFinding sides(Weeks weeks) {
    List<Apart> apart = apart(weeks);
    if (apart.isEmpty()) {
      return new ReviewFinding(
          ReviewQuestion.SIDES,
          "Nothing was done on both sides",
          "So nothing changes.",
          Verdict.MAINTAIN);
    }
    int most = Math.abs(apart.get(0).percent());
    String lesser = apart.get(0).percent() > 0 ? "left" : "right";
    String says = most == 0 ? "Both alike" : "%d %% apart at most".formatted(most);
    if (most <= USUAL_DIFFERENCE_PERCENT) {
      return new ReviewFinding(
          ReviewQuestion.SIDES,
          says,
          "Inside the usual %d %%.".formatted(USUAL_DIFFERENCE_PERCENT),
          Verdict.MAINTAIN);
    }
    return most < GREAT_DIFFERENCE_PERCENT
        ? new ReviewFinding(
            ReviewQuestion.SIDES,
            says,
            "Beyond the usual %d %%: the %s goes first and is not forced to match."
                .formatted(USUAL_DIFFERENCE_PERCENT, lesser),
            Verdict.MAINTAIN)
        : new ReviewFinding(
            ReviewQuestion.SIDES,
            says,
            "From half as much again on the stronger side goes one rung back and waits.",
            Verdict.BACK_OFF);
  }

  // ---- what follows

  /** Where the number of sessions goes. */
  public enum Sessions {
    FEWER,
    AS_NOW,
    MORE
  }

  /**
   * What the verdicts make of how often something comes.
   *
   * @param tires whether it tires the hands
   */
  public static Sessions sessions(Map<ReviewQuestion, Verdict> verdicts, boolean tires) {
    Verdict kept = verdicts.getOrDefault(ReviewQuestion.KEPT, Verdict.MAINTAIN);
    Verdict pain = verdicts.getOrDefault(ReviewQuestion.PAIN, Verdict.MAINTAIN);
    if (isReferred(verdicts)) {
      return Sessions.AS_NOW;
    }
    if (kept == Verdict.BACK_OFF || (pain == Verdict.BACK_OFF && tires)) {
      return Sessions.FEWER;
    }
    return kept == Verdict.STEP_ON && pain != Verdict.BACK_OFF ? Sessions.MORE : Sessions.AS_NOW;
  }

  /** Whether a clinician sees it before anything changes. */
  public static boolean isReferred(Map<ReviewQuestion, Verdict> verdicts) {
    return verdicts.containsValue(Verdict.REFER);
  }

  /** After a referral one looks again so soon, in weeks (ours). */
  public static final int WEEKS_AFTER_REFERRAL = 1;

  /** One looks again after so many weeks at the most, and at the least (ours). */
  private static final int MOST_WEEKS = 12;

  private static final int LEAST_WEEKS = 2;

  /** So many days short of a week still make one (ours). */
  private static final int NEARLY = 2;

  /**
   * After how many weeks one looks again.
   *
   * @param before after how many days one has looked this time
   */
  public static int weeks(Map<ReviewQuestion, Verdict> verdicts, long before) {
    return isReferred(verdicts)
        ? WEEKS_AFTER_REFERRAL
        : (int) Math.max(LEAST_WEEKS, Math.min(MOST_WEEKS, (before + NEARLY) / WEEK));
  }

  /**
   * A side that goes one rung back.
   *
   * @param to the rung it goes on from
   */
  public record RungBack(LadderStory story, Side side, int to) {
    /** What comes of it, as words: "back to 75, was 85". */
    public String words() {
      return "back to %s, was %s"
          .formatted(
              story.ladder().rungs().get(to).words(), story.ladder().rungs().get(to + 1).words());
    }

    /** What is left where it is, as words: "stays at 85". */
    public String wordsOfStaying() {
      return "stays at " + story.ladder().rungs().get(to + 1).words();
    }
  }

  /** The sides that the verdicts send one rung back. */
  public static List<RungBack> rungsBack(Weeks weeks, Map<ReviewQuestion, Verdict> verdicts) {
    if (isReferred(verdicts)) {
      return List.of();
    }
    Verdict steps = verdicts.getOrDefault(ReviewQuestion.STEPS, Verdict.MAINTAIN);
    Verdict sides = verdicts.getOrDefault(ReviewQuestion.SIDES, Verdict.MAINTAIN);
    List<RungBack> back = new ArrayList<>();
    for (Climb climb : climbs(weeks)) {
      for (Side side : climb.story().sides().stream().sorted().toList()) {
        boolean falls =
            steps == Verdict.BACK_OFF
                || (steps == Verdict.STEP_ON && climb.story().isStuck(side))
                || (sides == Verdict.BACK_OFF && isFarAhead(climb.story(), side, weeks.until()));
        int rung = climb.story().rung(side, weeks.until());
        if (falls && rung > 0) {
          back.add(new RungBack(climb.story(), side, rung - 1));
        }
      }
    }
    return List.copyOf(back);
  }

  private static boolean isFarAhead(LadderStory story, Side side, LocalDate date) {
    long own = story.ladder().volume(story.rung(side, date));
    long other = story.ladder().volume(story.rung(side.other(), date));
    return story.sides().size() == 2
        && (own - other) * PERCENT >= (long) GREAT_DIFFERENCE_PERCENT * own;
  }

  private static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
