package org.nimblet.bench;

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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Composes routines from 120 exercises, and checks one of 25 steps. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 2)
public class ComposerBenchmark {

  /** What the routine is for. */
  @Param({"WARM_UP", "COOL_DOWN", "STRENGTH"})
  public Purpose purpose;

  /** Minutes of the routine. */
  @Param({"2", "20"})
  public int minutes;

  private BenchCase composing;

  /** Builds library and request once. */
  @Setup
  public void build() {
    composing = BenchCase.of(purpose, minutes);
  }

  /** One routine with its explanations. */
  @Benchmark
  public Composition compose() {
    return composing.compose();
  }

  /** The findings of a routine, each with its repair. */
  @Benchmark
  public List<Finding> check() {
    return composing.check();
  }
}
