package org.nimblet.core.exercise;

import static org.nimblet.core.exercise.RegionGroup.DIGITS;
import static org.nimblet.core.exercise.RegionGroup.FINGERS;
import static org.nimblet.core.exercise.RegionGroup.FOREARM;
import static org.nimblet.core.exercise.RegionGroup.WRIST;
import static org.nimblet.core.exercise.Use.LOADS;
import static org.nimblet.core.exercise.Use.MOVES;
import static org.nimblet.core.exercise.Use.WORKS;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import org.nimblet.core.anatomy.Region;

/**
 * What usually goes with a way of working, so that it need not be written region by region (common
 * practice, no source; the levels of what goes along are ours).
 */
public enum UseRule {
  /** A squeeze loads every digit, palm, wrist and the origins of the muscles at the elbow. */
  GRIP(
      uses -> {
        put(uses, DIGITS, LOADS);
        uses.put(Region.PALM, LOADS);
        uses.put(Region.BACK_OF_HAND, MOVES);
        put(uses, WRIST, LOADS);
        put(uses, FOREARM, LOADS);
        uses.put(Region.ELBOW, LOADS);
      }),
  /** Weight on the hands loads digits, wrist, elbow and shoulder. */
  WEIGHT_ON_HANDS(
      uses -> {
        put(uses, DIGITS, LOADS);
        uses.put(Region.PALM, LOADS);
        uses.put(Region.BACK_OF_HAND, WORKS);
        put(uses, WRIST, LOADS);
        put(uses, FOREARM, WORKS);
        uses.put(Region.ELBOW, LOADS);
        uses.put(Region.SHOULDER, LOADS);
      }),
  /** Finger patterns work the fingers and the palm; thumb, wrist and forearm go along. */
  FINGERS_WORK(
      uses -> {
        uses.put(Region.THUMB, MOVES);
        put(uses, FINGERS, WORKS);
        uses.put(Region.PALM, WORKS);
        uses.put(Region.BACK_OF_HAND, MOVES);
        put(uses, WRIST, MOVES);
        put(uses, FOREARM, MOVES);
      }),
  /** At the instrument or device the digits work and the whole arm carries them. */
  PLAYING(
      uses -> {
        put(uses, DIGITS, WORKS);
        uses.put(Region.PALM, WORKS);
        uses.put(Region.BACK_OF_HAND, MOVES);
        put(uses, WRIST, MOVES);
        put(uses, FOREARM, WORKS);
        uses.put(Region.ELBOW, MOVES);
        uses.put(Region.SHOULDER, MOVES);
      }),
  /** A hand that pulls, presses or rolls works thumb, palm, wrist and forearm. */
  PRESSES(
      uses -> {
        uses.put(Region.THUMB, WORKS);
        put(uses, FINGERS, MOVES);
        uses.put(Region.PALM, WORKS);
        put(uses, WRIST, WORKS);
        put(uses, FOREARM, WORKS);
      }),
  /** A hand that only holds or strokes touches with the same. */
  HOLDS(
      uses -> {
        put(uses, DIGITS, MOVES);
        uses.put(Region.PALM, MOVES);
        put(uses, WRIST, MOVES);
        put(uses, FOREARM, MOVES);
      });

  private final Map<Region, Use> uses;

  UseRule(Consumer<Map<Region, Use>> fill) {
    Map<Region, Use> filled = new EnumMap<>(Region.class);
    fill.accept(filled);
    this.uses = Collections.unmodifiableMap(filled);
  }

  private static void put(Map<Region, Use> uses, RegionGroup group, Use use) {
    group.regions().forEach(region -> uses.put(region, use));
  }

  /** What it uses. */
  public Map<Region, Use> uses() {
    return uses;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
