package org.nimblet.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WindowType;

/** What a client tells on the phone changes the pages that the coach has open, at once. */
class SafetyIT {

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

  private String feed(String client) {
    return String.valueOf(
        coach.run(
            """
            const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
            return fetch('/api/clients/' + arguments[0] + '/feed', {method: 'POST',
              body: JSON.stringify({alarmMinutes: 5, breaks: false}),
              headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})
              .then(answer => answer.json())
              .then(view => fetch(new URL(view.address).pathname))
              .then(answer => answer.text())
            """,
            client));
  }

  private void programme(String client) {
    Object status =
        coach.run(
            """
            const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
            const day = (n) => new Date(Date.now() + n * 86400000).toISOString().slice(0, 10)
            return fetch('/api/clients/' + arguments[0] + '/programme', {method: 'PUT',
              body: JSON.stringify({...arguments[1], startsOn: day(0), reviewsOn: day(20),
                endsOn: day(40)}),
              headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})
              .then(answer => answer.status)
            """,
            client,
            Map.of(
                "version",
                0,
                "title",
                "Conditioning",
                "target",
                "",
                "sessionsADay",
                4,
                "minutesADay",
                45,
                "obligations",
                List.of(
                    Map.of(
                        "purpose",
                        "STRENGTH",
                        "minutes",
                        10,
                        "frequency",
                        "BY_PAIN",
                        "anchor",
                        "EVENING",
                        "heavy",
                        false,
                        "notOn",
                        List.of()))));
    assertThat(((Number) status).intValue()).isLessThan(300);
  }

  @Test
  void painToldOnThePhoneChangesTodayWeekAndFeedWhileThePagesAreOpen() {
    Story story = new Story(coach);
    story.beginWithClient("Sore Thumb");
    String client = story.clientId();
    programme(client);
    story.acceptOnThePhone("Sore Thumb", phone);
    String nextWeek = LocalDate.now(ZoneOffset.UTC).plusWeeks(1).toString();
    coach.turnTo("/clients/" + client + "/week?date=" + nextWeek);
    coach.sees("3 of 3");
    assertThat(feed(client)).contains("Strength");
    String week = coach.driver().getWindowHandle();
    coach.driver().switchTo().newWindow(WindowType.TAB);
    coach.open("/today");
    coach.sees("Sore Thumb");
    assertThat(coach.text("main")).doesNotContain("Needs a word 1");
    String today = coach.driver().getWindowHandle();

    phone.turnTo("/player/" + client + "/now/RECOVERY/4");
    phone.find(".ready");
    Story told = new Story(phone);
    phone.keys(" ");
    phone.until("it runs", () -> told.position() > 300);
    phone.keys("h");
    phone.click(".panel [aria-label^='Left thumb']");
    told.choose("Pain, 0 to 10", "8");
    phone.press("End here");
    phone.press("Keep");
    phone.sees("a clinician");

    coach.sees("Left thumb: 8 of 10.");
    coach.driver().switchTo().window(week);
    coach.sees("Strength is not placed.");
    assertThat(feed(client)).doesNotContain("Strength");
    coach.driver().switchTo().window(today);
    assertThat(coach.complaints()).isEmpty();
    assertThat(phone.complaints()).isEmpty();
  }
}
