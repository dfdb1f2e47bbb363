package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;

/**
 * The fields of one exercise, or of one part of it, read with their types. A wrong field becomes a
 * problem and a harmless value, so that one reading finds every problem.
 */
final class LibraryEntry {

  private final String file;
  private final String entry;
  private final String path;
  private final Map<?, ?> fields;
  private final List<LibraryProblem> problems;

  LibraryEntry(
      String file, String entry, String path, Map<?, ?> fields, List<LibraryProblem> problems) {
    this.file = file;
    this.entry = entry;
    this.path = path;
    this.fields = fields;
    this.problems = problems;
  }

  void problem(String field, String message) {
    problems.add(new LibraryProblem(file, entry, path + field, message));
  }

  /** Builds a value whose constructor checks itself; its complaint becomes a problem. */
  <T> Optional<T> checked(String field, Supplier<T> build) {
    int before = problems.size();
    try {
      T value = build.get();
      return problems.size() > before ? Optional.empty() : Optional.of(value);
    } catch (IllegalArgumentException e) {
      if (problems.size() == before) {
        problem(field, e.getMessage());
      }
      return Optional.empty();
    }
  }

  void allowOnly(Set<String> allowed) {
    for (Object field : fields.keySet()) {
      if (!allowed.contains(String.valueOf(field))) {
        problem(
            String.valueOf(field),
            "is no field here; allowed: "
                + allowed.stream().sorted().collect(Collectors.joining(", ")));
      }
    }
  }

  String text(String field) {
    Object value = fields.get(field);
    if (value == null || value.toString().isBlank()) {
      problem(field, "(nothing) must be a text");
      return "";
    }
    return value.toString().strip();
  }

  boolean has(String field) {
    return fields.get(field) != null;
  }

  Optional<String> textIfAny(String field) {
    return has(field) ? Optional.of(text(field)) : Optional.empty();
  }

  List<String> texts(String field, boolean required) {
    Object value = fields.get(field);
    List<String> texts = new ArrayList<>();
    if (value instanceof List<?> list) {
      list.forEach(item -> texts.add(String.valueOf(item).strip()));
    } else if (value != null) {
      problem(field, "(%s) must be a list of texts".formatted(value));
      return List.of();
    }
    if (required && texts.isEmpty()) {
      problem(field, "(nothing) must hold at least one text");
    }
    return texts;
  }

  int number(String field) {
    if (fields.get(field) instanceof Integer number) {
      return number;
    }
    problem(field, "(%s) must be a whole number".formatted(fields.get(field)));
    return 1;
  }

  int number(String field, int otherwise) {
    return fields.containsKey(field) ? number(field) : otherwise;
  }

  /** A list of whole numbers. */
  List<Integer> numbers(String field) {
    List<Integer> numbers = new ArrayList<>();
    if (fields.get(field) instanceof List<?> list) {
      for (Object item : list) {
        if (item instanceof Integer number) {
          numbers.add(number);
        } else {
          problem(field, "(%s) must be a whole number".formatted(item));
        }
      }
    } else {
      problem(field, "(%s) must be a list of whole numbers".formatted(fields.get(field)));
    }
    return numbers;
  }

  boolean flag(String field) {
    Object value = fields.get(field);
    if (value == null) {
      return false;
    }
    if (value instanceof Boolean flag) {
      return flag;
    }
    problem(field, "(%s) must be true or false".formatted(value));
    return false;
  }

  /** Lists of texts, one after the other. */
  List<List<String>> lists(String field) {
    List<List<String>> lists = new ArrayList<>();
    if (fields.get(field) instanceof List<?> outer) {
      for (Object inner : outer) {
        if (inner instanceof List<?> texts && !texts.isEmpty()) {
          lists.add(texts.stream().map(text -> String.valueOf(text).strip()).toList());
        } else {
          problem(field, "(%s) must be a list of texts".formatted(inner));
        }
      }
    } else {
      problem(field, "(%s) must be lists of texts".formatted(fields.get(field)));
    }
    return lists;
  }

  /** Purposes by the names of the targets they stand under. */
  Map<String, Set<Purpose>> purposes() {
    Map<String, Set<Purpose>> purposes = new LinkedHashMap<>();
    for (Object field : fields.keySet()) {
      String name = String.valueOf(field);
      if (Target.find(name).isEmpty()) {
        problem(
            name,
            "is no target; allowed: %s"
                .formatted(
                    Target.all().stream().map(Target::id).collect(Collectors.joining(", "))));
      }
      List<Purpose> named = choices(name, Purpose.class);
      if (named.isEmpty()) {
        problem(name, "(nothing) must name a purpose; allowed: " + ids(Purpose.class));
      } else {
        purposes.put(name, EnumSet.copyOf(named));
      }
    }
    return purposes;
  }

  /** Whole numbers by the names of their fields. */
  Map<String, Integer> numbers() {
    Map<String, Integer> numbers = new LinkedHashMap<>();
    fields.keySet().forEach(field -> numbers.put(String.valueOf(field), number(field.toString())));
    return numbers;
  }

