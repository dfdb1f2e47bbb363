package org.nimblet.server.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.nimblet.server.account.AccountService;
import org.nimblet.server.account.Role;
import org.nimblet.server.account.SessionStarter;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.standin.StandInCalendar;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** "Look around as …": exists in demo mode only. */
@RestController
@ConditionalOnProperty("nimblet.demo")
class DemoController {

  private final AccountService accounts;
  private final SessionStarter sessions;
  private final ObjectProvider<StandInCalendar> calendars;

  DemoController(
      AccountService accounts, SessionStarter sessions, ObjectProvider<StandInCalendar> calendars) {
    this.calendars = calendars;
    this.accounts = accounts;
    this.sessions = sessions;
  }

  record LookAround(@NotNull(message = "COACH or CLIENT.") Role as) {}

  @PostMapping("/api/demo/sign-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lookAround(
      @Valid @RequestBody LookAround look,
      HttpServletRequest request,
      HttpServletResponse response) {
    String email = look.as() == Role.COACH ? DemoTown.COACH_EMAIL : DemoTown.CLIENT_EMAIL;
    sessions.signIn(
        accounts.find(email).orElseThrow(() -> new NotFoundException("demo account")),
        request,
        response);
  }

  /** Where the simulated calendar is. */
  record DemoCalendar(String address) {}

  @GetMapping("/api/demo/calendar")
  DemoCalendar calendar() {
    return new DemoCalendar(
        calendars.stream().findFirst().map(StandInCalendar::address).orElse(""));
  }
}
