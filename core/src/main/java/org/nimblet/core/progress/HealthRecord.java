package org.nimblet.core.progress;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.progress.HealthWord.MindedKind;
import org.nimblet.core.progress.HealthWord.OfLine;
import org.nimblet.core.progress.HealthWord.OfMinded;
import org.nimblet.core.progress.HealthWord.OfMorning;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.HealthWord.OfSign;
import org.nimblet.core.progress.HealthWord.OfStop;
import org.nimblet.core.routine.AgeGroup;
import org.nimblet.core.routine.Health;
import org.nimblet.core.routine.KnownCondition;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Stop;

/** All that was told of one person's health, and what it adds up to at a moment. */
public final class HealthRecord {

  /** Pain said in a session longer ago than this no longer decides what is composed (ours). */
  public static final Duration PAIN_COUNTS_FOR = Duration.ofDays(14);

  private final ZoneId zone;
  private final AgeGroup age;
  private final List<HealthWord> words;
  private final List<OfPain> pains;
  private final List<OfSign> signs;
  private final List<OfMinded> minded;
  private final List<OfStop> stops;
  private final List<OfLine> lines;
  private final List<OfMorning> mornings;

  /** What was felt in and around each session; every fold of the log asks for all of them. */
  private final Map<UUID, List<OfPain>> bySession;

  /** Those that speak of tingling; looked for once, since every question of health asks. */
  private final List<OfLine> tingling;

  /**
   * Sorts what was told by its moment.
   *
   * @param zone whose dates count
   * @param age the person's age group
   * @param words in any order; what was said at one moment keeps its order
   */
  public HealthRecord(ZoneId zone, AgeGroup age, Collection<? extends HealthWord> words) {
    this.zone = zone;
    this.age = age;
    List<HealthWord> sorted = new ArrayList<>(words);
    sorted.sort(Comparator.comparing(HealthWord::at));
    this.words = List.copyOf(sorted);
    this.pains = only(sorted, OfPain.class);
    this.signs = only(sorted, OfSign.class);
    this.minded = only(sorted, OfMinded.class);
    this.stops = only(sorted, OfStop.class);
    this.lines = only(sorted, OfLine.class);
    this.mornings = only(sorted, OfMorning.class);
    this.bySession = new HashMap<>();
    pains.forEach(
        pain ->
            pain.sessionId()
                .ifPresent(id -> bySession.computeIfAbsent(id, s -> new ArrayList<>()).add(pain)));
    this.tingling = lines.stream().filter(line -> SignWords.speakOfTingling(line.words())).toList();
  }

  /** The same, and something more that was told. */
  public HealthRecord with(Collection<? extends HealthWord> more) {
    List<HealthWord> all = new ArrayList<>(words);
    all.addAll(more);
    return new HealthRecord(zone, age, all);
  }

  private static <W extends HealthWord> List<W> only(List<HealthWord> words, Class<W> type) {
    return words.stream().filter(type::isInstance).map(type::cast).toList();
  }

  /** The health on a date, as it is known at a moment; with the sessions stopped on that date. */
  public Health health(LocalDate date, Instant now) {
    List<OfMinded> holding = holding(date);
    List<Sign> standing = new ArrayList<>();
    openSigns().forEach(said -> standing.add(sign(said)));
    raised(now).forEach(raised -> standing.add(raised.sign()));
    Map<String, LocalDate> allowed = new HashMap<>();
    holding.stream()
        .filter(thing -> thing.kind() == MindedKind.ALLOW)
        .forEach(
            thing ->
                allowed.merge(
                    thing.exerciseId().orElseThrow(),
                    dateOf(thing),
                    (a, b) -> a.isAfter(b) ? a : b));
    return new Health(
        pains(now).stream().map(PainNow::pain).toList(),
        standing,
        stops(date),
        holding.stream()
            .filter(thing -> thing.kind() == MindedKind.KEEP_OUT)
            .flatMap(thing -> thing.exclusions().stream())
            .toList(),
        allowed,
        holding.stream()
            .filter(thing -> thing.kind() == MindedKind.CONDITION)
            .map(this::condition)
            .toList(),
        age);
  }