  /** How much each of these is used, by its identifier. */
  <E extends Enum<E>> Map<E, Use> uses(Class<E> type) {
    Map<E, Use> uses = new EnumMap<>(type);
    for (Object field : fields.keySet()) {
      choice(String.valueOf(field), field, type)
          .ifPresent(named -> use(field.toString()).ifPresent(use -> uses.put(named, use)));
    }
    return uses;
  }

  /**
   * How much regions are used: by named rules, then by groups of regions from the widest on, then
   * region by region; what is written more exactly counts.
   */
  Map<Region, Use> regionUses() {
    Map<Region, Use> uses = new EnumMap<>(Region.class);
    for (UseRule rule : choices("by", UseRule.class)) {
      rule.uses().forEach((region, use) -> uses.merge(region, use, Use::greater));
    }
    for (RegionGroup group : RegionGroup.values()) {
      if (fields.containsKey(group.id())) {
        use(group.id()).ifPresent(use -> group.regions().forEach(r -> uses.put(r, use)));
      }
    }
    for (Object field : fields.keySet()) {
      String name = String.valueOf(field);
      if (!name.equals("by") && group(name).isEmpty()) {
        region(name, field).ifPresent(region -> use(name).ifPresent(use -> uses.put(region, use)));
      }
    }
    return uses;
  }

  /** Regions and groups of them as one set. */
  Set<Region> regions(String field) {
    Set<Region> regions = EnumSet.noneOf(Region.class);
    for (String name : texts(field, false)) {
      Optional<RegionGroup> group = group(name);
      if (group.isPresent()) {
        regions.addAll(group.get().regions());
      } else {
        region(field, name).ifPresent(regions::add);
      }
    }
    return regions;
  }

  private static Optional<RegionGroup> group(String name) {
    return Arrays.stream(RegionGroup.values()).filter(group -> group.id().equals(name)).findFirst();
  }

  private Optional<Region> region(String field, Object name) {
    Optional<Region> found =
        Arrays.stream(Region.values())
            .filter(region -> region.id().equals(name.toString().strip()))
            .findFirst();
    if (found.isEmpty()) {
      problem(
          field,
          "(%s) is no region; allowed: %s, %s"
              .formatted(name, ids(RegionGroup.class), ids(Region.class)));
    }
    return found;
  }

  private Optional<Use> use(String field) {
    Object value = fields.get(field);
    Optional<Use> use = value instanceof Integer level ? Use.of(level) : Optional.empty();
    if (use.isEmpty()) {
      problem(
          field,
          "(%s) must be 1 (moves or touches), 2 (works or takes to its end) or 3 (loads)"
              .formatted(value));
    }
    return use;
  }

  static <E extends Enum<E>> String ids(Class<E> type) {
    return Arrays.stream(type.getEnumConstants())
        .map(LibraryWriter::word)
        .collect(Collectors.joining(", "));
  }

  <E extends Enum<E>> Optional<E> choiceIfAny(String field, Class<E> type) {
    return has(field) ? choice(field, fields.get(field), type) : Optional.empty();
  }

  <E extends Enum<E>> E choice(String field, Class<E> type, E otherwise) {
    Object value = fields.get(field);
    return value == null ? otherwise : choice(field, value, type).orElse(otherwise);
  }

  <E extends Enum<E>> List<E> choices(String field, Class<E> type) {
    List<E> found = new ArrayList<>();
    for (String text : texts(field, false)) {
      choice(field, text, type).ifPresent(found::add);
    }
    return found;
  }

  private <E extends Enum<E>> Optional<E> choice(String field, Object value, Class<E> type) {
    String wanted = value.toString().strip().toUpperCase(Locale.ROOT).replace('-', '_');
    Optional<E> found =
        Arrays.stream(type.getEnumConstants())
            .filter(constant -> constant.name().equals(wanted))
            .findFirst();
    if (found.isEmpty()) {
      problem(field, "(%s) must be one of %s".formatted(value, ids(type)));
    }
    return found;
  }

  LibraryEntry part(String field) {
    Object value = fields.get(field);
    if (value instanceof Map<?, ?> map) {
      return new LibraryEntry(file, entry, path + field + ".", map, problems);
    }
    problem(field, "(%s) must be a set of fields".formatted(value == null ? "nothing" : value));
    return new LibraryEntry(file, entry, path + field + ".", Map.of(), problems);
  }

  List<LibraryEntry> parts(String field) {
    List<LibraryEntry> parts = new ArrayList<>();
    if (fields.get(field) instanceof List<?> list) {
      for (int i = 0; i < list.size(); i++) {
        if (list.get(i) instanceof Map<?, ?> map) {
          parts.add(
              new LibraryEntry(file, entry, "%s%s[%d].".formatted(path, field, i), map, problems));
        } else {
          problem(field, "(%s) must be a set of fields".formatted(list.get(i)));
        }
      }
    } else if (fields.containsKey(field)) {
      problem(field, "(%s) must be a list of doses".formatted(fields.get(field)));
    }
    return parts;
  }
}
