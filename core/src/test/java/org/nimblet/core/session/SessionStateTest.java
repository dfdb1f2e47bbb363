package org.nimblet.core.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.session.PlannedSession.Will;

/** Each cell of the table of {@link SessionState}. */
class SessionStateTest {

  static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Instant START = Instant.parse("2026-03-02T10:00:00Z");
  private static final Instant END = Instant.parse("2026-03-02T10:10:00Z");

  private static PlannedSession planned(Purpose purpose, Will will, Optional<UUID> block) {
    return new PlannedSession(
        "one", purpose, block, Optional.empty(), DAY, START, END, will, "because");
  }

  private static Instant at(String time) {
    return Instant.parse("2026-03-02T" + time + ":00Z");
  }

  @ParameterizedTest
  @CsvSource({
    "AS_PLANNED, 09:59, PLANNED",
    "AS_PLANNED, 10:00, DUE",
    "AS_PLANNED, 10:10, DUE",
    "AS_PLANNED, 11:09, DUE",
    "AS_PLANNED, 11:10, MISSED",
    "MOVED, 09:59, MOVED",
    "MOVED, 10:00, DUE",
    "MOVED, 11:10, MISSED",
    "LEFT_OUT, 09:59, LEFT_OUT",
    "LEFT_OUT, 10:05, LEFT_OUT",
    "LEFT_OUT, 11:10, LEFT_OUT",
  })
  void whatNobodyDidIsAsItsTimeAndSomebodysWillSay(Will will, String now, SessionState expected) {
    PlannedSession session = planned(Purpose.STRENGTH, will, Optional.empty());
    assertThat(SessionState.of(session, Optional.empty(), at(now))).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({"09:59, PLANNED", "10:09, DUE", "10:10, MISSED"})
  void aWarmUpOfABlockRunsOutAsPlayBegins(String now, SessionState expected) {
    PlannedSession session =
        planned(Purpose.WARM_UP, Will.AS_PLANNED, Optional.of(UUID.randomUUID()));
    assertThat(SessionState.of(session, Optional.empty(), at(now))).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({"09:59, PLANNED", "10:09, DUE", "10:10, PLANNED", "20:00, PLANNED"})
  void aBreakIsNeverMissed(String now, SessionState expected) {
    PlannedSession session =
        planned(Purpose.BREAK, Will.AS_PLANNED, Optional.of(UUID.randomUUID()));
    assertThat(SessionState.of(session, Optional.empty(), at(now))).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({
    "DONE, AS_PLANNED, 09:50, DONE",
    "DONE, MOVED, 10:05, DONE",
    "DONE, LEFT_OUT, 12:00, DONE",
    "LEFT, AS_PLANNED, 09:50, LEFT",
    "LEFT, MOVED, 10:05, LEFT",
    "LEFT, LEFT_OUT, 12:00, LEFT",
    "STOPPED, AS_PLANNED, 09:50, LEFT",
    "STOPPED, MOVED, 10:05, LEFT",
    "STOPPED, LEFT_OUT, 12:00, LEFT",
  })
  void whatWasDoneForItComesFirst(
      SessionEnding ending, Will will, String now, SessionState expected) {
    PlannedSession session = planned(Purpose.STRENGTH, will, Optional.empty());
    PastSession past = past(ending, 60);
    assertThat(SessionState.of(session, Optional.of(past), at(now))).isEqualTo(expected);
    assertThat(SessionState.of(past)).isEqualTo(expected);
  }

  @ParameterizedTest
  @EnumSource(SessionState.class)
  void onlyWhatIsToComeOrDueIsOpen(SessionState state) {
    assertThat(state.isOpen())
        .isEqualTo(
            switch (state) {
              case PLANNED, MOVED, DUE -> true;
              case DONE, LEFT, MISSED, LEFT_OUT -> false;
            });
    assertThat(state.words()).isNotBlank();
  }

  @ParameterizedTest
  @CsvSource({
    "DONE, 50, true",
    "LEFT, 20, true",
    "LEFT, 19, false",
    "LEFT, 0, false",
    "STOPPED, 0, true",
  })
  void whatWasLeftAtOnceCountsForNothing(SessionEnding ending, int percent, boolean counts) {
    assertThat(past(ending, percent).counts()).isEqualTo(counts);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> past(SessionEnding.DONE, 101))
        .hasMessage("done (101 %) must be between 0 and 100");
    assertThatThrownBy(
            () ->
                new PlannedSession(
                    "one",
                    Purpose.BREAK,
                    Optional.empty(),
                    Optional.empty(),
                    DAY,
                    START,
                    START.minusSeconds(1),
                    Will.MOVED,
                    ""))
        .hasMessageContaining("must not lie before the start");
  }

  private static PastSession past(SessionEnding ending, int percent) {
    return new PastSession(
        UUID.randomUUID(), Optional.empty(), Purpose.STRENGTH, DAY, START, END, ending, percent);
  }
}
