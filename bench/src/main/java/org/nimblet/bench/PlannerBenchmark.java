package org.nimblet.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.LongStream;
import org.nimblet.core.schedule.PlanRequest;
import org.nimblet.core.schedule.WeekGenerator;
import org.nimblet.core.schedule.WeekPlan;
import org.nimblet.core.schedule.WeekPlanner;
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

/** Plans the weeks of twenty people with full days, one after the other. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 2)
public class PlannerBenchmark {

  private static final int PEOPLE = 20;

  /** How many lines each person has; at most three of them are spaced. */
  @Param({"1", "3", "6", "8"})
  public int lines;

  /** How many weeks. */
  @Param({"1", "4"})
  public int weeks;

  private List<PlanRequest> requests;

  /** Draws the weeks once. */
  @Setup
  public void draw() {
    requests =
        LongStream.range(0, PEOPLE)
            .mapToObj(seed -> new WeekGenerator(seed).whole(weeks, lines))
            .toList();
  }

  /** Twenty plans. */
  @Benchmark
  public List<WeekPlan> plan() {
    return requests.stream().map(WeekPlanner::plan).toList();
  }
}
