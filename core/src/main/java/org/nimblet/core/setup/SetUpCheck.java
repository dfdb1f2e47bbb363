package org.nimblet.core.setup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Discipline;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/** The short list of points for each thing that hands do (common practice, no source). */
public final class SetUpCheck {

  private static final List<SetUpPoint> POINTS = read();

  private SetUpCheck() {}

  /** The points of a discipline, in the order in which one looks: body first, then the hands. */
  public static List<SetUpPoint> of(Discipline discipline) {
    return POINTS.stream().filter(point -> point.isLookedAtIn(discipline)).toList();
  }

  /** The point with this identifier, if there is one. */
  public static Optional<SetUpPoint> find(String id) {
    return POINTS.stream().filter(point -> point.id().equals(id)).findFirst();
  }

  private static List<SetUpPoint> read() {
    try (InputStream in = SetUpCheck.class.getResourceAsStream("points.yaml")) {
      List<Map<String, Object>> entries =
          new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      List<SetUpPoint> points = new ArrayList<>();
      for (Map<String, Object> entry : entries) {
        points.add(
            new SetUpPoint(
                entry.get("id").toString(),
                entry.get("says").toString(),
                entry.get("why").toString(),
                disciplines(entry.get("for"))));
      }
      return List.copyOf(points);
    } catch (IOException e) {
      throw new UncheckedIOException("the points ship with the core", e);
    }
  }

  private static Set<Discipline> disciplines(Object names) {
    Set<Discipline> disciplines = EnumSet.noneOf(Discipline.class);
    if (names instanceof List<?> list) {
      list.forEach(
          name ->
              disciplines.add(
                  Discipline.valueOf(name.toString().toUpperCase(Locale.ROOT).replace('-', '_'))));
    }
    return disciplines;
  }
}
