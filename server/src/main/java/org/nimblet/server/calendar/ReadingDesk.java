package org.nimblet.server.calendar;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;

/**
 * Where calendars are read: a few at a time and with a deadline, so that one that is made to take
 * long costs its reader patience and nobody else anything.
 */
@Component
class ReadingDesk {

  /** A calendar of the largest size is read in a tenth of this (measured, docs/performance.md). */
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private static final int AT_ONCE = 2;
  private static final int WAITING = 20;

  private final ExecutorService readers =
      new ThreadPoolExecutor(
          AT_ONCE,
          AT_ONCE,
          0,
          TimeUnit.SECONDS,
          new ArrayBlockingQueue<>(WAITING),
          new CustomizableThreadFactory("calendar-reader-"));

  private final Duration patience;

  ReadingDesk() {
    this(PATIENCE);
  }

  ReadingDesk(Duration patience) {
    this.patience = patience;
  }

  /**
   * Reads, or gives up. Whoever reads is interrupted then and should heed it.
   *
   * @throws UnreadableCalendarException if it takes too long, or too many are being read
   */
  <T> T read(Supplier<T> reading) {
    Future<T> result;
    try {
      result = readers.submit(reading::get);
    } catch (RejectedExecutionException e) {
      throw new UnreadableCalendarException(
          "Many calendars are being read just now. Try again in a minute.");
    }
    try {
      return result.get(patience.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      result.cancel(true);
      throw new UnreadableCalendarException(
          "The calendar takes longer than %d s to be read; it repeats too often."
              .formatted(patience.toSeconds()));
    } catch (InterruptedException e) {
      result.cancel(true);
      Thread.currentThread().interrupt();
      throw new UnreadableCalendarException("The server stops just now. Try again in a minute.");
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException why) {
        throw why;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  @PreDestroy
  void close() {
    readers.shutdownNow();
  }
}
