package org.nimblet.bench;

import org.nimblet.core.routine.ChocoComparison;
import org.nimblet.core.schedule.TimefoldComparison;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs every benchmark and the comparisons with general solvers. */
public final class Benchmarks {

  private Benchmarks() {}

  /** Prints the reports. */
  public static void main(String[] arguments) throws RunnerException {
    System.out.println(ChocoComparison.report());
    System.out.println(TimefoldComparison.report());
    new Runner(
            new OptionsBuilder()
                .include(ComposerBenchmark.class.getSimpleName())
                .include(PlannerBenchmark.class.getSimpleName())
                .include(DrillBenchmark.class.getSimpleName())
                .addProfiler(GCProfiler.class)
                .build())
        .run();
  }
}
