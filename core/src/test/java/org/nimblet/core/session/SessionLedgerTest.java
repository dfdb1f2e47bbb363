package org.nimblet.core.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.session.PlannedSession.Will;

class SessionLedgerTest {

  private static final LocalDate DAY = SessionStateTest.DAY;
  private static final Instant MIDNIGHT = Instant.parse("2026-03-02T00:00:00Z");
  private static final Instant NIGHT = Instant.parse("2026-03-02T23:00:00Z");
  private static final UUID BLOCK = new UUID(0, 1);
  private static final UUID OTHER_BLOCK = new UUID(0, 2);

  private static Instant at(double hour) {
    return MIDNIGHT.plus(Duration.ofSeconds(Math.round(hour * 3600)));
  }

  private static PlannedSession planned(String uid, Purpose purpose, UUID block, double hour) {
    return new PlannedSession(
        uid,
        purpose,
        Optional.ofNullable(block),
        block == null ? Optional.of(uid) : Optional.empty(),
        DAY,
        at(hour),
        at(hour).plus(Duration.ofMinutes(10)),
        Will.AS_PLANNED,
        "");
  }

  private static PastSession past(Purpose purpose, UUID block, double hour) {
    return past(purpose, block, hour, SessionEnding.DONE, 100);
  }

  private static PastSession past(
      Purpose purpose, UUID block, double hour, SessionEnding ending, int percent) {
    return new PastSession(
        UUID.randomUUID(),
        Optional.ofNullable(block),
        purpose,
        DAY,
        at(hour),
        at(hour).plus(Duration.ofMinutes(9)),
        ending,
        percent);
  }

  private static SessionState state(PlannedSession planned, PastSession... past) {
    return SessionLedger.of(List.of(planned), List.of(past), NIGHT).entries().get(0).state();
  }

  @Test
  void whatWasPlayedForABlockServesThatBlockWhenever() {
    PlannedSession warmUp = planned("w", Purpose.WARM_UP, BLOCK, 9);
    assertThat(state(warmUp, past(Purpose.WARM_UP, BLOCK, 14))).isEqualTo(SessionState.DONE);
    assertThat(state(warmUp, past(Purpose.WARM_UP, OTHER_BLOCK, 9))).isEqualTo(SessionState.MISSED);
  }

  @Test
  void anotherPurposeServesNothing() {
    PlannedSession warmUp = planned("w", Purpose.WARM_UP, BLOCK, 9);
    assertThat(state(warmUp, past(Purpose.COOL_DOWN, BLOCK, 9))).isEqualTo(SessionState.MISSED);
  }

  @Test
  void whatWasPlayedForNoBlockServesOneNearItsTime() {
    PlannedSession coolDown = planned("c", Purpose.COOL_DOWN, BLOCK, 12);
    PastSession atTheDoor = past(Purpose.COOL_DOWN, null, 12 - 10.0 / 60);
    PastSession tooEarly = past(Purpose.COOL_DOWN, null, 12 - 11.0 / 60);
    PastSession last = past(Purpose.COOL_DOWN, null, 13 + 9.0 / 60);
    PastSession tooLate = past(Purpose.COOL_DOWN, null, 13 + 10.0 / 60);
    assertThat(state(coolDown, atTheDoor)).isEqualTo(SessionState.DONE);
    assertThat(state(coolDown, tooEarly)).isEqualTo(SessionState.MISSED);
    assertThat(state(coolDown, last)).isEqualTo(SessionState.DONE);
    assertThat(state(coolDown, tooLate)).isEqualTo(SessionState.MISSED);
  }

  @Test
  void whatStandsFreeIsServedOnItsDayByTheNearest() {
    PlannedSession morning = planned("m", Purpose.STRENGTH, null, 8);
    PlannedSession evening = planned("e", Purpose.STRENGTH, null, 20);
    PastSession late = past(Purpose.STRENGTH, null, 22);
    SessionLedger ledger = SessionLedger.of(List.of(morning, evening), List.of(late), NIGHT);
    assertThat(ledger.entries())
        .extracting(SessionLedger.Entry::state)
        .containsExactly(SessionState.MISSED, SessionState.DONE);
    assertThat(ledger.entries().get(1).done()).contains(late);
  }

