package org.nimblet.server.client;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.routine.Weights;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientForms.ActivityForm;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientForms.ClientSummary;
import org.nimblet.server.client.ClientForms.ClientView;
import org.nimblet.server.client.ClientForms.HandRoleView;
import org.nimblet.server.client.ClientForms.WeightForm;
import org.nimblet.server.client.ClientForms.WeightView;
import org.nimblet.server.platform.ConflictException;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients")
class ClientController {

  private final Scope scope;
  private final Clients clients;
  private final Activities activities;
  private final ClientFiles files;
  private final AccountService accounts;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  ClientController(
      Scope scope,
      Clients clients,
      Activities activities,
      ClientFiles files,
      AccountService accounts,
      Clock clock,
      ApplicationEventPublisher events) {
    this.events = events;
    this.scope = scope;
    this.clients = clients;
    this.activities = activities;
    this.files = files;
    this.accounts = accounts;
    this.clock = clock;
  }

  @GetMapping
  List<ClientSummary> list() {
    return files.all().stream()
        .map(file -> new ClientSummary(file.id(), file.name(), file.occupation()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  ClientView create(@Valid @RequestBody ClientForm form) {
    Client client = new Client();
    client.id = UUID.randomUUID();
    client.coachId = scope.coachId();
    client.createdAt = clock.instant();
    write(client, form);
    clients.saveAndFlush(client);
    writeActivities(client, form.activities());
    return view(files.require(client.id));
  }

  @GetMapping("/{clientId}")
  ClientView read(@PathVariable UUID clientId) {
    return view(files.require(clientId));
  }

  @PutMapping("/{clientId}")
  @Transactional
  ClientView update(@PathVariable UUID clientId, @Valid @RequestBody ClientForm form) {
    Client client = files.row(clientId);
    if (client.version != form.version()) {
      ClientView current = view(files.require(clientId));
      throw new ConflictException(
          "Somebody else changed this client meanwhile.", current, changed(current.facts(), form));
    }
    write(client, form);
    writeActivities(client, form.activities());
    clients.saveAndFlush(client);
    ClientFile changed = files.require(clientId);
    events.publishEvent(new PersonChanged(changed));
    return view(changed);
  }

  @PostMapping("/{clientId}/invitation")
  AccountService.Token invite(@PathVariable UUID clientId) {
    return accounts.invite(scope.coachId(), files.require(clientId).id());
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
    client.intakeAnswered = form.intakeAnswered().stream().sorted().map(Enum::name).toList();
    client.timeZone = form.timeZone();
    client.wakesAt = form.wakesAt();
    client.sleepsAt = form.sleepsAt();
    client.positions = form.positions().stream().sorted().map(Enum::name).toList();
    client.things = form.things().stream().sorted().map(Enum::name).toList();
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
      activity.hands = form.hands().stream().sorted().map(Enum::name).toList();
      activity.digits = form.digits().stream().sorted().map(Enum::name).toList();
      activity.roles = roles("activities[%d].roles".formatted(place), form);
      activity.weeklyMinutes = form.weeklyMinutes();
      activity.weights = weights("activities[%d].weights".formatted(place), form);
      activities.save(activity);
    }
    activities.deleteAll(before.values());
    activities.flush();
  }

  /** What is stored of the hands' roles; null where they are the usual ones of the discipline. */
  private static List<String> roles(String field, ActivityForm form) {
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
    return form.roles().entrySet().stream()
        .map(e -> e.getKey() + "/" + e.getValue())
        .sorted()
        .toList();
  }

  /** The roles that hands can have in each discipline; none where both do the same. */
  @GetMapping("/hand-roles")
  Map<Discipline, List<HandRoleView>> handRoles() {
    Map<Discipline, List<HandRoleView>> views = new EnumMap<>(Discipline.class);
    for (Discipline discipline : Discipline.values()) {
      views.put(
          discipline,
          HandRole.in(discipline).stream().map(r -> new HandRoleView(r, r.word())).toList());
    }
    return views;
  }

  private static ClientView view(ClientFile file) {
    ClientForm facts =
        new ClientForm(
            file.version(),
            file.name(),
            file.occupation(),
            file.dominantHand(),
            file.notation(),
            file.method(),
            file.ageGroup(),
            file.claspSide().orElse(null),
            file.breathsPerMinute(),
            file.warmUpMinutes(),
            file.breakMinutes(),
            file.careMinutes(),
            file.zone().getId(),
            file.wakesAt(),
            file.sleepsAt(),
            file.positions(),
            file.things(),
            file.weightsGrams(),
            file.activities().stream()
                .map(
                    activity ->
                        new ActivityForm(
                            activity.id(),
                            activity.kind(),
                            activity.title(),
                            activity.discipline(),
                            activity.hands(),
                            activity.digits(),
                            activity.roles(),
                            activity.weeklyMinutes(),
                            activity.ownWeights().map(ClientController::forms).orElse(null)))
                .toList(),
            file.intakeAnswered());
    return new ClientView(file.id(), facts);
  }

  private static List<WeightForm> forms(Weights weights) {
    return weights.points().entrySet().stream()
        .map(e -> new WeightForm(e.getKey().target().id(), e.getKey().side(), e.getValue()))
        .toList();
  }

  /** What is stored of weights; null where they are those that the activity has by itself. */
  private static List<String> weights(String field, ActivityForm form) {
    if (form.weights() == null) {
      return null;
    }
    SortedSet<String> stored = new TreeSet<>();
    for (WeightForm weight : form.weights()) {
      if (Target.find(weight.target()).isEmpty()) {
        throw new InvalidFieldException(
            field,
            "(%s) must be one of %s."
                .formatted(
                    weight.target(),
                    Target.all().stream().map(Target::id).collect(Collectors.joining(", "))));
      }
      stored.add("%s/%s/%d".formatted(weight.target(), weight.side(), weight.weight()));
    }
    return List.copyOf(stored);
  }

  /** What each activity asks for of each target and side. */
  @GetMapping("/{clientId}/activities/{activityId}/weights")
  List<WeightView> weights(@PathVariable UUID clientId, @PathVariable UUID activityId) {
    ClientFile.ActivityFile activity =
        files
            .require(clientId)
            .activity(activityId)
            .orElseThrow(() -> new NotFoundException("activity"));
    Weights now = activity.weights();
    Weights usual = activity.usualWeights();
    List<WeightView> views = new ArrayList<>();
    for (Target target : Target.all()) {
      for (Side side : Side.values()) {
        views.add(
            new WeightView(
                target.id(), target.word(), side, now.of(target, side), usual.of(target, side)));
      }
    }
    return views;
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
