package org.nimblet.server.programme;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.routine.Pain;
import org.nimblet.core.routine.PainDose;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.ProgrammeTemplate;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.ProgrammeFiles.Work;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ObligationView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeTemplateView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;

/** Programmes as they are shown. */
final class ProgrammeViews {

  private ProgrammeViews() {}

  /** The programmes that ship. */
  static List<ProgrammeTemplateView> templates() {
    return ProgrammeTemplate.all().stream()
        .map(
            template ->
                new ProgrammeTemplateView(
                    template.id(),
                    template.title(),
                    template.aim(),
                    template.weeks(),
                    template.reviewWeeks(),
                    PlanRequest.Limits.USUAL.sessions(),
                    PlanRequest.Limits.USUAL.minutes(),
                    template.obligations().stream()
                        .map(
                            o ->
                                new ObligationForm(
                                    o.purpose(),
                                    o.minutes(),
                                    o.frequency(),
                                    o.anchor().word().toUpperCase(Locale.ROOT),
                                    o.heavy(),
                                    o.notOn()))
                        .toList()))
        .toList();
  }

  /** A programme with how each of its obligations stands. */
  static ProgrammeView of(
      Person person, Programme programme, List<StoredObligation> rows, List<Obligation> all) {
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
                            row.anchor,
                            row.heavy,
                            Set.copyOf(row.notOn)))
                .toList()),
        all.stream().map(o -> view(o, works.get(o.id()))).toList(),
        painWords(all, works));
  }

  private static ObligationView view(Obligation obligation, Work work) {
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
