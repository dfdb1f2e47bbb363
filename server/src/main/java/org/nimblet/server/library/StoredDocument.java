package org.nimblet.server.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nimblet.core.exercise.ExerciseLibrary;
import org.nimblet.core.exercise.Uses;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * An own exercise as it was stored. Documents from before exercises said what they use are read the
 * safe way, as using the whole arm, until their coach says it; two directions are read as ways.
 */
final class StoredDocument {

  private static final int TO_THE_END = 2;

  private StoredDocument() {}

  static ExerciseLibrary.Reading read(String document) {
    Object loaded = new Yaml(new SafeConstructor(new LoaderOptions())).load(document);
    if (!(loaded instanceof List<?> list)
        || list.size() != 1
        || !(list.get(0) instanceof Map<?, ?> entry)) {
      throw new IllegalStateException("an own exercise must be a list of one entry");
    }
    Map<String, Object> fields = new LinkedHashMap<>();
    entry.forEach((field, value) -> fields.put(field.toString(), value));
    if (!fields.containsKey("uses")) {
      sayWhatItUses(fields);
    }
    nameItsWays(fields);
    return ExerciseLibrary.readEntry("own exercise", fields);
  }

  /** An exercise had two directions before it could have more ways. */
  private static void nameItsWays(Map<String, Object> fields) {
    Object directions = fields.remove("directions");
    if (directions != null) {
      fields.put("ways", directions);
    }
    fields.computeIfPresent("dose", (field, dose) -> withWays(dose));
    fields.computeIfPresent(
        "doses-by-method",
        (field, doses) ->
            doses instanceof List<?> list
                ? list.stream().map(StoredDocument::withWays).toList()
                : doses);
  }

  private static Object withWays(Object dose) {
    if (!(dose instanceof Map<?, ?> map) || !"directions".equals(map.get("units"))) {
      return dose;
    }
    Map<Object, Object> renamed = new LinkedHashMap<>(map);
    renamed.put("units", "ways");
    return renamed;
  }

  private static void sayWhatItUses(Map<String, Object> fields) {
    fields.put("uses", levels(Uses.NEVER_SAID.acting()));
    fields.put("helper", levels(Uses.NEVER_SAID.helping()));
    if (fields.get("movements") instanceof List<?> movements) {
      Map<String, Integer> levels = new LinkedHashMap<>();
      movements.forEach(movement -> levels.put(movement.toString(), TO_THE_END));
      fields.put("movements", levels);
    }
    Object signs = fields.remove("excluded-by");
    if (signs != null) {
      fields.put("closed-with", Map.of("signs", signs));
    }
    if (fields.get("ladder") instanceof Map<?, ?> ladder
        && ladder.get("names") instanceof List<?> names) {
      List<Map<String, Object>> rungs = new ArrayList<>();
      names.forEach(
          name -> rungs.add(Map.of("name", name.toString(), "quantity", quantity(fields))));
      fields.put("ladder", Map.of("kind", "named", "rungs", rungs));
    }
  }

  private static Map<String, Integer> levels(
      Map<org.nimblet.core.anatomy.Region, org.nimblet.core.exercise.Use> uses) {
    Map<String, Integer> levels = new LinkedHashMap<>();
    uses.forEach((region, use) -> levels.put(region.id(), use.level()));
    return levels;
  }

  /** The quantity of the usual dose, at which every named rung stood. */
  private static Object quantity(Map<String, Object> fields) {
    if (fields.get("dose") instanceof Map<?, ?> dose) {
      for (String field : List.of("seconds", "breaths", "passes", "repetitions")) {
        if (dose.get(field) != null) {
          return dose.get(field);
        }
      }
    }
    return 1;
  }
}
