package org.nimblet.server.session;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Tissue;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.progress.AttentionRules.PainReading;
import org.nimblet.core.progress.PainHistory;
import org.nimblet.core.progress.SignWords;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.Recent;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Stop;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened, as other features read it. */
@Service
public class History {

  /** Pain said longer ago than this no longer decides what is composed (ours). */
  private static final Duration PAIN_COUNTS_FOR = Duration.ofDays(14);

  /** Weeks over which the work with an exercise is compared (common practice, no source). */
  private static final int WEEKS_OF_VOLUME = 4;

  private final Sessions sessions;
  private final SessionSteps steps;
  private final PainEntries pains;
  private final Clock clock;

  History(Sessions sessions, SessionSteps steps, PainEntries pains, Clock clock) {
    this.sessions = sessions;
    this.steps = steps;
    this.pains = pains;
    this.clock = clock;
  }

  /** A session that happened, in brief. */
  public record PastSession(
      UUID id,
      Optional<UUID> blockId,
      Purpose purpose,
      LocalDate date,
      Instant beganAt,
      Instant endedAt,
      SessionState state) {}

  /** Whole days from the last time each exercise was done to a date. */
  @Transactional(readOnly = true)
  public Map<String, Integer> daysSinceDone(ClientFile client, LocalDate date) {
    Map<String, Integer> days = new LinkedHashMap<>();
    for (SessionSteps.LastDone last : steps.lastDone(client.id())) {
      long between = ChronoUnit.DAYS.between(last.getLastDone(), date);
      days.put(last.getExerciseId(), (int) Math.max(0, between));
    }
    return days;
  }

  /** What was said about pain in the last two weeks, the oldest first. */
  @Transactional(readOnly = true)
  public List<PainReading> painReadings(ClientFile client) {
    return pains
        .findByClientIdAndAtGreaterThanEqualOrderByAtAscIdAsc(
            client.id(), clock.instant().minus(PAIN_COUNTS_FOR))
        .stream()
        .map(pain -> reading(pain, client))
        .toList();
  }

  private static PainReading reading(PainEntry pain, ClientFile client) {
    return new PainReading(
        LocalDate.ofInstant(pain.at, client.zone()),
        pain.side,
        pain.region,
        pain.level,
        Optional.ofNullable(pain.sensation));
  }

  /** Pain of a place today, when it was last said, and since when it is there, if that was said. */
  public record PainNow(Pain pain, LocalDate saidOn, Optional<LocalDate> since) {}

