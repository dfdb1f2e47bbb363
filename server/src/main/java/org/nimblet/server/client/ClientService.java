package org.nimblet.server.client;

import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.Activity.StoredWeight;
import org.nimblet.server.client.ClientForms.ActivityForm;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientForms.ClientView;
import org.nimblet.server.client.ClientForms.WeightForm;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down who somebody is and what their hands do. */
@Service
public class ClientService {

  private final Scope scope;
  private final Clients clients;
  private final Activities activities;
  private final ClientFiles files;
  private final AccountService accounts;
  private final SecurityLog log;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  ClientService(
      Scope scope,
      Clients clients,
      Activities activities,
      ClientFiles files,
      AccountService accounts,
      SecurityLog log,
      ApplicationEventPublisher events,
      Clock clock) {
    this.scope = scope;
    this.clients = clients;
    this.activities = activities;
    this.files = files;
    this.accounts = accounts;
    this.log = log;
    this.events = events;
    this.clock = clock;
  }

  /** Takes somebody in. */
  @Transactional
  public ClientView create(ClientForm form) {
    Client client = new Client();
    client.id = UUID.randomUUID();
    client.coachId = scope.coachId();
    client.createdAt = clock.instant();
    write(client, form);
    clients.saveAndFlush(client);
    writeActivities(client, form.activities());
    return ClientViews.of(files.require(client.id));
  }

  /** Changes what is known of somebody, unless somebody else did meanwhile. */
  @Transactional
  public ClientView update(ClientFile before, ClientForm form) {
    Client client = files.row(before.id());
    if (client.version != form.version()) {
      ClientView current = ClientViews.of(files.require(before.id()));
      throw new ConflictException(
          "Somebody else changed this client meanwhile.", current, changed(current.facts(), form));
    }
    write(client, form);
    writeActivities(client, form.activities());
    clients.saveAndFlush(client);
    ClientFile changed = files.require(before.id());
    events.publishEvent(new PersonChanged(changed));
    return ClientViews.of(changed);
  }

  /** Puts a client away, or back on the roster. */
  @Transactional
  public void archive(ClientFile client, boolean away) {
    files.row(client.id()).archivedAt = away ? clock.instant() : null;
    events.publishEvent(new PersonChanged(client));
  }

  /**
   * Deletes a client, their account and everything that is kept of them, for good.
   *
   * @param name what they are called, typed once more
   * @throws InvalidFieldException if that is not their name
   */
  @Transactional
  public void delete(ClientFile client, String name) {
    if (!client.name().strip().equalsIgnoreCase(name.strip())) {
      throw new InvalidFieldException(
          "name", "(%s) is not their name, %s.".formatted(name.strip(), client.name()));
    }
    accounts.closeOfClient(client.id());
    clients.delete(files.row(client.id()));
    log.note(Event.CLIENT_DELETED, client.id());
  }

  private void write(Client client, ClientForm form) {
    if (!ZoneId.getAvailableZoneIds().contains(form.timeZone())) {
      throw new InvalidFieldException(
          "timeZone", "(%s) must be a time zone such as Europe/Lisbon.".formatted(form.timeZone()));
    }
    client.name = form.name().strip();
    client.occupation = form.occupation().strip();
    client.dominantHand = form.dominantHand();
    client.notation = form.notation();
    client.method = form.method();
    client.ageGroup = form.ageGroup();
    client.claspSide = form.claspSide();
    client.breathsPerMinute = form.breathsPerMinute();
    client.warmUpMinutes = form.warmUpMinutes();
    client.breakMinutes = form.breakMinutes();
    client.careMinutes = form.careMinutes();
    client.intakeAnswered = form.intakeAnswered().stream().sorted().toList();
    client.timeZone = form.timeZone();
    client.wakesAt = form.wakesAt();
    client.sleepsAt = form.sleepsAt();
    client.positions = form.positions().stream().sorted().toList();
    client.things = form.things().stream().sorted().toList();
    client.weightsGrams = form.weightsGrams().stream().sorted().distinct().toList();
    client.changedAt = clock.instant();
  }

  private void writeActivities(Client client, List<ActivityForm> forms) {
    Map<UUID, Activity> before =
        activities.findByClientIdOrderByPlace(client.id).stream()
            .collect(Collectors.toMap(activity -> activity.id, Function.identity()));
    for (int place = 0; place < forms.size(); place++) {
      ActivityForm form = forms.get(place);
      Activity activity = form.id() == null ? null : before.remove(form.id());
      if (form.id() != null && activity == null) {
        throw new InvalidFieldException(
            "activities[%d].id".formatted(place), "This activity is gone; load the client again.");
      }
      if (activity == null) {
        activity = new Activity();
        activity.id = UUID.randomUUID();
        activity.coachId = client.coachId;
        activity.clientId = client.id;
      }
      activity.place = place;
      activity.kind = form.kind();
      activity.title = form.title().strip();
      activity.discipline = form.discipline();
      activity.hands = form.hands().stream().sorted().toList();
      activity.digits = form.digits().stream().sorted().toList();
      activity.roles = roles("activities[%d].roles".formatted(place), form);
      activity.weeklyMinutes = form.weeklyMinutes();
      activity.weights = weights("activities[%d].weights".formatted(place), form);
      activities.save(activity);
    }
    activities.deleteAll(before.values());
    activities.flush();
  }

  /** What is stored of the hands' roles; null where they are the usual ones of the discipline. */
  private static Map<HandRole, Side> roles(String field, ActivityForm form) {
    if (form.roles() == null) {
      return null;
    }
    List<HandRole> allowed = HandRole.in(form.discipline());
    for (HandRole role : form.roles().keySet()) {
      if (!allowed.contains(role)) {
        throw new InvalidFieldException(
            field,
            "(%s) is no hand of %s; allowed: %s."
                .formatted(
                    role.word(),
                    form.discipline().word(),
                    allowed.isEmpty()
                        ? "none, both hands do the same"
                        : allowed.stream().map(HandRole::word).collect(Collectors.joining(", "))));
      }
    }
    return new TreeMap<>(form.roles());
  }

  /** What is stored of weights; null where they are those that the activity has by itself. */
  private static List<StoredWeight> weights(String field, ActivityForm form) {
    if (form.weights() == null) {
      return null;
    }
    List<StoredWeight> stored = new ArrayList<>();
    for (WeightForm weight : form.weights()) {
      if (Target.find(weight.target()).isEmpty()) {
        throw new InvalidFieldException(
            field,
            "(%s) must be one of %s."
                .formatted(
                    weight.target(),
                    Target.all().stream().map(Target::id).collect(Collectors.joining(", "))));
      }
      stored.add(new StoredWeight(weight.target(), weight.side(), weight.weight()));
    }
    return List.copyOf(stored);
  }

  /** The names of the fields in which what is stored differs from what was sent. */
  private static List<String> changed(ClientForm stored, ClientForm sent) {
    List<String> names = new ArrayList<>();
    for (var component : ClientForm.class.getRecordComponents()) {
      try {
        Object a = component.getAccessor().invoke(stored);
        Object b = component.getAccessor().invoke(sent);
        if (!component.getName().equals("version") && !Objects.equals(a, b)) {
          names.add(component.getName());
        }
      } catch (ReflectiveOperationException e) {
        throw new IllegalStateException("a record's own accessor can be called", e);
      }
    }
    return names;
  }
}
