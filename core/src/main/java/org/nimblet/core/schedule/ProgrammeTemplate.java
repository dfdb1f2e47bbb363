package org.nimblet.core.schedule;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.schedule.Anchor.PartOfDay;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * A programme to start from that ships with the program.
 *
 * @param id lower case, words joined by hyphens
 * @param title what it is called
 * @param aim what it is good for, as one sentence
 * @param weeks how long it goes on
 * @param reviewWeeks after how many weeks it is looked at
 * @param obligations what it asks for
 */
public record ProgrammeTemplate(
    String id, String title, String aim, int weeks, int reviewWeeks, List<Obligation> obligations) {

  /** Copies the list. */
  public ProgrammeTemplate {
    obligations = List.copyOf(obligations);
  }

  /** All programmes that ship. */
  public static List<ProgrammeTemplate> all() {
    try (InputStream in = ProgrammeTemplate.class.getResourceAsStream("programmes.yaml")) {
      List<Map<String, Object>> entries =
          new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      return entries.stream().map(ProgrammeTemplate::read).toList();
    } catch (IOException e) {
      throw new UncheckedIOException("the programmes ship with the core", e);
    }
  }

  private static ProgrammeTemplate read(Map<String, Object> entry) {
    List<Obligation> obligations = new ArrayList<>();
    for (Object obligation : (List<?>) entry.get("obligations")) {
      obligations.add(obligation((Map<?, ?>) obligation, obligations.size() + 1));
    }
    return new ProgrammeTemplate(
        entry.get("id").toString(),
        entry.get("title").toString(),
        entry.get("aim").toString(),
        (Integer) entry.get("weeks"),
        (Integer) entry.get("review"),
        obligations);
  }

  private static Obligation obligation(Map<?, ?> fields, int number) {
    return new Obligation(
        String.valueOf(number),
        Purpose.valueOf(constant(fields.get("purpose"))),
        (Integer) fields.get("minutes"),
        Frequency.valueOf(constant(fields.get("often"))),
        Optional.ofNullable(fields.get("where"))
            .map(where -> PartOfDay.valueOf(constant(where)))
            .orElse(PartOfDay.EVENING),
        Boolean.TRUE.equals(fields.get("heavy")),
        Set.of(),
        new Contents.Composed(
            fields.get("with") instanceof List<?> with
                ? with.stream().map(Object::toString).toList()
                : List.of(),
            Optional.ofNullable(fields.get("theme")).map(Object::toString)));
  }

  private static String constant(Object name) {
    return name.toString().toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
  }
}
