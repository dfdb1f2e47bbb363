package org.nimblet.core.exercise;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;

/**
 * How an exercise is drawn: keyframes of one figure, played in order and back to the first.
 *
 * @param view from where it is seen
 * @param ways the keyframes of each way where the ways of the exercise are drawn differently; else
 *     one list of them
 * @param places the places of the body drawn at work; only of a body
 * @param worked the digits drawn as working
 * @param arrow the arrow the figure carries
 * @param prop what the hand holds or lies on
 * @param contact how the hands touch each other meanwhile
 * @param wrong the common wrong form, shown as a ghost where it helps
 */
public record Figure(
    FigureView view,
    List<List<Keyframe>> ways,
    Set<BodyPlace> places,
    Set<Digit> worked,
    FigureArrow arrow,
    FigureProp prop,
    Contact contact,
    Optional<Keyframe> wrong) {

  /**
   * Checks that the keyframes belong together.
   *
   * @throws IllegalArgumentException if there is no pose or they are of different figures
   */
  public Figure {
    ways = ways.stream().map(List::copyOf).toList();
    places = Set.copyOf(places);
    worked = Set.copyOf(worked);
    if (ways.isEmpty() || ways.stream().anyMatch(List::isEmpty)) {
      throw new IllegalArgumentException("poses (none) must hold at least one pose");
    }
    Keyframe first = ways.get(0).get(0);
    ways.stream().flatMap(List::stream).forEach(pose -> checkSame(first, pose, "poses"));
    wrong.ifPresent(form -> checkSame(first, form, "wrong"));
    Keyframe.Stage seen =
        switch (view) {
          case PAIR -> Keyframe.Stage.PAIR;
          case BODY, BODY_SIDE, BODY_THREE_QUARTER, BODY_BEHIND -> Keyframe.Stage.BODY;
          case PALM, BACK, SIDE, SIDE_PALM_UP, THREE_QUARTER, LIFT -> Keyframe.Stage.HAND;
        };
    if (seen != first.stage()) {
      throw new IllegalArgumentException(
          "view (%s) must fit the poses, which are of the figure %s"
              .formatted(view, first.stage()));
    }
    if (!places.isEmpty() && seen != Keyframe.Stage.BODY) {
      throw new IllegalArgumentException(
          "places (%s) must stand with a figure of the body only".formatted(places));
    }
  }

  /** All keyframes, way after way. */
  public List<Keyframe> poses() {
    return ways.stream().flatMap(List::stream).toList();
  }

  /** The keyframes of one unit of a dose, for the digits that are at work in it. */
  public List<Keyframe> posesOf(Units units, int unit) {
    boolean byWay = units.each() == Units.Each.WAYS && ways.size() > 1;
    List<Keyframe> own = byWay ? ways.get(units.place(unit)) : poses();
    return own.stream().map(pose -> pose.forDigits(units.digits(unit))).toList();
  }

  private static void checkSame(Keyframe first, Keyframe other, String field) {
    if (other.stage() != first.stage()) {
      throw new IllegalArgumentException(
          "%s must all be of one figure: %s is %s, %s is %s"
              .formatted(field, first.text(), first.stage(), other.text(), other.stage()));
    }
  }
}