  /**
   * Pain of each place today, in the order in which the places were first named. What was said in a
   * session counts for two weeks; what was told apart from one, until something newer is said.
   */
  @Transactional(readOnly = true)
  public List<PainNow> pains(ClientFile client) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), client.zone());
    Map<String, List<PainEntry>> byPlace = new LinkedHashMap<>();
    pains
        .findByClientIdOrderByAtAscIdAsc(client.id())
        .forEach(
            pain ->
                byPlace
                    .computeIfAbsent(pain.side + " " + pain.region, place -> new ArrayList<>())
                    .add(pain));
    List<PainNow> now = new ArrayList<>();
    for (List<PainEntry> place : byPlace.values()) {
      PainEntry last = place.get(place.size() - 1);
      boolean old = last.at.isBefore(clock.instant().minus(PAIN_COUNTS_FOR));
      if (old && last.moment != PainMoment.TOLD) {
        continue;
      }
      Optional<LocalDate> since = felt(place);
      PainHistory.now(place.stream().map(pain -> reading(pain, client)).toList(), since, today)
          .map(pain -> new PainNow(pain, reading(last, client).date(), since))
          .ifPresent(now::add);
    }
    return now;
  }

  /** Sessions of a date that were ended for safety, with what was felt. */
  @Transactional(readOnly = true)
  public List<Stop> stops(ClientFile client, LocalDate date) {
    List<Session> stopped =
        sessions
            .findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), date, date)
            .stream()
            .filter(session -> session.state == SessionState.STOPPED)
            .toList();
    Map<UUID, List<PainEntry>> felt =
        pains
            .findBySessionIdInOrderByAtAscIdAsc(
                stopped.stream().map(session -> session.id).collect(Collectors.toSet()))
            .stream()
            .filter(pain -> pain.moment == PainMoment.DURING)
            .collect(Collectors.groupingBy(pain -> pain.sessionId));
    List<Stop> stops = new ArrayList<>();
    for (Session session : stopped) {
      stops.addAll(stops(felt.getOrDefault(session.id, List.of())));
    }
    return stops;
  }

  /** What ended it; all that was felt if nothing of it ends a session by itself. */
  private static List<Stop> stops(List<PainEntry> felt) {
    List<PainEntry> ending = felt.stream().filter(History::endsSession).toList();
    List<Stop> stops =
        (ending.isEmpty() ? felt : ending)
            .stream()
                .map(
                    pain ->
                        new Stop(
                            pain.side,
                            Set.of(pain.region),
                            pain.sensation == null
                                ? "%d of 10".formatted(pain.level)
                                : "%s, %d of 10".formatted(pain.sensation.word(), pain.level)))
                .toList();
    // Nobody said where: then it may have been anywhere.
    return stops.isEmpty()
        ? Arrays.stream(Side.values())
            .map(side -> new Stop(side, EnumSet.allOf(Region.class), "nobody said what"))
            .toList()
        : stops;
  }

  private static boolean endsSession(PainEntry pain) {
    return pain.sensation == null
        ? pain.level >= SafetyRules.ENDING_PAIN
        : SafetyRules.endsSession(pain.level, pain.sensation);
  }

  /**
   * A word that raises the question of pins and needles.
   *
   * @param regions where; hand and forearm if that was not said
   * @param words what was told: "a tingle", "tingling since the morning"
   */
  public record NerveWord(Instant at, Side side, Set<Region> regions, String words) {}

  /** Tingles and numbness told as pain or in a line of words, in the last two weeks. */
  @Transactional(readOnly = true)
  public List<NerveWord> nerveWords(ClientFile client) {
    Instant since = clock.instant().minus(PAIN_COUNTS_FOR);
    List<NerveWord> words = new ArrayList<>();
    pains.findByClientIdAndAtGreaterThanEqualOrderByAtAscIdAsc(client.id(), since).stream()
        .filter(pain -> SafetyRules.NERVE_SENSATIONS.contains(pain.sensation))
        .map(
            pain ->
                new NerveWord(
                    pain.at,
                    pain.side,
                    Set.of(pain.region),
                    "%s, %s %s"
                        .formatted(pain.sensation.word(), pain.side.word(), pain.region.word())))
        .forEach(words::add);
    sessions.findByClientIdAndCheckedInAtGreaterThanEqual(client.id(), since).stream()
        .filter(session -> SignWords.speakOfTingling(session.words))
        .forEach(
            session -> {
              for (Side side : SignWords.sidesNamed(session.words)) {
                words.add(
                    new NerveWord(
                        session.checkedInAt,
                        side,
                        EnumSet.range(Region.THUMB, Region.ELBOW),
                        "\u201c" + session.words + "\u201d"));
              }
            });
    words.sort(Comparator.comparing(NerveWord::at));
    return words;
  }

  /** Every word about pain, the latest first. */
  @Transactional(readOnly = true)
  public List<ToldPain> told(ClientFile client) {
    List<ToldPain> told =
        new ArrayList<>(
            pains.findByClientIdOrderByAtAscIdAsc(client.id()).stream()
                .map(
                    pain ->
                        new ToldPain(
                            LocalDate.ofInstant(pain.at, client.zone()),
                            pain.side,
                            pain.region,
                            pain.level,
                            Optional.ofNullable(pain.since)))
                .toList());
    Collections.reverse(told);
    return told;
  }

  /** One dated word about pain. */
  public record ToldPain(
      LocalDate date, Side side, Region region, int level, Optional<LocalDate> since) {}

  /**
   * Writes down pain that was told of apart from a session; earlier words stay.
   *
   * @param course new or steady as it was named; a day in {@code since} counts before it
   */
  @Transactional
  public void tell(
      ClientFile client,
      Side side,
      Region region,
      int level,
      Optional<Sensation> sensation,
      Optional<Pain.Course> course,
      Optional<LocalDate> since) {
    List<PainEntry> before = place(client, side, region);
    PainEntry pain = new PainEntry();
    pain.id = UUID.randomUUID();
    pain.coachId = client.coachId();
    pain.clientId = client.id();
    pain.at = clock.instant();
    pain.moment = PainMoment.TOLD;
    pain.side = side;
    pain.region = region;
    pain.level = level;
    pain.sensation = sensation.orElse(null);
    pain.since = since.or(() -> course.flatMap(named -> since(client, before, named))).orElse(null);
    pains.save(pain);
  }

  private List<PainEntry> place(ClientFile client, Side side, Region region) {
    return pains.findByClientIdOrderByAtAscIdAsc(client.id()).stream()
        .filter(pain -> pain.side == side && pain.region == region)
        .toList();
  }

  private Optional<LocalDate> since(ClientFile client, List<PainEntry> before, Pain.Course named) {
    return PainHistory.since(
        before.stream().map(pain -> reading(pain, client)).toList(),
        felt(before),
        named,
        LocalDate.ofInstant(clock.instant(), client.zone()));
  }

  /** The day that was named last as the first one. */
  private static Optional<LocalDate> felt(List<PainEntry> place) {
    return place.stream()
        .map(pain -> pain.since)
        .filter(Objects::nonNull)
        .reduce((earlier, later) -> later);
  }

  /**
   * What was done lately, as the composer and the check want it.
   *
   * @param library the exercises of the client's coach
   */
  @Transactional(readOnly = true)
  public Recent recent(ClientFile client, LocalDate date, ExerciseLibrary library) {
    Map<String, Integer> days = daysSinceDone(client, date);
    Map<String, Dose> lastDoses = new HashMap<>();
    Map<String, long[]> weeks = new HashMap<>();
    for (SessionSteps.DoneStep done :
        steps.doneSince(client.id(), date.minusDays(7L * WEEKS_OF_VOLUME - 1))) {
      int week = (int) (ChronoUnit.DAYS.between(done.getDate(), date) / 7);
      if (week >= 0 && week < WEEKS_OF_VOLUME) {
        weeks.computeIfAbsent(done.getExerciseId(), e -> new long[WEEKS_OF_VOLUME])[week] +=
            done.getMillis();
      }
      if (!lastDoses.containsKey(done.getExerciseId())) {
        library
            .find(done.getExerciseId())
            .flatMap(exercise -> parsed(exercise, done.getDose(), client))
            .ifPresent(dose -> lastDoses.put(done.getExerciseId(), dose));
      }
    }
    Map<String, Recent.WeeklyVolume> volumes = new HashMap<>();
    weeks.forEach((exercise, millis) -> volumes.put(exercise, volume(millis)));
    Set<Tissue> workedHard = EnumSet.noneOf(Tissue.class);
    days.forEach(
        (exercise, ago) ->
            library
                .find(exercise)
                .filter(e -> ago <= 1 && e.demands().recovery() == Recovery.REST_DAY)
                .ifPresent(e -> workedHard.addAll(e.service().workedTissues())));
    return new Recent(days, lastDoses, volumes, workedHard, Set.of());
  }

  private static Recent.WeeklyVolume volume(long[] millis) {
    long all = 0;
    int weeksOfData = 0;
    for (long week : millis) {
      all += week;
      weeksOfData += week > 0 ? 1 : 0;
    }
    return new Recent.WeeklyVolume(millis[0], all / WEEKS_OF_VOLUME, weeksOfData);
  }

  /** Words of an older version of the exercise, or in an older notation, may no longer read. */
  private static Optional<Dose> parsed(Exercise exercise, String words, ClientFile client) {
    try {
      return Optional.of(exercise.doseText(client.method(), client.notation()).parse(words));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** The side that was tighter when it was last said, if one was. */
  @Transactional(readOnly = true)
  public Optional<Side> tighterSide(ClientFile client) {
    return sessions
        .findFirstByClientIdAndTighterSideNotNullOrderByBeganAtDesc(client.id())
        .flatMap(
            session ->
                switch (session.tighterSide) {
                  case LEFT -> Optional.of(Side.LEFT);
                  case RIGHT -> Optional.of(Side.RIGHT);
                  case SAME -> Optional.empty();
                });
  }

  /** The sessions of some days, the latest first. */
  @Transactional(readOnly = true)
  public List<PastSession> sessions(ClientFile client, LocalDate first, LocalDate last) {
    return sessions
        .findByClientIdAndDateBetweenOrderByBeganAtDescIdAsc(client.id(), first, last)
        .stream()
        .map(
            session ->
                new PastSession(
                    session.id,
                    Optional.ofNullable(session.blockId),
                    session.purpose,
                    session.date,
                    session.beganAt,
                    session.endedAt,
                    session.state))
        .toList();
  }
}
