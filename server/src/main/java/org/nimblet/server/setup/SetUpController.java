package org.nimblet.server.setup;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.core.setup.SetUpCheck;
import org.nimblet.core.setup.SetUpPoint;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFile.ActivityFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.client.RidingPoints;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{clientId}/set-up")
class SetUpController {

  private static final String VALUE_RULE = "0 to 1000.";
  private static final String NAME_RULE = "1 to 40 characters.";

  private final ClientFiles clients;
  private final RidingPoints ridingPoints;
  private final SetUpEntries entries;
  private final SetUpComparisons comparisons;
  private final Clock clock;

  SetUpController(
      ClientFiles clients,
      RidingPoints ridingPoints,
      SetUpEntries entries,
      SetUpComparisons comparisons,
      Clock clock) {
    this.clients = clients;
    this.ridingPoints = ridingPoints;
    this.entries = entries;
    this.comparisons = comparisons;
    this.clock = clock;
  }

  /** The set-up of a client, activity by activity. */
  record SetUpView(List<ActivitySetUp> activities, List<MeasureView> measures) {}

  /** The points of one activity, and how two set-ups of it compared. */
  record ActivitySetUp(
      UUID activityId,
      String title,
      List<PointView> points,
      @Schema(nullable = true) String ridingPoint,
      List<ComparisonView> comparisons) {}

  /** A point with the last look at it. */
  record PointView(
      String id,
      String says,
      String why,
      PointState state,
      @Schema(nullable = true) LocalDate lookedOn,
      String words) {}

  /** Two set-ups beside each other. */
  record ComparisonView(
      LocalDate date,
      String measure,
      String unit,
      String firstName,
      BigDecimal firstValue,
      String secondName,
      BigDecimal secondValue,
      String better) {}

  /** A number by which set-ups can be compared. */
  record MeasureView(SetUpMeasure measure, String word, String unit) {}

