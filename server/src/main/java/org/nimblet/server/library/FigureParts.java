package org.nimblet.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.exercise.BodyPlace;
import org.nimblet.core.exercise.Figure;
import org.nimblet.core.exercise.FigureArrow;
import org.nimblet.core.exercise.FigureProp;
import org.nimblet.core.exercise.FigureView;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.routine.Step;

/** A figure as it is drawn; its keyframes way after way. */
public record FigureParts(
    FigureView view,
    List<Keyframe> poses,
    List<BodyPlace> places,
    List<Digit> worked,
    FigureArrow arrow,
    FigureProp prop,
    @Schema(nullable = true) Keyframe wrong) {

  /** The figure of an exercise. */
  static FigureParts of(Figure figure) {
    return of(figure, figure.worked());
  }

  /** The figure of a step, with the digits that work in it. */
  public static FigureParts of(Step step) {
    return of(step.exercise().figure(), step.workedDigits());
  }

  private static FigureParts of(Figure figure, Set<Digit> worked) {
    return new FigureParts(
        figure.view(),
        figure.poses(),
        figure.places().stream().sorted().toList(),
        worked.stream().sorted().toList(),
        figure.arrow(),
        figure.prop(),
        figure.wrong().orElse(null));
  }
}
