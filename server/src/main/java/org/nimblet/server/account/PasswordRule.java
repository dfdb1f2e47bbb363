package org.nimblet.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Locale;
import org.nimblet.server.platform.InvalidFieldException;

/**
 * What a password has to be: long, and none of those that are tried first (NIST SP 800-63B,
 * 5.1.1.2: compared with lists of common ones, with the name and the address; no rules of
 * composition).
 */
final class PasswordRule {

  static final int SHORTEST = 12;
  static final int LONGEST = 200;
  static final String LENGTHS = "A password has 12 to 200 characters.";

  /**
   * So many powers of ten of guesses it takes at least: what one address may try in a century of
   * slowed sign-ins is below it (zxcvbn, Wheeler 2016, "safely unguessable" online from 10^8 on).
   */
  private static final double LEAST_GUESSES = 8;

  /**
   * The dictionaries are gone through for so many characters; what follows only makes it longer.
   */
  private static final int LOOKED_AT = 64;

  private static final Zxcvbn GUESSES = new Zxcvbn();

  private PasswordRule() {}

  /**
   * Refuses what would be guessed.
   *
   * @throws InvalidFieldException with the reason, for that field
   */
  static void check(String field, String password, String name, String email) {
    String start = password.substring(0, Math.min(password.length(), LOOKED_AT));
    String plain = start.toLowerCase(Locale.ROOT);
    if (plain.equals(email.strip().toLowerCase(Locale.ROOT))) {
      throw new InvalidFieldException(field, "Your own address is the first thing that is tried.");
    }
    List<String> own = List.of(name, email, email.replaceFirst("@.*", ""), "nimblet");
    if (GUESSES.measure(start, own).getGuessesLog10() < LEAST_GUESSES) {
      throw new InvalidFieldException(
          field,
          "This is among the passwords that are tried first. Take four words that have nothing to"
              + " do with one another.");
    }
  }
}
