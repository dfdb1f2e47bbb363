package org.nimblet.server.support;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** The same thing done many times, twenty at a time. */
public final class AtOnce {

  private static final int HANDS = 20;

  private AtOnce() {}

  /** What every time gave. */
  public static <T> List<T> times(int times, Supplier<T> work) {
    ExecutorService hands = Executors.newFixedThreadPool(HANDS);
    try {
      return IntStream.range(0, times)
          .mapToObj(i -> CompletableFuture.supplyAsync(work, hands))
          .toList()
          .stream()
          .map(CompletableFuture::join)
          .toList();
    } finally {
      hands.shutdownNow();
    }
  }
}
