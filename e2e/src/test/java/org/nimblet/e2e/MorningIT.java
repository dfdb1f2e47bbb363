package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The one question of a morning: told on the phone, it decides about the day before. */
class MorningIT {

  private static final int NINE = 9;
  private static final int HOURS = 24;
  private static final int FARTHEST_EAST = 14;

  private Browser coach;
  private Browser phone;

  @BeforeEach
  void open() {
    coach = new Browser(NimbletProcess.shared().address());
    phone = new Browser(NimbletProcess.shared().address());
  }

  @AfterEach
  void close() {
    coach.close();
    phone.close();
  }

  /** Somewhere it is between nine and ten; whatever the time of the test, there is such a place. */
  private static ZoneId whereItIsNine() {
    int hours = Math.floorMod(NINE - LocalTime.now(ZoneOffset.UTC).getHour(), HOURS);
    int east = hours > FARTHEST_EAST ? hours - HOURS : hours;
    // In these names the sign is the other way about: west is plus.
    return ZoneId.of(east == 0 ? "UTC" : "Etc/GMT%+d".formatted(-east));
  }

  private static Instant ten(ZoneId zone, int daysAgo) {
    return ZonedDateTime.now(zone).minusDays(daysAgo).with(LocalTime.of(10, 0)).toInstant();
  }

  @Test
  void whatHurtsTheMorningAfterTakesYesterdaysStepBack() {
    ZoneId zone = whereItIsNine();
    Story story = new Story(coach);
    story.beginWithClient("Morning Hands", zone);
    String client = story.clientId();
    for (int daysAgo : List.of(4, 3, 1)) {
      story.did(ten(zone, daysAgo), 4, 0);
    }
    coach.turnTo("/clients/" + client + "/progress");
    coach.click(".ladder");
    coach.sees("Up from 15 s to 20 s");
    coach.turnTo("/today");
    coach.sees("Morning Hands");

    coach.turnTo("/clients/" + client + "/hands");
    story.acceptOnThePhone("Morning Hands", phone);
    phone.sees("And this morning?");
    phone.sees("after yesterday's recovery");
    phone.click("[aria-label='Left forearm, palm side']");
    new Story(phone).choose("Pain, 0 to 10", "4");
    phone.sees("Down from 20 s to 15 s");
    phone.press("Keep");
    phone.until("it is asked once", () -> !phone.text("main").contains("And this morning?"));
    phone.sees("pain 4 the next morning");

    coach.turnTo("/today");
    coach.sees("Pain up");
    coach.turnTo("/clients/" + client + "/log");
    coach.sees("Down from 20 s to 15 s: pain 4 the next morning");
    coach.turnTo("/clients/" + client + "/progress");
    coach.until(
        "the next session is a rung easier",
        () -> coach.text(".ladder [aria-current='step']").startsWith("15 s"));
    assertThat(coach.complaints()).isEmpty();
    assertThat(phone.complaints()).isEmpty();
  }
}
