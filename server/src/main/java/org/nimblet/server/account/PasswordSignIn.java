package org.nimblet.server.account;

import org.nimblet.server.account.Slowing.Try;
import org.nimblet.server.account.Slowing.What;
import org.nimblet.server.platform.CodeNeededException;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.nimblet.server.platform.TooManyTriesException;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Address and password, and a code where the account asks for one. */
@Component
class PasswordSignIn implements AuthenticationProvider {

  /** Of a password that nobody has, hashed as all are now. */
  static final String HASH_OF_NOBODY =
      "{pbkdf2@SpringSecurity_v5_8}6e66060fb9e77dd25ff701e308520d9b892cb1860af4a27a3bef717b1c9740b4e3a15c3ca18b9d788be6b257eb442b97";

  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final SecondFactor secondFactor;
  private final Slowing slowing;
  private final SecurityLog log;

  PasswordSignIn(
      Accounts accounts,
      PasswordEncoder passwords,
      SecondFactor secondFactor,
      Slowing slowing,
      SecurityLog log) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.secondFactor = secondFactor;
    this.slowing = slowing;
    this.log = log;
  }

  @Override
  public boolean supports(Class<?> authentication) {
    return UsernamePasswordAuthenticationToken.class.isAssignableFrom(authentication);
  }

  @Override
  public Authentication authenticate(Authentication asked) {
    try {
      return signIn(asked, (SignInDetails) asked.getDetails());
    } catch (DataAccessException | TransactionException e) {
      throw new InternalAuthenticationServiceException("The accounts cannot be read.", e);
    }
  }

  private Authentication signIn(Authentication asked, SignInDetails details) {
    String email = AccountService.plain(asked.getName());
    Try attempt = begin(What.SIGN_IN, email, details);
    Account account = accounts.findByEmail(email).orElse(null);
    // Somebody unknown takes as long as somebody known.
    boolean right =
        passwords.matches(
            String.valueOf(asked.getCredentials()),
            account == null ? HASH_OF_NOBODY : account.passwordHash);
    if (account == null || !right) {
      log.note(Event.SIGN_IN_REFUSED);
      throw new BadCredentialsException("Address and password do not belong together.");
    }
    if (account.secondFactor != null) {
      Try codeAttempt = begin(What.CODE, email, details);
      if (details.code().filter(code -> secondFactor.accepts(account.id, code)).isEmpty()) {
        if (details.code().isEmpty()) {
          codeAttempt.wasRight();
        } else {
          log.note(Event.CODE_REFUSED, account.id);
        }
        throw new CodeNeededException(details.code().isPresent());
      }
      codeAttempt.wasRight();
    }
    attempt.wasRight();
    SignedIn who = account.signedIn();
    UsernamePasswordAuthenticationToken signedIn =
        UsernamePasswordAuthenticationToken.authenticated(who, null, who.authorities());
    signedIn.setDetails(details);
    return signedIn;
  }

  private Try begin(What what, String email, SignInDetails details) {
    try {
      return slowing.begin(what, email, details.getRemoteAddress());
    } catch (TooManyTriesException e) {
      log.note(Event.SIGN_IN_SLOWED);
      throw e;
    }
  }
}
