package org.nimblet.core.routine;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.nimblet.core.routine.Finding.Severity;

/**
 * The rules of the trade that a routine keeps, the gravest first. The composer keeps them too: what
 * it composes breaks none.
 */
public enum RoutineRule {
  REFERRAL_SIGN(Severity.STOP, "Referral sign", ClosedRules::sign),
  EXCLUDED_REGION(Severity.STOP, "Left out by a clinician", ClosedRules::clinician),
  KNOWN_CONDITION(Severity.STOP, "Condition or age", ClosedRules::condition),
  PAIN_DOSE(Severity.STOP, "Pain and dose", ClosedRules::pain),
  BENT_WRIST_TOO_LONG(Severity.STOP, "Wrist bent too long", DoseFindings::bentWrist),
  TIRING_BEFORE_PLAY(Severity.STOP, "Too near to play", PlayRules::tiringBeforePlay),
  COLD_STRETCH(Severity.WARN, "Too cold", WarmthRules::coldStretch),
  SAME_TISSUE_WITHIN_48H(Severity.WARN, "No day of rest", PlayRules::sameTissue),
  TOO_MUCH_BEFORE_PERFORMANCE(
      Severity.WARN, "Heavy before a performance", PlayRules::beforePerformance),
  HOLD_OVER_CAP(Severity.WARN, "Held too long", HoldRules::overCap),
  DOSE_OUT_OF_BOUNDS(Severity.WARN, "Dose out of bounds", DoseFindings::bounds),
  LOAD_AND_REPS_TOGETHER(Severity.WARN, "Load and repetitions", DoseFindings::loadAndRepetitions),
  LOAD_STEP_TOO_BIG(Severity.WARN, "Load rises too fast", DoseFindings::loadStep),
  TEMPO_OVER_EVENNESS(Severity.WARN, "Tempo before evenness", DoseFindings::tempo),
  WEEKLY_VOLUME_JUMP(Severity.WARN, "A jump in the week", DoseFindings::volume),
  ONE_SIDE_ONLY(Severity.WARN, "One side only", SideRules::oneSideOnly),
  SIDE_BIAS_TOO_LARGE(Severity.WARN, "One side far more", SideRules::bias),
  POSITION_UNAVAILABLE(Severity.WARN, "Position not possible", PlaceRules::position),
  EQUIPMENT_MISSING(Severity.WARN, "Thing not at hand", PlaceRules::things),
  OVER_BUDGET(Severity.WARN, "Longer than the time", TimeRules::overBudget),
  INTENSE_EARLY(Severity.NOTE, "Intense too early", OrderRules::intenseEarly),
  SMALL_BEFORE_LARGE(Severity.NOTE, "Small before large", OrderRules::smallBeforeLarge),
  NO_RELEASE_AFTER_HOLD(Severity.NOTE, "No release after a hold", HoldRules::noRelease);

  private final Severity severity;
  private final String title;
  private final Function<CheckedRoutine, List<Finding>> check;

  RoutineRule(Severity severity, String title, Function<CheckedRoutine, List<Finding>> check) {
    this.severity = severity;
    this.title = title;
    this.check = check;
  }

  /** The identifier: "cold-stretch". */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** How much it weighs. */
  public Severity severity() {
    return severity;
  }

  /** The rule as a heading. */
  public String title() {
    return title;
  }

  /** Where a routine breaks it. */
  List<Finding> findings(CheckedRoutine routine) {
    return check.apply(routine);
  }
}