  /** The date of a word where the person is. */
  public LocalDate dateOf(HealthWord word) {
    return LocalDate.ofInstant(word.at(), zone);
  }

  private KnownCondition condition(OfMinded thing) {
    var condition = thing.condition().orElseThrow();
    // A place without a side was once taken down; both are minded then.
    return new KnownCondition(
        condition,
        thing.sides().isEmpty() ? EnumSet.allOf(Side.class) : thing.sides(),
        thing.region().map(Set::of).orElseGet(condition::usualPlace),
        dateOf(thing));
  }

  // ---- pain

  /** What was said about pain from a date on, the oldest first. */
  public List<PainReading> painReadings(LocalDate since) {
    return pains.stream()
        .map(this::reading)
        .filter(reading -> !reading.date().isBefore(since))
        .toList();
  }

  /** What was said about pain in the last two weeks, the oldest first. */
  public List<PainReading> painReadings(Instant now) {
    Instant since = now.minus(PAIN_COUNTS_FOR);
    return pains.stream().filter(pain -> !pain.at().isBefore(since)).map(this::reading).toList();
  }

  /**
   * The dates of the last two weeks on which somebody was asked what hurts, and answered: after
   * sessions and mornings.
   *
   * @param sessions the latest first
   */
  public Set<LocalDate> asked(List<LoggedSession> sessions, Instant now) {
    Instant since = now.minus(PAIN_COUNTS_FOR);
    Set<LocalDate> asked =
        mornings.stream()
            .filter(morning -> !morning.at().isBefore(since))
            .map(OfMorning::date)
            .collect(Collectors.toCollection(HashSet::new));
    sessions.stream()
        .takeWhile(session -> !session.beganAt().isBefore(since))
        .filter(LoggedSession::checkedIn)
        .map(session -> LocalDate.ofInstant(session.beganAt(), zone))
        .forEach(asked::add);
    return asked;
  }

  private PainReading reading(OfPain pain) {
    return new PainReading(
        dateOf(pain), pain.side(), pain.region(), pain.level(), pain.sensation());
  }

  /**
   * Pain of a place now.
   *
   * @param saidOn when it was last said
   * @param since since when it is there, if that was said
   * @param earlier what was said before, the latest first
   */
  public record PainNow(
      Pain pain, LocalDate saidOn, Optional<LocalDate> since, List<PainReading> earlier) {}

  /**
   * Pain of each place now, in the order in which the places were first named. What was said in a
   * session counts for two weeks; what was told apart from one, until something newer is said.
   */
  public List<PainNow> pains(Instant now) {
    LocalDate today = LocalDate.ofInstant(now, zone);
    Map<String, List<OfPain>> byPlace = new LinkedHashMap<>();
    pains.forEach(
        pain ->
            byPlace
                .computeIfAbsent(pain.side() + " " + pain.region(), place -> new ArrayList<>())
                .add(pain));
    List<PainNow> found = new ArrayList<>();
    for (List<OfPain> place : byPlace.values()) {
      OfPain last = place.get(place.size() - 1);
      boolean old = last.at().isBefore(now.minus(PAIN_COUNTS_FOR));
      if (old && last.moment() != PainMoment.TOLD) {
        continue;
      }
      Optional<LocalDate> since = felt(place);
      List<PainReading> readings = new ArrayList<>(place.stream().map(this::reading).toList());
      Optional<Pain> pain = PainHistory.now(readings, since, today);
      readings.remove(readings.size() - 1);
      java.util.Collections.reverse(readings);
      pain.map(p -> new PainNow(p, dateOf(last), since, List.copyOf(readings)))
          .ifPresent(found::add);
    }
    return found;
  }

