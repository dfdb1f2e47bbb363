package org.nimblet.server.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.nimblet.server.platform.Secrets;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes of six digits that change every 30 s (RFC 6238), and codes on paper for when the
 * authenticator is gone. Each opens once.
 */
@Component
class SecondFactor {

  /** As RFC 4226 advises. */
  private static final int SECRET_BYTES = 20;

  /** A code of the step before or after is taken as well: clocks differ (RFC 6238, 5.2). */
  private static final int STEPS_ASIDE = 1;

  private static final int PAPER_CODES = 8;
  private static final int PAPER_BYTES = 5;

  private final Accounts accounts;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();
  private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();

  SecondFactor(Accounts accounts, Clock clock) {
    this.accounts = accounts;
    this.clock = clock;
  }

  /** A new secret, in the letters that an authenticator takes (base 32). */
  String newSecret() {
    byte[] bytes = new byte[SECRET_BYTES];
    random.nextBytes(bytes);
    return new Base32().encodeToString(bytes);
  }

  /** Codes on paper, to be shown once. */
  List<String> newPaperCodes() {
    List<String> made = new ArrayList<>();
    for (int i = 0; i < PAPER_CODES; i++) {
      byte[] bytes = new byte[PAPER_BYTES];
      random.nextBytes(bytes);
      made.add(new Base32().encodeToString(bytes).toLowerCase(Locale.ROOT));
    }
    return made;
  }

  /** What an authenticator shows for a secret at a moment. */
  String codeAt(String secret, Instant moment) {
    byte[] key = new Base32().decode(secret);
    try {
      return codes.generateOneTimePasswordString(
          new SecretKeySpec(key, codes.getAlgorithm()), moment);
    } catch (InvalidKeyException e) {
      throw new IllegalStateException("a secret of our own is a key", e);
    }
  }

  /** The step in which a code holds now, or 0 if it does not. */
  long stepOf(String secret, String code) {
    Instant now = clock.instant();
    for (int aside = -STEPS_ASIDE; aside <= STEPS_ASIDE; aside++) {
      Instant moment = now.plus(codes.getTimeStep().multipliedBy(aside));
      if (codeAt(secret, moment).equals(code.replace(" ", ""))) {
        return moment.toEpochMilli() / codes.getTimeStep().toMillis();
      }
    }
    return 0;
  }

  /** Whether a code opens an account now; then it does not again. */
  @Transactional
  public boolean accepts(UUID accountId, String code) {
    Account account = accounts.findToWriteById(accountId).orElseThrow();
    String paper = Secrets.hash(code.toLowerCase(Locale.ROOT));
    if (account.paperCodeHashes.contains(paper)) {
      List<String> left = new ArrayList<>(account.paperCodeHashes);
      left.remove(paper);
      account.paperCodeHashes = left;
      return true;
    }
    long step = stepOf(account.secondFactor, code);
    if (step <= account.lastCodeStep) {
      return false;
    }
    account.lastCodeStep = step;
    return true;
  }
}
