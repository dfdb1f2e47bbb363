package org.nimblet.core.exercise;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.nimblet.core.anatomy.Region;

/** A condition that changes what may be done (common practice, no source). */
public enum Condition {
  CARPAL_TUNNEL(
      "carpal tunnel syndrome",
      "Wrist straight. Nothing bends it forward to its end or under load, no weight on a bent"
          + " wrist; gently bent back for at most 30 s."),
  ARTHRITIS(
      "arthritis of the fingers",
      "Warmth, small staged curls, gentle range. No loaded grip, no weight on the hands, nothing"
          + " forced to its end, no fast full counts."),
  DYSTONIA(
      "dystonia",
      "Warmth, gentle mobilising, settling, and the other hand. No repeated or counter patterns of"
          + " this hand and nothing that strengthens it."),
  OLD_INJURY(
      "an old injury",
      "No load, no end range, no pressing and no massage there and next to it; gentle range if told"
          + " so."),
  OPERATION_ADVISED(
      "an operation that was advised",
      "No load, no end range, no pressing and no massage there and next to it; gentle range if told"
          + " so."),
  MOBILE_JOINTS(
      "very mobile joints",
      "Everything short of the end. No end-range stretches of digits and wrist, no press-ups on the"
          + " fingertips, no long heavy counts.");

  /** With carpal tunnel trouble a bent wrist is held for so long at most. */
  public static final int BENT_WRIST_HOLD_SECONDS = 30;

  private final String word;
  private final String adaptation;

  Condition(String word, String adaptation) {
    this.word = word;
    this.adaptation = adaptation;
  }

  /** The condition as words inside a sentence. */
  public String word() {
    return word;
  }

  /** What it asks for and what stays, as sentences. */
  public String adaptation() {
    return adaptation;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether it sits at a place that has to be named. */
  public boolean hasPlace() {
    return this == OLD_INJURY || this == OPERATION_ADVISED;
  }

  /** Where it sits where no place has to be named. */
  public Set<Region> usualPlace() {
    return switch (this) {
      case CARPAL_TUNNEL -> RegionGroup.WRIST.regions();
      case ARTHRITIS -> RegionGroup.DIGITS.regions();
      case DYSTONIA -> RegionGroup.HAND.regions();
      case MOBILE_JOINTS -> union(RegionGroup.DIGITS.regions(), RegionGroup.WRIST.regions());
      case OLD_INJURY, OPERATION_ADVISED ->
          Collections.unmodifiableSet(EnumSet.range(Region.THUMB, Region.SHOULDER));
    };
  }

  private static Set<Region> union(Set<Region> one, Set<Region> other) {
    Set<Region> both = EnumSet.copyOf(one);
    both.addAll(other);
    return Collections.unmodifiableSet(both);
  }
}
