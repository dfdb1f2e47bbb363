package org.nimblet.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.routine.BenchCase;
import org.nimblet.core.routine.Composition;
import org.nimblet.core.routine.Finding;
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

/**
 * Composes routines from 120 exercises, and checks one of 25 steps: every purpose in 5 and 20
 * minutes, one after the other, so that median and percentiles are those of all of them.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 3, time = 5)
public class ComposerBenchmark {

  private static final int[] MINUTES = {5, 20};

  private final List<BenchCase> cases = new ArrayList<>();
  private int next;

  /** Builds the library and all requests once. */
  @Setup
  public void build() {
    for (Purpose purpose : Purpose.values()) {
      for (int minutes : MINUTES) {
        cases.add(BenchCase.of(purpose, minutes));
      }
    }
  }

  private BenchCase oneAfterTheOther() {
    next = (next + 1) % cases.size();
    return cases.get(next);
  }

  /** One routine with its explanations. */
  @Benchmark
  public Composition compose() {
    return oneAfterTheOther().compose();
  }

  /** The findings of a routine; its repairs wait until somebody looks at them. */
  @Benchmark
  public List<Finding> check() {
    return oneAfterTheOther().check();
  }
}
