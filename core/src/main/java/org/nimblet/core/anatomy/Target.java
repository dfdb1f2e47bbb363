package org.nimblet.core.anatomy;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What an exercise can serve: a tissue, a digit or a quality. */
public sealed interface Target permits Tissue, Digit, Quality {

  /** The name of the enum constant. */
  String name();

  /** The target as words inside a sentence: "finger flexors". */
  String word();

  /** The identifier used in files and in the interface: lower case, words joined by hyphens. */
  String id();

  /** The identifier that belongs to the name of a constant. */
  static String idOf(String name) {
    return name.toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** All targets: tissues, then digits, then qualities, each in its own order. */
  static List<Target> all() {
    return Stream.<Target[]>of(Tissue.values(), Digit.values(), Quality.values())
        .flatMap(Arrays::stream)
        .collect(Collectors.toUnmodifiableList());
  }

  /** The target with this identifier, if there is one. */
  static Optional<Target> find(String id) {
    return Optional.ofNullable(Index.BY_ID.get(id));
  }

  /** Made at the first search, not with the interface: the enums need that before. */
  final class Index {
    private static final Map<String, Target> BY_ID =
        all().stream().collect(Collectors.toUnmodifiableMap(Target::id, target -> target));

    private Index() {}
  }
}
