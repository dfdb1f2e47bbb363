package org.nimblet.core.exercise;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;

/**
 * How an exercise is drawn: keyframes of one figure, played in order and back to the first.
 *
 * @param view from where it is seen
 * @param poses one or more keyframes, all of the same figure
 * @param worked the digits drawn as working
 * @param arrow the arrow the figure carries
 * @param prop what the hand holds or lies on
 * @param wrong the common wrong form, shown as a ghost where it helps
 */
public record Figure(
    FigureView view,
    List<Keyframe> poses,
    Set<Digit> worked,
    FigureArrow arrow,
    FigureProp prop,
    Optional<Keyframe> wrong) {

  /**
   * Checks that the keyframes belong together.
   *
   * @throws IllegalArgumentException if there is no pose or they are of different figures
   */
  public Figure {
    poses = List.copyOf(poses);
    worked = Set.copyOf(worked);
    if (poses.isEmpty()) {
      throw new IllegalArgumentException("poses (none) must hold at least one pose");
    }
    Keyframe first = poses.get(0);
    for (Keyframe pose : poses) {
      checkSame(first, pose, "poses");
    }
    wrong.ifPresent(form -> checkSame(first, form, "wrong"));
    Keyframe.Stage seen =
        switch (view) {
          case PAIR -> Keyframe.Stage.PAIR;
          case BODY -> Keyframe.Stage.BODY;
          default -> Keyframe.Stage.HAND;
        };
    if (seen != first.stage()) {
      throw new IllegalArgumentException(
          "view (%s) must fit the poses, which are of the figure %s"
              .formatted(view, first.stage()));
    }
  }

  private static void checkSame(Keyframe first, Keyframe other, String field) {
    if (other.stage() != first.stage()) {
      throw new IllegalArgumentException(
          "%s must all be of one figure: %s is %s, %s is %s"
              .formatted(field, first.text(), first.stage(), other.text(), other.stage()));
    }
  }
}
