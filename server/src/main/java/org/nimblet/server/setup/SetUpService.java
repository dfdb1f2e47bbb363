package org.nimblet.server.setup;

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
import org.nimblet.server.client.RidingPoints;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.setup.SetUpForms.ActivitySetUp;
import org.nimblet.server.setup.SetUpForms.ComparisonForm;
import org.nimblet.server.setup.SetUpForms.ComparisonView;
import org.nimblet.server.setup.SetUpForms.LookForm;
import org.nimblet.server.setup.SetUpForms.MeasureView;
import org.nimblet.server.setup.SetUpForms.PointView;
import org.nimblet.server.setup.SetUpForms.RidingForm;
import org.nimblet.server.setup.SetUpForms.SetUpView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the looks at set-ups. */
@Service
public class SetUpService {

  private final RidingPoints ridingPoints;
  private final SetUpEntries entries;
  private final SetUpComparisons comparisons;
  private final Clock clock;

  SetUpService(
      RidingPoints ridingPoints, SetUpEntries entries, SetUpComparisons comparisons, Clock clock) {
    this.ridingPoints = ridingPoints;
    this.entries = entries;
    this.comparisons = comparisons;
    this.clock = clock;
  }

  /** A look at a point. */
  @Transactional
  public void look(ClientFile client, LookForm form) {
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
  }

  /** Lets a point ride along in the routines around an activity, or none. */
  @Transactional
  public void ride(ClientFile client, RidingForm form) {
    ActivityFile activity = activity(client, form.activityId());
    if (form.point() != null) {
      checkPoint("point", activity, form.point());
    }
    ridingPoints.set(client, activity.id(), Optional.ofNullable(form.point()));
  }

  /** Keeps how two set-ups compared. */
  @Transactional
  public void compare(ClientFile client, ComparisonForm form) {
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

  /** The set-up of a client as it was last looked at. */
  @Transactional(readOnly = true)
  public SetUpView view(ClientFile client) {
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
