package org.nimblet.server.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.progress.HealthWord;
import org.nimblet.core.progress.HealthWord.OfMorning;
import org.nimblet.core.progress.HealthWord.OfPain;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.session.PastSession;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.PersonChanged;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.health.HealthWriter;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.progress.ProgressForms.DecisionView;
import org.nimblet.server.progress.ProgressForms.MorningForm;
import org.nimblet.server.progress.ProgressForms.MorningView;
import org.nimblet.server.session.SessionForms.PainForm;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one question of a morning: how it is after the day before. */
@Service
class MorningService {

  private final People people;
  private final ClientFiles clients;
  private final HealthWriter health;
  private final HealthTrail trail;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  MorningService(
      People people,
      ClientFiles clients,
      HealthWriter health,
      HealthTrail trail,
      ApplicationEventPublisher events,
      Clock clock) {
    this.people = people;
    this.clients = clients;
    this.health = health;
    this.trail = trail;
    this.events = events;
    this.clock = clock;
  }

  /** What is asked this morning. */
  MorningView view(Person person) {
    LocalDate today = person.today();
    LocalDate yesterday = today.minusDays(1);
    List<PastSession> done = people.past(person, yesterday, yesterday);
    boolean answered = person.told().morning(today).isPresent();
    boolean beforeNoon =
        person.now().atZone(person.client().zone()).toLocalTime().isBefore(LocalTime.NOON);
    return new MorningView(
        today,
        !done.isEmpty() && !answered && beforeNoon,
        answered,
        done.stream()
            .map(session -> session.purpose().word().toLowerCase(Locale.ROOT))
            .distinct()
            .collect(Collectors.joining(" and ")),
        worst(person, done),
        SafetyRules.ENDING_PAIN);
  }

  /** The worst of each place that was told of in or after some sessions. */
  private static List<PainForm> worst(Person person, List<PastSession> sessions) {
    Map<String, OfPain> worst = new LinkedHashMap<>();
    sessions.stream()
        .flatMap(session -> person.told().painsOf(session.id()).stream())
        .filter(pain -> pain.level() > 0)
        .forEach(
            pain ->
                worst.merge(
                    pain.side() + " " + pain.region(),
                    pain,
                    (one, other) -> other.level() > one.level() ? other : one));
    List<PainForm> forms = new ArrayList<>();
    worst
        .values()
        .forEach(
            pain ->
                forms.add(
                    new PainForm(
                        pain.side(), pain.region(), pain.level(), pain.sensation().orElse(null))));
    return forms;
  }

  /** What the day before would change with an answer. */
  List<DecisionView> consequence(Person person, MorningForm form) {
    List<HealthWord> words = new ArrayList<>();
    words.add(new OfMorning(person.now(), person.today()));
    for (PainForm pain : form.pains()) {
      words.add(
          new OfPain(
              UUID.randomUUID(),
              person.now(),
              Optional.empty(),
              PainMoment.MORNING,
              pain.side(),
              pain.region(),
              pain.level(),
              Optional.ofNullable(pain.sensation()),
              Optional.empty()));
    }
    LocalDate yesterday = person.today().minusDays(1);
    Map<UUID, List<DecisionView>> decided = ProgressViews.bySession(person.telling(words));
    return people.past(person, yesterday, yesterday).stream()
        .flatMap(session -> decided.getOrDefault(session.id(), List.of()).stream())
        .filter(decision -> decision.effect().isMove())
        .sorted(Comparator.comparing(DecisionView::effect))
        .toList();
  }

  /** Keeps the answer; the day before is judged with it. */
  @Transactional
  public void answer(Person person, MorningForm form) {
    clients.replaceAlone(person.client());
    trail.note(person.client(), HealthTrail.Deed.TOLD_PAIN);
    health.morning(
        person.client(),
        person.today(),
        clock.instant(),
        form.pains().stream().map(PainForm::told).toList());
    health.flush();
    events.publishEvent(new PersonChanged(person.client()));
  }
}
