package org.nimblet.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class AccountController {

  private static final String PASSWORD_RULE = "A password has 12 to 200 characters.";
  private static final String NAME_RULE = "A name has 1 to 80 characters.";
  private static final String EMAIL_RULE = "An address such as ines@harbourhands.example.";

  private final AccountService accounts;
  private final SessionStarter sessions;
  private final Scope scope;
  private final NimbletSettings settings;

  AccountController(
      AccountService accounts, SessionStarter sessions, Scope scope, NimbletSettings settings) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.scope = scope;
    this.settings = settings;
  }

  /**
   * Who is signed in, if anyone, what the sign-in page may offer, and from where on pain is marked
   * and ends work.
   */
  record Me(
      boolean signedIn,
      @Schema(nullable = true) Role role,
      @Schema(nullable = true) String name,
      @Schema(nullable = true) String coachName,
      @Schema(nullable = true) UUID clientId,
      boolean demo,
      boolean signUpOpen,
      int markedPain,
      int endingPain) {}

  record NewCoach(
      @NotBlank(message = NAME_RULE) @Size(max = 80, message = NAME_RULE) String name,
      @NotBlank(message = EMAIL_RULE)
          @Email(message = EMAIL_RULE)
          @Size(max = 100, message = EMAIL_RULE)
          String email,
      @NotNull(message = PASSWORD_RULE) @Size(min = 12, max = 200, message = PASSWORD_RULE)
          String password) {}

  record AcceptedInvitation(
      @NotBlank(message = "The token stands in the invitation's address.") String token,
      @NotBlank(message = NAME_RULE) @Size(max = 80, message = NAME_RULE) String name,
      @NotBlank(message = EMAIL_RULE)
          @Email(message = EMAIL_RULE)
          @Size(max = 100, message = EMAIL_RULE)
          String email,
      @NotNull(message = PASSWORD_RULE) @Size(min = 12, max = 200, message = PASSWORD_RULE)
          String password) {}

  /** Answers 200 when nobody is signed in too, and hands out the token for the first post. */
  @GetMapping("/me")
  Me me(@Parameter(hidden = true) CsrfToken token) {
    token.getToken();
    SignedIn who = scope.find() instanceof SignedIn signedIn ? signedIn : null;
    return new Me(
        who != null,
        who == null ? null : who.role(),
        who == null ? null : who.name(),
        who == null ? null : accounts.coachName(who.coachId()),
        who == null ? null : who.ownClientId(),
        settings.demo(),
        settings.account().signUpOpen(),
        SafetyRules.MARKED_PAIN,
        SafetyRules.ENDING_PAIN);
  }

  @PostMapping("/coaches")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void openCoach(
      @Valid @RequestBody NewCoach coach,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (!settings.account().signUpOpen()) {
      throw new InvalidFieldException(
          "email", "New accounts are opened by the operator of this server; ask there.");
    }
    sessions.signIn(
        accounts.openCoach(coach.name(), coach.email(), coach.password()), request, response);
  }

  @PostMapping("/invitations/accept")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void accept(
      @Valid @RequestBody AcceptedInvitation accepted,
      HttpServletRequest request,
      HttpServletResponse response) {
    sessions.signIn(
        accounts.accept(accepted.token(), accepted.name(), accepted.email(), accepted.password()),
        request,
        response);
  }
}
