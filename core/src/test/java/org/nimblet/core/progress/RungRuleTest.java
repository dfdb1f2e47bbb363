package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RungRuleTest {

  private static final int UNKNOWN = -1;

  private static OptionalInt known(int value) {
    return value == UNKNOWN ? OptionalInt.empty() : OptionalInt.of(value);
  }

  private static Answers answers(
      int before, int during, int usual, int next, int done, int effort) {
    return new Answers(
        false,
        known(before),
        known(during),
        usual,
        known(next),
        done,
        Optional.empty(),
        known(effort),
        OptionalInt.empty(),
        false,
        true);
  }

  /** Model section 5, row by row; the numbers are the edges of each row. */
  @ParameterizedTest
  @CsvSource({
    // before, during, usual, next morning, done, effort, row
    "0, 7, 0, -1, 100, 3, 1",
    "0, 0, 0, 7, 100, 3, 1",
    "3, 4, 3, -1, 100, 3, 2",
    "-1, 4, 4, -1, 100, 3, 2",
    "4, 4, 4, -1, 100, 3, 7",
    "3, 3, 1, -1, 100, 3, 3",
    "3, 3, 2, -1, 100, 3, 11",
    "3, 3, 3, -1, 100, 3, 12",
    "0, 0, 0, 3, 100, 3, 4",
    "2, 0, 0, 3, 100, 3, 11",
    "3, 0, 0, 3, 100, 3, 12",
    "0, 0, 0, -1, 59, 3, 5",
    "0, 0, 0, -1, 60, 3, 11",
    "0, 0, 0, -1, 100, 8, 9",
    "0, 0, 0, -1, 100, 7, 12",
    "0, -1, 0, -1, 100, 3, 10",
    "0, 0, 0, -1, 100, -1, 10",
    "0, 0, 0, -1, 99, -1, 10",
    "0, 2, 0, 2, 100, 7, 12",
  })
  void theFirstRowThatFitsDecides(
      int before, int during, int usual, int next, int done, int effort, int row) {
    assertThat(RungRule.of(answers(before, during, usual, next, done, effort)).row())
        .isEqualTo(row);
  }

  @Test
  void aSignStopsWhateverElseIsSaid() {
    Answers signed =
        new Answers(
            true,
            OptionalInt.of(0),
            OptionalInt.of(0),
            0,
            OptionalInt.empty(),
            100,
            Optional.empty(),
            OptionalInt.of(2),
            OptionalInt.empty(),
            false,
            true);
    assertThat(RungRule.of(signed)).isEqualTo(RungRule.STOP);
  }

  /**
   * All inputs, unknown ones included, beside the table written as conditions once more: the
   * numbers of the table stand here as the model writes them.
   */
  @Test
  void theTableIsTotal() {
    Map<RungRule, Integer> seen = new EnumMap<>(RungRule.class);
    List<Optional<Shortfall>> reasons = new ArrayList<>(List.of(Optional.empty()));
    for (Shortfall reason : Shortfall.values()) {
      reasons.add(Optional.of(reason));
    }
    for (int b = UNKNOWN; b <= 10; b++) {
      for (int p = UNKNOWN; p <= 10; p++) {
        for (int u = 0; u <= 10; u += 2) {
          for (int n = UNKNOWN; n <= 10; n++) {
            for (int f : new int[] {0, 59, 60, 99, 100}) {
              for (int e : new int[] {UNKNOWN, 0, 7, 8, 10}) {
                for (int last : new int[] {UNKNOWN, 9, 10}) {
                  for (Optional<Shortfall> why : reasons) {
                    for (boolean uneven : new boolean[] {false, true}) {
                      Answers answers =
                          new Answers(
                              false,
                              known(b),
                              known(p),
                              u,
                              known(n),
                              f,
                              why,
                              known(e),
                              known(last),
                              uneven,
                              true);
                      RungRule rule = RungRule.of(answers);
                      seen.merge(rule, 1, Integer::sum);
                      int row = expected(b, p, u, n, f, e, last, why.orElse(null), uneven);
                      if (rule.row() != row) {
                        assertThat(rule.row()).as(answers.toString()).isEqualTo(row);
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    }
    assertThat(seen).containsOnlyKeys(RungRule.values());
  }

  private static int expected(
      int b, int p, int u, int n, int f, int e, int last, Shortfall why, boolean uneven) {
    int base = Math.max(b, u);
    boolean[] rows = {
      p >= 7 || n >= 7,
      p >= 4 && (b == UNKNOWN || p > b),
      p >= 3 && p - u >= 2,
      n >= 3 && n - base >= 2,
      f < 60 && why != Shortfall.NO_TIME,
      f < 60,
      p >= 4,
      e == 10 && last == 10,
      e >= 8,
      p == UNKNOWN || e == UNKNOWN,
      f < 100 || uneven || (p == 3 && p > u) || (n >= 3 && n > base),
      true
    };
    for (int i = 0; ; i++) {
      if (rows[i]) {
        return i + 1;
      }
    }
  }

  @Test
  void aNumberOutsideTheScaleIsRefused() {
    assertThatThrownBy(() -> answers(0, 11, 0, -1, 100, 3))
        .hasMessage("pain during (11) must be between 0 and 10");
    assertThatThrownBy(() -> answers(0, 0, 0, -1, 101, 3))
        .hasMessage("done (101 %) must be between 0 and 100");
  }
}