  @Test
  void skippedThroughOrLeftAfterSecondsServesNothing() {
    PlannedSession warmUp = planned("w", Purpose.WARM_UP, BLOCK, 9);
    PastSession glance = past(Purpose.WARM_UP, BLOCK, 9, SessionEnding.LEFT, 3);
    assertThat(state(warmUp, glance)).isEqualTo(SessionState.MISSED);
    assertThat(SessionLedger.of(List.of(warmUp), List.of(glance), NIGHT).unasked())
        .containsExactly(glance);
    assertThat(state(warmUp, glance, past(Purpose.WARM_UP, BLOCK, 9.2)))
        .isEqualTo(SessionState.DONE);
  }

  /** Half a minute of taps is no session of ten minutes, whatever its purpose. */
  @Test
  void aTestOfHalfAMinuteServesNothing() {
    PlannedSession free = planned("f", Purpose.INDEPENDENCE, null, 18);
    assertThat(state(free, lasting(30, SessionEnding.DONE))).isEqualTo(SessionState.MISSED);
    assertThat(state(free, lasting(30, SessionEnding.STOPPED))).isEqualTo(SessionState.LEFT);
    assertThat(state(free, lasting(120, SessionEnding.DONE))).isEqualTo(SessionState.DONE);
  }

  private static PastSession lasting(int seconds, SessionEnding ending) {
    return new PastSession(
        UUID.randomUUID(),
        Optional.empty(),
        Purpose.INDEPENDENCE,
        DAY,
        at(18),
        at(18).plusSeconds(seconds),
        ending,
        100);
  }

  @Test
  void whatWasStoppedForSafetyIsNotAskedForAgain() {
    PlannedSession warmUp = planned("w", Purpose.WARM_UP, BLOCK, 9);
    assertThat(state(warmUp, past(Purpose.WARM_UP, BLOCK, 9, SessionEnding.STOPPED, 0)))
        .isEqualTo(SessionState.LEFT);
  }

  @Test
  void oneBreakServesOneBreak() {
    List<PlannedSession> breaks =
        List.of(
            planned("b1", Purpose.BREAK, BLOCK, 9),
            planned("b2", Purpose.BREAK, BLOCK, 10),
            planned("b3", Purpose.BREAK, BLOCK, 11));
    SessionLedger ledger =
        SessionLedger.of(breaks, List.of(past(Purpose.BREAK, BLOCK, 10.1)), at(9.5));
    assertThat(ledger.entries())
        .extracting(SessionLedger.Entry::state)
        .containsExactly(SessionState.PLANNED, SessionState.DONE, SessionState.PLANNED);
  }

  static LongStream seeds() {
    return LongStream.range(0, 300);
  }

  /** Nothing serves twice, whatever counts and has no partner fits nothing, order is nothing. */
  @ParameterizedTest
  @MethodSource("seeds")
  void isAMatchingThatDoesNotDependOnTheOrder(long seed) {
    Random random = new Random(seed);
    List<PlannedSession> planned = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      planned.add(planned("p" + i, anyPurpose(random), anyBlock(random), 7 + random.nextInt(14)));
    }
    List<PastSession> past = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      past.add(
          past(
              anyPurpose(random),
              anyBlock(random),
              7 + random.nextInt(14),
              SessionEnding.values()[random.nextInt(3)],
              random.nextInt(101)));
    }
    SessionLedger ledger = SessionLedger.of(planned, past, NIGHT);
    Set<UUID> used = new HashSet<>();
    for (SessionLedger.Entry entry : ledger.entries()) {
      entry
          .done()
          .ifPresent(
              done -> {
                assertThat(used.add(done.id())).isTrue();
                assertThat(done.counts()).isTrue();
                assertThat(done.purpose()).isEqualTo(entry.planned().purpose());
              });
    }
    for (PastSession left : ledger.unasked()) {
      for (SessionLedger.Entry entry : ledger.entries()) {
        if (entry.done().isEmpty()) {
          assertThat(SessionLedger.of(List.of(entry.planned()), List.of(left), NIGHT).entries())
              .first()
              .matches(alone -> alone.done().isEmpty());
        }
      }
    }
    Collections.shuffle(planned, random);
    Collections.shuffle(past, random);
    assertThat(SessionLedger.of(planned, past, NIGHT).entries())
        .containsExactlyInAnyOrderElementsOf(ledger.entries());
  }

  private static Purpose anyPurpose(Random random) {
    return List.of(Purpose.WARM_UP, Purpose.BREAK, Purpose.STRENGTH).get(random.nextInt(3));
  }

  private static UUID anyBlock(Random random) {
    return switch (random.nextInt(3)) {
      case 0 -> BLOCK;
      case 1 -> OTHER_BLOCK;
      default -> null;
    };
  }
}