  /** The day that was named last as the first one. */
  private static Optional<LocalDate> felt(List<OfPain> place) {
    return place.stream().flatMap(pain -> pain.since().stream()).reduce((earlier, later) -> later);
  }

  /** Since when a pain is there if its course is named like this today. */
  public Optional<LocalDate> since(Side side, Region region, Pain.Course named, Instant now) {
    List<OfPain> before = pains.stream().filter(pain -> pain.isAt(side, region)).toList();
    return PainHistory.since(
        before.stream().map(this::reading).toList(),
        felt(before),
        named,
        LocalDate.ofInstant(now, zone));
  }

  /** What was felt in a session, or right after it. */
  public List<OfPain> painsOf(UUID sessionId) {
    return List.copyOf(bySession.getOrDefault(sessionId, List.of()));
  }

  /**
   * What hurt on a morning, asked about the day before; empty if nobody was asked, or did not
   * answer.
   */
  public Optional<List<OfPain>> morning(LocalDate date) {
    return mornings.stream().anyMatch(morning -> morning.date().equals(date))
        ? Optional.of(
            pains.stream()
                .filter(pain -> pain.moment() == PainMoment.MORNING && dateOf(pain).equals(date))
                .toList())
        : Optional.empty();
  }

  // ---- stops

  /** Sessions of a date that were ended for safety, with what was felt; the latest first. */
  public List<Stop> stops(LocalDate date) {
    List<OfStop> ofDate =
        new ArrayList<>(stops.stream().filter(stop -> stop.date().equals(date)).toList());
    java.util.Collections.reverse(ofDate);
    return ofDate.stream().flatMap(stop -> stops(stop).stream()).toList();
  }

  /** What ended a session, if it was ended for safety. */
  public List<Stop> stopsIn(UUID sessionId) {
    return stops.stream()
        .filter(stop -> stop.sessionId().equals(sessionId))
        .flatMap(stop -> stops(stop).stream())
        .toList();
  }

  /** What ended it; all that was felt if nothing of it ends a session by itself. */
  private List<Stop> stops(OfStop stopped) {
    List<OfPain> felt =
        painsOf(stopped.sessionId()).stream()
            .filter(pain -> pain.moment() == PainMoment.DURING)
            .toList();
    List<OfPain> ending = felt.stream().filter(OfPain::endsSession).toList();
    List<Stop> found =
        (ending.isEmpty() ? felt : ending)
            .stream()
                .map(pain -> new Stop(pain.side(), Set.of(pain.region()), pain.words()))
                .toList();
    // Nobody said where: then it may have been anywhere.
    return found.isEmpty()
        ? Arrays.stream(Side.values())
            .map(side -> new Stop(side, EnumSet.allOf(Region.class), "nobody said what"))
            .toList()
        : found;
  }

  // ---- signs

  /** Every answer about signs, the oldest first. */
  public List<OfSign> signs() {
    return signs;
  }

  /**
   * The latest yes to each sign on each side that no clinician has cleared and that was not a
   * mistake. A plain no to a question asked later leaves it standing.
   */
  public List<OfSign> openSigns() {
    Map<String, OfSign> open = new LinkedHashMap<>();
    for (OfSign said : signs) {
      String place = said.sign() + "/" + said.side().map(Enum::name).orElse("");
      switch (said.answer()) {
        case YES -> open.put(place, said);
        case CLEARED, MISTAKEN -> open.remove(place);
        case NO, NOT_ASKED -> {
          // It answers a question that was raised, and clears nothing.
        }
      }
    }
    return open.values().stream()
        .sorted(Comparator.comparing(OfSign::sign).thenComparing(said -> said.side().orElseThrow()))
        .toList();
  }

  /** The sign that somebody said yes to. */
  public Sign sign(OfSign said) {
    return new Sign(
        said.sign(),
        said.side().orElseThrow(),
        Set.copyOf(said.regions()),
        said.since(),
        dateOf(said));
  }

