package org.nimblet.core.exercise;

import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;

/**
 * How an exercise is drawn: keyframes of one figure, played in order and back to the first.
 *
 * @param view from where it is seen
 * @param poses one or more keyframes, all of the same figure
 * @param worked the digits drawn as working
 * @param arrow the arrow the figure carries
 */
public record Figure(FigureView view, List<Pose> poses, Set<Digit> worked, FigureArrow arrow) {

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
    Pose.Stage stage = poses.get(0).stage();
    for (Pose pose : poses) {
      if (pose.stage() != stage) {
        throw new IllegalArgumentException(
            "poses (%s) must all be of one figure: %s is %s, %s is %s"
                .formatted(poses, poses.get(0), stage, pose, pose.stage()));
      }
    }
  }
}
