package org.nimblet.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who asks, as every page wants to know first. */
@RestController
@RequestMapping("/api")
class MeController {

  private final AccountService accounts;
  private final Scope scope;
  private final NimbletSettings settings;

  MeController(AccountService accounts, Scope scope, NimbletSettings settings) {
    this.accounts = accounts;
    this.scope = scope;
    this.settings = settings;
  }

  /**
   * Who is signed in, if anyone, what the sign-in page may offer, and from where on pain is marked
   * and ends work.
   *
   * @param firstStart whether nobody has an account yet
   */
  record Me(
      boolean signedIn,
      @Schema(nullable = true) UUID accountId,
      @Schema(nullable = true) Role role,
      @Schema(nullable = true) String name,
      @Schema(nullable = true) String coachName,
      @Schema(nullable = true) UUID clientId,
      boolean demo,
      boolean signUpOpen,
      boolean firstStart,
      int markedPain,
      int endingPain) {}

  /** Answers 200 when nobody is signed in too, and hands out the token for the first post. */
  @GetMapping("/me")
  Me me(@Parameter(hidden = true) CsrfToken token) {
    token.getToken();
    SignedIn who = scope.find() instanceof SignedIn signedIn ? signedIn : null;
    return new Me(
        who != null,
        who == null ? null : who.accountId(),
        who == null ? null : who.role(),
        who == null ? null : who.name(),
        who == null ? null : accounts.coachName(who.coachId()),
        who == null ? null : who.ownClientId(),
        settings.demo(),
        settings.account().signUpOpen(),
        who == null && accounts.isEmpty(),
        SafetyRules.MARKED_PAIN,
        SafetyRules.ENDING_PAIN);
  }
}
