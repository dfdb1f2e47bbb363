package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WaysTest {

  private static List<String> names(int count) {
    return IntStream.range(0, count).mapToObj(i -> "way " + i).toList();
  }

  static Stream<List<String>> impossible() {
    return Stream.of(
        List.of(),
        names(1),
        names(21),
        List.of("in", " "),
        List.of("in", "in"),
        List.of("in", " in "));
  }

  @ParameterizedTest
  @MethodSource("impossible")
  void areAFewNamesThatDiffer(List<String> names) {
    assertThatThrownBy(() -> new Ways(names))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageStartingWith("ways (");
  }

  @Test
  void keepTheirOrderAndLoseTheSpaceAroundThem() {
    Ways ways = new Ways(List.of(" inward ", "outward"));
    assertThat(ways.names()).containsExactly("inward", "outward");
    assertThat(ways.count()).isEqualTo(2);
    assertThat(ways.of(1)).isEqualTo("outward");
  }

  @Test
  void mayBeAsManyAsTheClaspsAndMore() {
    assertThat(new Ways(names(Ways.MOST)).count()).isEqualTo(20);
  }
}
