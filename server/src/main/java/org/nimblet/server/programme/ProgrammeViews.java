package org.nimblet.server.programme;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.LineOfWork;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Anchor;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Contents;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.ProgrammeTemplate;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.ProgrammeFiles.Work;
import org.nimblet.server.programme.ProgrammeForms.AnchorChoice;
import org.nimblet.server.programme.ProgrammeForms.ContentsForm;
import org.nimblet.server.programme.ProgrammeForms.FrequencyChoice;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ObligationView;
import org.nimblet.server.programme.ProgrammeForms.PainZoneView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeChoices;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.nimblet.server.programme.ProgrammeForms.ReadyProgrammeView;

/** Programmes as they are shown. */
final class ProgrammeViews {

  private ProgrammeViews() {}

  /** What an obligation more begins as: a short recovery before sleep (ours). */
  private static final ObligationForm ANOTHER =
      new ObligationForm(
          Purpose.RECOVERY, 6, Frequency.DAILY, PartOfDay.BEDTIME.name(), false, Set.of(), null);

  /**
   * What can be chosen while a programme is written.
   *
   * @param current the programme that is changed; empty for a new one
   */
  static ProgrammeChoices choices(ClientFile client, LocalDate today, Optional<Programme> current) {
    Stream<AnchorChoice> parts =
        Arrays.stream(PartOfDay.values()).map(part -> new AnchorChoice(part.name(), part.word()));
    Stream<AnchorChoice> after =
        client.activities().stream()
            .map(a -> new Anchor.AfterActivity(a.id().toString(), a.title()))
            .map(a -> new AnchorChoice(AnchorText.AFTER + a.activityId(), a.word()));
    return new ProgrammeChoices(
        Arrays.stream(Frequency.values())
            .map(
                f ->
                    new FrequencyChoice(
                        f, f.words(), f.ownPlace().orElse(null), f.attached(), f.isOfTheBlock()))
            .toList(),
        Stream.concat(parts, after).toList(),
        ANOTHER,
        ProgrammeTemplate.all().stream()
            .map(
                template ->
                    new ReadyProgrammeView(
                        template.id(),
                        template.aim(),
                        template.weeks(),
                        begun(client, template, today, current)))
            .toList());
  }

  private static ProgrammeForm begun(
      ClientFile client, ProgrammeTemplate template, LocalDate today, Optional<Programme> current) {
    return new ProgrammeForm(
        current.map(programme -> programme.version).orElse(0L),
        template.title(),
        template.aim(),
        today,
        today.plusWeeks(template.reviewWeeks()).minusDays(1),
        today.plusWeeks(template.weeks()).minusDays(1),
        current
            .map(programme -> programme.dailySessions)
            .orElse(PlanRequest.Limits.USUAL.sessions()),
        current.map(programme -> programme.dailyMinutes).orElse(PlanRequest.Limits.USUAL.minutes()),
        template.obligations().stream()
            .map(
                o ->
                    new ObligationForm(
                        o.purpose(),
                        o.minutes(),
                        o.frequency(),
                        o.anchor().word().toUpperCase(Locale.ROOT),
                        o.heavy(),
                        o.notOn(),
                        form(suiting(client, o.contents()))))
            .toList());
  }

  /** A programme with how each of its obligations stands. */
  static ProgrammeView of(
      Person person,
      Programme programme,
      List<StoredObligation> rows,
      List<Obligation> all,
      Function<Contents, String> contentsWords) {
    Map<String, Work> works = ProgrammeFiles.works(person, all);
    return new ProgrammeView(
        programme.id,
        new ProgrammeForm(
            programme.version,
            programme.title,
            programme.target,
            programme.startsOn,
            programme.reviewsOn,
            programme.endsOn,
            programme.dailySessions,
            programme.dailyMinutes,
            rows.stream()
                .map(
                    row ->
                        new ObligationForm(
                            row.purpose,
                            row.minutes,
                            row.frequency,
                            row.anchor.text(),
                            row.heavy,
                            Set.copyOf(row.notOn),
                            form(row.contents.contents())))
                .toList()),
        all.stream()
            .map(o -> view(o, works.get(o.id()), contentsWords.apply(o.contents())))
            .toList(),
        painWords(all, works));
  }

