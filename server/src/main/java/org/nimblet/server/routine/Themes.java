package org.nimblet.server.routine;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nimblet.core.routine.Theme;
import org.nimblet.server.account.Scope;
import org.nimblet.server.library.CoachLibraries;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.routine.RoutineForms.ThemeForm;
import org.nimblet.server.routine.RoutineForms.ThemeView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The themes that ship, and those that each coach has made. */
@Service
class Themes {

  private static final int MOST = 60;

  private final Scope scope;
  private final OwnThemes own;
  private final CoachLibraries libraries;
  private final Clock clock;

  Themes(Scope scope, OwnThemes own, CoachLibraries libraries, Clock clock) {
    this.scope = scope;
    this.own = own;
    this.libraries = libraries;
    this.clock = clock;
  }

  /** All that can be chosen, own ones first. */
  List<ThemeView> all() {
    return Stream.concat(
            own.findByCoachIdOrderByTitleAscIdAsc(scope.coachId()).stream()
                .map(theme -> new ThemeView(theme.id.toString(), theme.title, true)),
            Theme.shipped().stream().map(theme -> new ThemeView(theme.id(), theme.title(), false)))
        .toList();
  }

  /** All that can be had in mind, own ones first. */
  List<Theme> known() {
    return Stream.concat(
            own.findByCoachIdOrderByTitleAscIdAsc(scope.coachId()).stream().map(OwnTheme::theme),
            Theme.shipped().stream())
        .toList();
  }

  /** A theme by its identifier; empty if there is none, perhaps no longer. */
  Optional<Theme> find(String id) {
    return Theme.find(id).or(() -> uuid(id).flatMap(this::findOwn).map(OwnTheme::theme));
  }

  /**
   * The same.
   *
   * @param field where it was asked for
   * @throws InvalidFieldException if there is none
   */
  Theme require(String id, String field) {
    return find(id)
        .orElseThrow(
            () ->
                new InvalidFieldException(
                    field,
                    "(%s) must be one of %s."
                        .formatted(
                            id,
                            all().stream().map(ThemeView::id).collect(Collectors.joining(", ")))));
  }

  private Optional<OwnTheme> findOwn(UUID id) {
    return own.findByIdAndCoachId(id, scope.coachId());
  }

  private static Optional<UUID> uuid(String id) {
    try {
      return Optional.of(UUID.fromString(id));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Keeps some exercises as a theme. */
  @Transactional
  ThemeView make(ThemeForm form) {
    UUID coach = scope.coachId();
    if (own.countByCoachId(coach) >= MOST) {
      throw new InvalidFieldException("title", "At most %d themes of one's own.".formatted(MOST));
    }
    for (String exercise : form.exercises()) {
      if (libraries.of(coach).find(exercise).isEmpty()) {
        throw new InvalidFieldException("exercises", "(%s) is in no library.".formatted(exercise));
      }
    }
    OwnTheme made = new OwnTheme();
    made.id = UUID.randomUUID();
    made.coachId = coach;
    made.title = form.title().strip();
    made.exercises = form.exercises().stream().distinct().sorted().toList();
    made.madeAt = clock.instant();
    own.save(made);
    return new ThemeView(made.id.toString(), made.title, true);
  }

  /** Takes a theme out; what was kept around it is composed for nothing in particular. */
  @Transactional
  void remove(UUID id) {
    own.delete(findOwn(id).orElseThrow(() -> new NotFoundException("theme")));
  }
}
