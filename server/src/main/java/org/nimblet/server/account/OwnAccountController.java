package org.nimblet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.account.AccountForms.ChangedAddress;
import org.nimblet.server.account.AccountForms.ChangedPassword;
import org.nimblet.server.account.AccountForms.Confirmation;
import org.nimblet.server.account.AccountForms.InvitedCoach;
import org.nimblet.server.account.AccountForms.NewSecondFactor;
import org.nimblet.server.account.InvitationService.Invited;
import org.nimblet.server.account.InvitationService.Waiting;
import org.nimblet.server.account.OwnAccountService.Authenticator;
import org.nimblet.server.account.OwnAccountService.OwnAccount;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own account: password, address, sessions, second factor, invitations, and the end. */
@RestController
@RequestMapping("/api/account")
class OwnAccountController {

  private final OwnAccountService own;
  private final PasswordService passwords;
  private final OpenSessions sessions;
  private final InvitationService invitations;
  private final Scope scope;

  OwnAccountController(
      OwnAccountService own,
      PasswordService passwords,
      OpenSessions sessions,
      InvitationService invitations,
      Scope scope) {
    this.own = own;
    this.passwords = passwords;
    this.sessions = sessions;
    this.invitations = invitations;
    this.scope = scope;
  }

  private static String session(HttpServletRequest request) {
    return request.getSession().getId();
  }

  @GetMapping
  OwnAccount account(HttpServletRequest request) {
    return own.of(scope.current(), session(request));
  }

  @PutMapping("/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(@Valid @RequestBody ChangedPassword form, HttpServletRequest request) {
    passwords.change(
        scope.current().accountId(),
        form.password(),
        form.wanted(),
        request.getRemoteAddr(),
        session(request));
  }

  @PostMapping("/address")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeAddress(@Valid @RequestBody ChangedAddress form, HttpServletRequest request) {
    passwords.move(
        scope.current().accountId(), form.email(), form.password(), request.getRemoteAddr());
  }

  @DeleteMapping("/sessions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endSession(@PathVariable String id) {
    sessions.end(scope.current().accountId(), id);
  }

  @DeleteMapping("/sessions")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOtherSessions(HttpServletRequest request) {
    sessions.endOthers(scope.current().accountId(), session(request));
  }

  @GetMapping("/second-factor")
  Authenticator proposeSecondFactor() {
    return own.propose(scope.current());
  }

  /** Answers the codes for paper. */
  @PutMapping("/second-factor")
  List<String> protect(@Valid @RequestBody NewSecondFactor form, HttpServletRequest request) {
    return own.protect(
        scope.current(), form.secret(), form.code(), form.password(), request.getRemoteAddr());
  }

  @PostMapping("/second-factor/removal")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unprotect(@Valid @RequestBody Confirmation form, HttpServletRequest request) {
    own.unprotect(scope.current(), form.password(), request.getRemoteAddr());
  }

  /** A client's account goes at once, a coach's practice after some days. */
  @PostMapping("/leaving")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@Valid @RequestBody Confirmation form, HttpServletRequest request) {
    own.leave(scope.current(), form.password(), request.getRemoteAddr());
  }

  @DeleteMapping("/leaving")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stay() {
    own.stay(scope.current());
  }

  /** Who was invited and is not here yet. */
  @GetMapping("/invitations")
  List<Waiting> invitations() {
    return invitations.waiting(scope.coachId());
  }

  @PostMapping("/invitations")
  @ResponseStatus(HttpStatus.CREATED)
  Invited inviteCoach(@Valid @RequestBody InvitedCoach form) {
    return invitations.inviteCoach(scope.coachId(), form.email());
  }

  @PostMapping("/invitations/{id}/again")
  Invited again(@PathVariable UUID id) {
    return invitations.again(scope.coachId(), id);
  }

  @DeleteMapping("/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID id) {
    invitations.takeBack(scope.coachId(), id);
  }
}
