package org.nimblet.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class ReadingDeskTest {

  /** A calendar that dripped held a thread for good. */
  @Test
  void whatNeverEndsIsGivenUpAndTheNextIsRead() throws InterruptedException {
    ReadingDesk desk = new ReadingDesk(Duration.ofMillis(100));
    CountDownLatch interrupted = new CountDownLatch(1);
    assertThatThrownBy(
            () ->
                desk.read(
                    () -> {
                      try {
                        new CountDownLatch(1).await();
                      } catch (InterruptedException e) {
                        interrupted.countDown();
                      }
                      return "read";
                    }))
        .isInstanceOf(UnreadableCalendarException.class)
        .hasMessageContaining("takes longer than");
    interrupted.await();
    assertThat(new ReadingDesk(Duration.ofMinutes(1)).read(() -> "read")).isEqualTo("read");
    desk.close();
  }

  @Test
  void whatTheReaderSaysIsSaid() {
    ReadingDesk desk = new ReadingDesk(Duration.ofMinutes(1));
    assertThatThrownBy(
            () ->
                desk.read(
                    () -> {
                      throw new UnreadableCalendarException("no calendar");
                    }))
        .hasMessage("no calendar");
    desk.close();
  }
}