  /**
   * A sign that nobody was asked about although something that was told raises the question; it
   * counts as standing until somebody answers.
   *
   * @param sign what it would be
   * @param words what was told, and when, for people
   */
  public record Raised(Sign sign, String words) {}

  /** A tingle or numbness told in any way since the sign was last spoken of. */
  public List<Raised> raised(Instant now) {
    Instant asked =
        signs.stream()
            .filter(said -> said.sign() == ReferralSign.PINS_AND_NEEDLES)
            .map(OfSign::at)
            .max(Comparator.naturalOrder())
            .orElse(Instant.MIN);
    Map<Side, Raised> bySide = new EnumMap<>(Side.class);
    for (NerveWord told : nerveWords(now)) {
      if (told.at().isAfter(asked)) {
        LocalDate on = LocalDate.ofInstant(told.at(), zone);
        Sign sign =
            new Sign(
                ReferralSign.PINS_AND_NEEDLES, told.side(), told.regions(), "told in passing", on);
        bySide.put(told.side(), new Raised(sign, "%s, told on %s".formatted(told.words(), on)));
      }
    }
    return List.copyOf(bySide.values());
  }

  /**
   * A word that raises the question of pins and needles.
   *
   * @param regions where; hand and forearm if that was not said
   * @param words what was told: "a tingle", "tingling since the morning"
   */
  private record NerveWord(Instant at, Side side, Set<Region> regions, String words) {}

  /** Tingles and numbness told as pain or in a line of words, in the last two weeks. */
  private List<NerveWord> nerveWords(Instant now) {
    Instant since = now.minus(PAIN_COUNTS_FOR);
    List<NerveWord> told = new ArrayList<>();
    for (OfPain pain : pains) {
      if (!pain.at().isBefore(since)) {
        pain.sensation()
            .filter(SafetyRules.NERVE_SENSATIONS::contains)
            .map(
                felt ->
                    new NerveWord(
                        pain.at(),
                        pain.side(),
                        Set.of(pain.region()),
                        "%s, %s %s"
                            .formatted(felt.word(), pain.side().word(), pain.region().word())))
            .ifPresent(told::add);
      }
    }
    for (OfLine line : tingling) {
      if (!line.at().isBefore(since)) {
        for (Side side : SignWords.sidesNamed(line.words())) {
          told.add(
              new NerveWord(
                  line.at(),
                  side,
                  EnumSet.range(Region.THUMB, Region.ELBOW),
                  "\u201c" + line.words() + "\u201d"));
        }
      }
    }
    told.sort(Comparator.comparing(NerveWord::at));
    return told;
  }

  // ---- what is minded, and what was said

  /** Everything that was to be minded, ended or not, the oldest first. */
  public List<OfMinded> minded() {
    return minded;
  }

  /** What is to be minded on a date. */
  public List<OfMinded> holding(LocalDate date) {
    return minded.stream().filter(thing -> thing.holdsOn(date)).toList();
  }

  /** How far a joint of a region goes, in words; shown wherever work loads it. */
  public record JointLimit(Side side, Region region, String words) {}

  /** The joints that do not go all the way. */
  public List<JointLimit> jointLimits(LocalDate date) {
    return holding(date).stream()
        .filter(thing -> thing.kind() == MindedKind.JOINT_LIMIT)
        .flatMap(
            thing ->
                thing.sides().stream()
                    .sorted()
                    .map(side -> new JointLimit(side, thing.region().orElseThrow(), thing.words())))
        .toList();
  }

  /** The line that was said after a session; empty if nothing was. */
  public String lineAfter(UUID sessionId) {
    return lines.stream()
        .filter(line -> line.sessionId().equals(sessionId))
        .map(OfLine::words)
        .reduce("", (earlier, later) -> later);
  }
}
