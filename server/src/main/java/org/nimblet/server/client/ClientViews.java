package org.nimblet.server.client;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.anatomy.Target;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.routine.Weights;
import org.nimblet.server.client.ClientForms.ActivityForm;
import org.nimblet.server.client.ClientForms.ActivityShape;
import org.nimblet.server.client.ClientForms.ClientForm;
import org.nimblet.server.client.ClientForms.ClientSummary;
import org.nimblet.server.client.ClientForms.ClientView;
import org.nimblet.server.client.ClientForms.HandRoleView;
import org.nimblet.server.client.ClientForms.WeightForm;
import org.nimblet.server.client.ClientForms.WeightView;

/** Clients as they are shown. */
final class ClientViews {

  private ClientViews() {}

  static ClientSummary summary(ClientFile file) {
    return new ClientSummary(file.id(), file.name(), file.occupation());
  }

  /** Who somebody is and what their hands do. */
  static ClientView of(ClientFile file) {
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
                            activity.ownWeights().map(ClientViews::forms).orElse(null)))
                .toList(),
            file.intakeAnswered());
    boolean finished = file.intakeAnswered().containsAll(EnumSet.allOf(IntakeQuestion.class));
    return new ClientView(
        file.id(), finished, Discipline.spokenOf(file.occupation()).orElse(null), facts);
  }

  private static List<WeightForm> forms(Weights weights) {
    return weights.points().entrySet().stream()
        .map(e -> new WeightForm(e.getKey().target().id(), e.getKey().side(), e.getValue()))
        .toList();
  }

  /** What an activity asks for by itself, of each target and side. */
  static List<WeightView> usualWeights(ActivityShape activity) {
    Weights usual = Weights.ofActivity(activity.discipline(), activity.hands(), activity.digits());
    List<WeightView> views = new ArrayList<>();
    for (Target target : Target.all()) {
      for (Side side : Side.values()) {
        views.add(new WeightView(target.id(), target.word(), side, usual.of(target, side)));
      }
    }
    return views;
  }

  /** The roles that hands can have in each discipline; none where both do the same. */
  static Map<Discipline, List<HandRoleView>> handRoles() {
    Map<Discipline, List<HandRoleView>> views = new EnumMap<>(Discipline.class);
    for (Discipline discipline : Discipline.values()) {
      views.put(
          discipline,
          HandRole.in(discipline).stream().map(r -> new HandRoleView(r, r.word())).toList());
    }
    return views;
  }
}
