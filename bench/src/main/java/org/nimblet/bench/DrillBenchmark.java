package org.nimblet.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.Family;
import org.nimblet.core.drill.Try;
import org.nimblet.core.drill.Try.Drill;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Folds a thousand tries of finger patterns, and chooses a round of twelve. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class DrillBenchmark {

  private static final int TRIES = 1000;
  private static final int A_MINUTE = 60;
  private static final int ROUND = 12;
  private static final LocalDateTime FIRST = LocalDateTime.of(2030, 1, 7, 8, 0);

  private final List<Try> tries = new ArrayList<>();
  private Drilling drilling;

  /** Two of three are clean, all families in turn. */
  @Setup
  public void build() {
    List<Drill> drills = new ArrayList<>();
    for (Family family : Family.values()) {
      drills.addAll(Drilling.drills(family));
    }
    for (int i = 0; i < TRIES; i++) {
      tries.add(
          new Try(
              drills.get(i % drills.size()),
              OptionalInt.of(A_MINUTE),
              i % 3 > 0,
              FIRST.plusMinutes(i)));
    }
    drilling = Drilling.of(Side.RIGHT, tries);
  }

  /** Where somebody stands. */
  @Benchmark
  public Drilling fold() {
    return Drilling.of(Side.RIGHT, tries);
  }

  /** What they do next. */
  @Benchmark
  public List<Drill> choose() {
    return drilling.round(
        ROUND, OptionalInt.of(A_MINUTE), FIRST.toLocalDate().plusDays(1), drill -> true);
  }
}
