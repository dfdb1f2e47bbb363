package org.nimblet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import org.nimblet.server.account.AccountForms.AcceptedInvitation;
import org.nimblet.server.account.AccountForms.Forgotten;
import org.nimblet.server.account.AccountForms.NewCoach;
import org.nimblet.server.account.AccountForms.NewPassword;
import org.nimblet.server.account.AccountForms.OneToken;
import org.nimblet.server.account.InvitationService.Coming;
import org.nimblet.server.account.InvitationService.Opened;
import org.nimblet.server.account.Slowing.What;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The ways in, for those who are not signed in yet. */
@RestController
@RequestMapping("/api")
class AccountController {

  private final AccountService accounts;
  private final InvitationService invitations;
  private final PasswordService passwords;
  private final SessionStarter sessions;
  private final Slowing slowing;
  private final NimbletSettings settings;
  private final BackgroundWork work;

  AccountController(
      AccountService accounts,
      InvitationService invitations,
      PasswordService passwords,
      SessionStarter sessions,
      Slowing slowing,
      NimbletSettings settings,
      BackgroundWork work) {
    this.accounts = accounts;
    this.invitations = invitations;
    this.passwords = passwords;
    this.sessions = sessions;
    this.slowing = slowing;
    this.settings = settings;
    this.work = work;
  }

  @PostMapping("/coaches")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void openCoach(
      @Valid @RequestBody NewCoach coach,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (!settings.account().signUpOpen()) {
      throw new InvalidFieldException(
          "email", "Coaches are invited here; ask one who has an account.");
    }
    sessions.signIn(
        accounts.openCoach(coach.name(), coach.email(), coach.password()), request, response);
  }

  /** Who invites, and for what, before anything is typed: one, or none that opens anything. */
  @PostMapping("/invitations/look")
  List<Opened> look(@Valid @RequestBody OneToken form, HttpServletRequest request) {
    slowing.begin(What.LINK, form.token(), request.getRemoteAddr());
    return invitations.look(form.token()).stream().toList();
  }

  @PostMapping("/invitations/accept")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void accept(
      @Valid @RequestBody AcceptedInvitation form,
      HttpServletRequest request,
      HttpServletResponse response) {
    Coming coming =
        new Coming(form.name(), form.email(), form.password(), form.consent(), form.guardian());
    sessions.signIn(invitations.accept(form.token(), coming), request, response);
  }

  /** Asks for a link for a new password; whether there is such an account is not told. */
  @PostMapping("/passwords/forgotten")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgotten(@Valid @RequestBody Forgotten form, HttpServletRequest request) {
    slowing.begin(What.RESET, form.email(), request.getRemoteAddr());
    // Answered before it is looked up, so that time does not tell either.
    work.soon(() -> passwords.forgotten(form.email()));
  }

  @PostMapping("/passwords/reset")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reset(@Valid @RequestBody NewPassword form, HttpServletRequest request) {
    slowing.begin(What.LINK, form.token(), request.getRemoteAddr());
    passwords.reset(form.token(), form.password());
  }

  /** Gives an account the address to which the link was sent. */
  @PostMapping("/addresses")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void moved(@Valid @RequestBody OneToken form, HttpServletRequest request) {
    slowing.begin(What.LINK, form.token(), request.getRemoteAddr());
    passwords.moved(form.token());
  }
}
