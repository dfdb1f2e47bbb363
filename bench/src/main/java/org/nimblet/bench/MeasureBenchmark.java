package org.nimblet.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.TwoHandedRow;
import org.nimblet.core.measure.Device;
import org.nimblet.core.measure.Pace;
import org.nimblet.core.measure.Tap;
import org.nimblet.core.measure.TapTask;
import org.nimblet.core.measure.Tapping;
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

/** Reads a tap test: a usual one, and one of ten thousand taps. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class MeasureBenchmark {

  private static final int INTERVAL_MILLIS = 350;
  private static final int SPREAD_MILLIS = 15;

  /** How many taps. */
  @Param({"84", "10000"})
  int taps;

  private TapTask task;
  private final List<Tap> tapped = new ArrayList<>();

  /** One in a hundred is wrong. */
  @Setup
  public void build() {
    List<Digit> row = Circle.of(Circle.What.TRANSITIONS, Digit.FINGERS, 0).taps();
    task =
        new TapTask(Pace.OWN, row, TwoHandedRow.RIGHT, OptionalInt.empty(), OptionalInt.of(taps));
    Random random = new Random(1);
    for (int i = 0; i < taps; i++) {
      Digit digit = i % 100 == 99 ? Digit.THUMB : row.get(i % row.size());
      tapped.add(
          new Tap(
              Side.RIGHT,
              digit,
              i * INTERVAL_MILLIS + SPREAD_MILLIS * random.nextGaussian(),
              OptionalInt.empty()));
    }
  }

  /** What it says. */
  @Benchmark
  public Tapping read() {
    return Tapping.of(task, new Device(Device.DeviceKind.MIDI_FILE, ""), tapped);
  }
}
