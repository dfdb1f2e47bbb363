package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

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

  /** Whole numbers by the names of their fields. */
  Map<String, Integer> numbers() {
    Map<String, Integer> numbers = new LinkedHashMap<>();
    fields.keySet().forEach(field -> numbers.put(String.valueOf(field), number(field.toString())));
    return numbers;
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
      problem(
          field,
          "(%s) must be one of %s"
              .formatted(
                  value,
                  Arrays.stream(type.getEnumConstants())
                      .map(LibraryWriter::word)
                      .collect(Collectors.joining(", "))));
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