  /** A look at a point. */
  record LookForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @NotNull(message = "One of the points.") String point,
      @NotNull(message = "FINE or NOT_YET.") PointState state,
      @NotNull(message = "Up to 120 characters.")
          @Size(max = 120, message = "Up to 120 characters.")
          String words) {}

  /** The point that rides along, or none. */
  record RidingForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @Schema(nullable = true) String point) {}

  /** A comparison of two set-ups. */
  record ComparisonForm(
      @NotNull(message = "One of the client's activities.") UUID activityId,
      @NotNull(message = "One of the measures.") SetUpMeasure measure,
      @NotBlank(message = NAME_RULE) @Size(max = 40, message = NAME_RULE) String firstName,
      @NotNull(message = VALUE_RULE)
          @DecimalMin(value = "0", message = VALUE_RULE)
          @DecimalMax(value = "1000", message = VALUE_RULE)
          BigDecimal firstValue,
      @NotBlank(message = NAME_RULE) @Size(max = 40, message = NAME_RULE) String secondName,
      @NotNull(message = VALUE_RULE)
          @DecimalMin(value = "0", message = VALUE_RULE)
          @DecimalMax(value = "1000", message = VALUE_RULE)
          BigDecimal secondValue) {}

  @GetMapping
  @Transactional(readOnly = true)
  public SetUpView setUp(@PathVariable UUID clientId) {
    return view(clients.require(clientId));
  }

  @PostMapping("/looks")
  @Transactional
  public SetUpView look(@PathVariable UUID clientId, @Valid @RequestBody LookForm form) {
    ClientFile client = clients.require(clientId);
    ActivityFile activity = activity(client, form.activityId());
    checkPoint("point", activity, form.point());
    SetUpEntry entry = new SetUpEntry();
    entry.id = UUID.randomUUID();
    entry.coachId = client.coachId();
    entry.clientId = client.id();
    entry.activityId = activity.id();
    entry.at = clock.instant();
    entry.point = form.point();
    entry.state = form.state();
    entry.words = form.words().strip();
    entries.save(entry);
    return view(client);
  }

  @PutMapping("/riding-point")
  @Transactional
  public SetUpView ride(@PathVariable UUID clientId, @Valid @RequestBody RidingForm form) {
    ClientFile client = clients.require(clientId);
    ActivityFile activity = activity(client, form.activityId());
    if (form.point() != null) {
      checkPoint("point", activity, form.point());
    }
    ridingPoints.set(client, activity.id(), Optional.ofNullable(form.point()));
    return view(clients.require(clientId));
  }

  @PostMapping("/comparisons")
  @Transactional
  public SetUpView compare(@PathVariable UUID clientId, @Valid @RequestBody ComparisonForm form) {
    ClientFile client = clients.require(clientId);
    ActivityFile activity = activity(client, form.activityId());
    SetUpComparison comparison = new SetUpComparison();
    comparison.id = UUID.randomUUID();
    comparison.coachId = client.coachId();
    comparison.clientId = client.id();
    comparison.activityId = activity.id();
    comparison.at = clock.instant();
    comparison.measure = form.measure();
    comparison.firstName = form.firstName().strip();
    comparison.firstValue = form.firstValue();
    comparison.secondName = form.secondName().strip();
    comparison.secondValue = form.secondValue();
    comparisons.save(comparison);
    return view(client);
  }

  private static ActivityFile activity(ClientFile client, UUID activityId) {
    return client.activity(activityId).orElseThrow(() -> new NotFoundException("activity"));
  }

  private static void checkPoint(String field, ActivityFile activity, String point) {
    List<String> allowed =
        SetUpCheck.of(activity.discipline()).stream().map(SetUpPoint::id).toList();
    if (!allowed.contains(point)) {
      throw new InvalidFieldException(
          field, "(%s) must be one of %s.".formatted(point, String.join(", ", allowed)));
    }
  }

  private SetUpView view(ClientFile client) {
    Map<String, SetUpEntry> last = new HashMap<>();
    entries
        .findByClientIdOrderByAtAscIdAsc(client.id())
        .forEach(entry -> last.put(entry.activityId + "/" + entry.point, entry));
    List<SetUpComparison> compared = comparisons.findByClientIdOrderByAtDescIdAsc(client.id());
    return new SetUpView(
        client.activities().stream()
            .map(
                activity ->
                    new ActivitySetUp(
                        activity.id(),
                        activity.title(),
                        SetUpCheck.of(activity.discipline()).stream()
                            .map(p -> point(p, last.get(activity.id() + "/" + p.id()), client))
                            .toList(),
                        activity.ridingPoint().orElse(null),
                        compared.stream()
                            .filter(c -> c.activityId.equals(activity.id()))
                            .map(c -> comparison(c, client))
                            .toList()))
            .toList(),
        Arrays.stream(SetUpMeasure.values())
            .map(m -> new MeasureView(m, m.word(), m.unit()))
            .toList());
  }

  private static LocalDate date(Instant at, ClientFile client) {
    return LocalDate.ofInstant(at, client.zone());
  }

  private static PointView point(SetUpPoint point, SetUpEntry entry, ClientFile client) {
    return new PointView(
        point.id(),
        point.says(),
        point.why(),
        entry == null ? PointState.NOT_LOOKED_AT : entry.state,
        entry == null ? null : date(entry.at, client),
        entry == null ? "" : entry.words);
  }

  private static ComparisonView comparison(SetUpComparison c, ClientFile client) {
    int difference = c.firstValue.compareTo(c.secondValue);
    boolean firstBetter = c.measure.moreIsBetter() ? difference > 0 : difference < 0;
    return new ComparisonView(
        date(c.at, client),
        c.measure.word(),
        c.measure.unit(),
        c.firstName,
        c.firstValue,
        c.secondName,
        c.secondValue,
        difference == 0 ? "" : firstBetter ? c.firstName : c.secondName);
  }
}
