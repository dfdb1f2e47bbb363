package org.nimblet.server.workshop;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.DigitPair;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.Pattern;
import org.nimblet.core.drill.Patterns;
import org.nimblet.core.drill.Try;
import org.nimblet.core.drill.Try.Drill;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.measure.MeasuredDrill;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.routine.Around;
import org.nimblet.core.routine.OpenDrills;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.routine.RoutineRequests;
import org.nimblet.server.routine.SafetyView;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.JudgementForm;
import org.nimblet.server.workshop.WorkshopForms.JudgementView;
import org.nimblet.server.workshop.WorkshopForms.PatternView;
import org.nimblet.server.workshop.WorkshopForms.PatternsView;
import org.nimblet.server.workshop.WorkshopForms.PressForm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finger patterns of a person: where they stand, what they do next, and what they tried. */
@Service
public class WorkshopService {

  private final DrillTries tries;
  private final DifficultyService difficulties;
  private final NimbletSettings settings;

  WorkshopService(DrillTries tries, DifficultyService difficulties, NimbletSettings settings) {
    this.tries = tries;
    this.difficulties = difficulties;
    this.settings = settings;
  }

  /** All patterns as somebody stands with them, those of one hand for one of both. */
  @Transactional(readOnly = true)
  public PatternsView patterns(Person person, Side hand, int aMinute) {
    Drilling drilling = drilling(person.client());
    return views(person)
        .patterns(drilling, hand, aMinute, Set.copyOf(next(person, drilling, aMinute)));
  }

  /**
   * One of them, with its difficulty in parts.
   *
   * @throws InvalidFieldException if there is no such pattern
   */
  @Transactional(readOnly = true)
  public PatternView pattern(Person person, String id, Side hand, int aMinute) {
    return views(person)
        .pattern(
            drilling(person.client()), drill("pattern", id, hand), aMinute, SafetyView.of(person));
  }

  /** The round that somebody should do now. */
  @Transactional(readOnly = true)
  public DrillRoundView round(Person person, DrillRoundForm form) {
    Drilling drilling = drilling(person.client());
    DrillLength length = DrillLength.of(form.tempo().orElse(DrillTempo.FIRST), form.phrase());
    int count = Math.min(length.fitInto(form.length()), WorkshopForms.MOST_DRILLS);
    List<Drill> drills =
        form.pair()
            .map(pair -> roundFor(person, drilling, pair, form, count))
            .orElseGet(() -> round(person, drilling, count, form.tempo()));
    if (drills.isEmpty()) {
      throw new InvalidFieldException(
          "minutes", "Nothing of what is learned now may be done. " + whyNot(person, drilling));
    }
    return views(person)
        .round(drilling, drills, form, settings.standIn().runs(), SafetyView.of(person));
  }

  private String whyNot(Person person, Drilling drilling) {
    OpenDrills open = open(person);
    return drilling.openFamilies().stream()
        .flatMap(family -> Drilling.drills(family).stream())
        .flatMap(drill -> open.closed(drill).stream())
        .findFirst()
        .orElse("");
  }

  private List<Drill> next(Person person, Drilling drilling, int aMinute) {
    int count = DrillLength.of(aMinute, Optional.empty()).fitInto(WorkshopForms.ROUND_MINUTES);
    return round(person, drilling, count, OptionalInt.of(aMinute));
  }

  private static List<Drill> round(
      Person person, Drilling drilling, int count, OptionalInt aMinute) {
    OpenDrills open = open(person);
    return drilling.round(count, aMinute, person.today(), drill -> open.closed(drill).isEmpty());
  }

  private static List<Drill> roundFor(
      Person person, Drilling drilling, DigitPair pair, DrillRoundForm form, int count) {
    OpenDrills open = open(person);
    return drilling.roundFor(
        pair,
        Optional.ofNullable(form.hand()),
        count,
        person.today(),
        drill -> open.closed(drill).isEmpty());
  }

  /**
   * A drill judged by the keys that were pressed in it.
   *
   * @throws InvalidFieldException if keys cannot judge it
   */
  JudgementView judge(JudgementForm form) {
    Drill drill = judgeable(form.pattern(), form.hand());
    return JudgementView.of(
        MeasuredDrill.of(drill, form.aMinute(), form.changes(), PressForm.taps(form.presses())));
  }

  /**
   * What keys should hear of a drill, exactly on time.
   *
   * @param pattern the name of a pattern that keys can judge
   * @throws InvalidFieldException if they cannot
   */
  public List<Tap> wanted(String pattern, Side hand, int aMinute, int changes) {
    return MeasuredDrill.wanted(judgeable(pattern, hand), aMinute, changes);
  }

  private static Drill judgeable(String pattern, Side hand) {
    Drill drill = drill("pattern", pattern, hand);
    MeasuredDrill.unfit(drill)
        .ifPresent(
            why -> {
              throw new InvalidFieldException("pattern", why);
            });
    return drill;
  }

  private static OpenDrills open(Person person) {
    return new OpenDrills(
        RoutineRequests.of(
            person,
            person.today(),
            Purpose.INDEPENDENCE,
            WorkshopForms.ROUND_MINUTES * 60,
            Optional.empty(),
            Around.NOTHING,
            List.of()));
  }

  private static WorkshopViews views(Person person) {
    return new WorkshopViews(person.client().notation(), open(person)::closed);
  }

  /**
   * A pattern, done by a hand where it is for one.
   *
   * @throws InvalidFieldException naming the field if there is no such pattern, or no hand for it
   */
  static Drill drill(String field, String id, Side hand) {
    Pattern pattern = known(field, id);
    if (pattern.isForOneHand() && hand == null) {
      throw new InvalidFieldException("hand", "LEFT or RIGHT.");
    }
    return new Drill(pattern, Optional.ofNullable(hand).filter(each -> pattern.isForOneHand()));
  }

  static Pattern known(String field, String id) {
    return Patterns.find(id)
        .orElseThrow(() -> new InvalidFieldException(field, "(%s) is no pattern.".formatted(id)));
  }

  /** What somebody tried, folded. */
  Drilling drilling(ClientFile client) {
    return Drilling.of(
        client.dominantHand(),
        read(tries.findByClientIdOrderByTriedAtAscIdAsc(client.id()), client),
        difficulties.shifts(client.coachId()));
  }

  /** What was kept, as the core reads it. */
  static List<Try> read(List<DrillTry> rows, ClientFile client) {
    return rows.stream().flatMap(row -> read(row, client)).toList();
  }

  /** A pattern that is no more is passed over. */
  private static Stream<Try> read(DrillTry row, ClientFile client) {
    return Patterns.find(row.pattern).stream()
        .map(
            pattern ->
                new Try(
                    new Drill(pattern, Optional.ofNullable(row.hand)),
                    row.aMinute == null ? OptionalInt.empty() : OptionalInt.of(row.aMinute),
                    row.clean,
                    row.even,
                    LocalDateTime.ofInstant(row.triedAt, client.zone())));
  }
}