  /** A ready programme requires only what is made for what the client's hands do. */
  private static Contents suiting(ClientFile client, Contents contents) {
    if (!(contents instanceof Contents.Composed composed)) {
      return contents;
    }
    Set<Discipline> disciplines =
        client.activities().stream()
            .map(ClientFile.ActivityFile::discipline)
            .collect(Collectors.toSet());
    return new Contents.Composed(
        composed.required().stream()
            .filter(
                id ->
                    ExerciseLibrary.shipped()
                        .find(id)
                        .filter(exercise -> exercise.suits(disciplines))
                        .isPresent())
            .toList(),
        composed.theme());
  }

  private static ContentsForm form(Contents contents) {
    if (contents.equals(Contents.ANEW)) {
      return null;
    }
    StoredContents stored = StoredContents.of(contents);
    return new ContentsForm(
        stored.required(), stored.theme(), stored.routineId(), stored.routineVersion());
  }

  private static ObligationView view(Obligation obligation, Work work, String contentsWords) {
    Frequency often = obligation.frequency(work.dose());
    boolean forbidden =
        obligation.frequency() == Frequency.BY_PAIN
            && work.dose().often() == PainDose.Often.NOT_AT_ALL;
    boolean ownPlace = !often.attached() && often != Frequency.MORNING_AND_NIGHT;
    return new ObligationView(
        obligation.id(),
        obligation.purpose(),
        obligation.minutes(),
        often,
        forbidden
            ? work.dose().words()
            : often.words() + (ownPlace ? ", " + obligation.anchor().word() : ""),
        obligation.frequency() == Frequency.BY_PAIN,
        obligation.heavy(),
        contentsWords,
        limits(work));
  }

  private static List<String> limits(Work work) {
    if (work.forbidden().isPresent()) {
      return List.of("Not placed: " + work.forbidden().get());
    }
    return work.forbiddenToday()
        .map(why -> List.of("Not placed today: " + why))
        .orElse(work.limits());
  }

  /** The table of pain with the zone of that pain marked that asks for the least. */
  static List<PainZoneView> zones(LineOfWork work) {
    Optional<Pain> worst =
        work.pains().stream()
            .max(
                Comparator.<Pain, PainDose.Often>comparing(
                        pain -> PainDose.of(pain.level(), pain.course()).often())
                    .thenComparing(Pain::level));
    return PainDose.zones(worst.map(Pain::course).orElse(Pain.Course.STEADY)).stream()
        .map(
            zone ->
                new PainZoneView(
                    zone.from(),
                    zone.to(),
                    zone.dose().words(),
                    zone.holds(worst.map(Pain::level).orElse(Pain.NONE)),
                    zone.dose().often() == PainDose.Often.NOT_AT_ALL))
        .toList();
  }

  /** What pain makes of the obligations that follow it. */
  private static String painWords(List<Obligation> all, Map<String, Work> works) {
    return all.stream()
        .filter(o -> o.frequency() == Frequency.BY_PAIN)
        .map(o -> works.get(o.id()))
        .map(work -> "%s: %s.".formatted(words(work.pains()), work.dose().words()))
        .distinct()
        .collect(Collectors.joining(" "));
  }

  private static String words(List<Pain> pains) {
    return pains.stream()
        .max(Comparator.comparingInt(Pain::level))
        .map(ProgrammeViews::words)
        .orElse("No pain told of what this works");
  }

  private static String words(Pain pain) {
    return "%s %s %d, %s"
        .formatted(
            pain.side() == Side.LEFT ? "Left" : "Right",
            pain.region().word(),
            pain.level(),
            pain.course().word());
  }
}
