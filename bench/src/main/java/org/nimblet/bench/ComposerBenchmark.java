package org.nimblet.bench;

import java.util.concurrent.TimeUnit;
import org.nimblet.core.routine.BenchCase;
import org.nimblet.core.routine.Composition;
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

/** Composes warm-ups from 40 exercises. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class ComposerBenchmark {

  /** Minutes of the routine. */
  @Param({"5", "10", "20"})
  public int minutes;

  private BenchCase composing;

  /** Builds library and request once. */
  @Setup
  public void build() {
    composing = BenchCase.warmUp(minutes);
  }

  /** One routine with its explanations. */
  @Benchmark
  public Composition compose() {
    return composing.compose();
  }
}
