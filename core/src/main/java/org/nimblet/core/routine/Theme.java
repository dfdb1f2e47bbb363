package org.nimblet.core.routine;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Thing;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * A set of exercises that a coach has in mind for a routine: what it holds is taken first, the rest
 * fills. An exercise belongs to it if any of its parts takes it.
 *
 * @param id lower case, words joined by hyphens
 * @param title what it is called
 * @param positions the positions in which its exercises are usually done
 * @param roles the hands whose work they are
 * @param mains what they are chiefly for, by the identifiers of targets
 * @param things what they need
 * @param exercises exercises by name
 */
public record Theme(
    String id,
    String title,
    Set<Position> positions,
    Set<HandRole> roles,
    Set<String> mains,
    Set<Thing> things,
    Set<String> exercises) {

  /** Copies the sets. */
  public Theme {
    positions = Set.copyOf(positions);
    roles = Set.copyOf(roles);
    mains = Set.copyOf(mains);
    things = Set.copyOf(things);
    exercises = Set.copyOf(exercises);
  }

  private static final List<Theme> SHIPPED = load();

  /** The themes that ship, in the order in which they are offered. */
  public static List<Theme> shipped() {
    return SHIPPED;
  }

  /** A theme by its identifier. */
  public static Optional<Theme> find(String id) {
    return SHIPPED.stream().filter(theme -> theme.id().equals(id)).findFirst();
  }

  /** A theme of some exercises by name. */
  public static Theme ofExercises(String id, String title, Collection<String> exercises) {
    return new Theme(id, title, Set.of(), Set.of(), Set.of(), Set.of(), Set.copyOf(exercises));
  }

  /** Whether an exercise belongs to it. */
  public boolean holds(Exercise exercise) {
    return positions.contains(exercise.demands().positions().get(0))
        || exercise.demands().role().filter(roles::contains).isPresent()
        || mains.contains(exercise.service().main().id())
        || !Collections.disjoint(things, exercise.demands().things())
        || exercises.contains(exercise.id());
  }

  private static List<Theme> load() {
    try (InputStream in = Theme.class.getResourceAsStream("themes.yaml")) {
      List<Map<String, Object>> entries =
          new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      return entries.stream().map(Theme::read).toList();
    } catch (IOException e) {
      throw new UncheckedIOException("the themes ship with the core", e);
    }
  }

  private static Theme read(Map<String, Object> entry) {
    return new Theme(
        entry.get("id").toString(),
        entry.get("title").toString(),
        names(entry, "positions").stream()
            .map(name -> Position.valueOf(constant(name)))
            .collect(Collectors.toSet()),
        names(entry, "roles").stream()
            .map(name -> HandRole.valueOf(constant(name)))
            .collect(Collectors.toSet()),
        names(entry, "mains"),
        names(entry, "things").stream()
            .map(name -> Thing.valueOf(constant(name)))
            .collect(Collectors.toSet()),
        names(entry, "exercises"));
  }

  private static Set<String> names(Map<String, Object> entry, String field) {
    return ((List<?>) entry.getOrDefault(field, List.of()))
        .stream().map(Object::toString).collect(Collectors.toSet());
  }

  private static String constant(String name) {
    return name.toUpperCase(Locale.ROOT).replace('-', '_');
  }
}
