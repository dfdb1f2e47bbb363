package org.nimblet.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nimblet.core.progress.Completion.Part;

class CompletionTest {

  @Test
  void halfOfTheTimeIsDone() {
    assertThat(Completion.isDone(List.of(new Part(60_000, 100), new Part(60_000, 0)))).isTrue();
    assertThat(Completion.isDone(List.of(new Part(60_000, 98), new Part(60_000, 0)))).isFalse();
  }

  @Test
  void longStepsCountForMore() {
    assertThat(Completion.isDone(List.of(new Part(90_000, 60), new Part(10_000, 0)))).isTrue();
    assertThat(Completion.isDone(List.of(new Part(90_000, 0), new Part(10_000, 100)))).isFalse();
  }

  @Test
  void skippingThroughIsNotDoing() {
    assertThat(Completion.isDone(List.of(new Part(60_000, 1), new Part(60_000, 0)))).isFalse();
    assertThat(Completion.isDone(List.of())).isFalse();
  }

  @Test
  void refusesNonsense() {
    assertThatThrownBy(() -> new Part(0, 50)).hasMessageContaining("at least 1 ms");
    assertThatThrownBy(() -> new Part(10, 101)).hasMessageContaining("between 0 and 100");
  }
}
