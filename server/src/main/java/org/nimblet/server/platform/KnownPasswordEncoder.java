package org.nimblet.server.platform;

import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Hashes like another, but not the one password that everybody knows, that of a demo or of tests: a
 * good hash takes seconds on a machine that has only begun to run, and there is nothing to protect.
 * Instead of a hash it is noted that it is the known one; where none is known any more, nobody has
 * it.
 */
final class KnownPasswordEncoder implements PasswordEncoder {

  private static final String KNOWN = "{known}";

  private final PasswordEncoder hashes;
  private final String known;

  /**
   * Takes over.
   *
   * @param hashes what hashes all others
   * @param known what everybody knows; empty for none
   */
  KnownPasswordEncoder(PasswordEncoder hashes, String known) {
    this.hashes = hashes;
    this.known = known;
  }

  private boolean isKnown(CharSequence password) {
    return !known.isEmpty() && known.contentEquals(password);
  }

  @Override
  public String encode(CharSequence password) {
    return isKnown(password) ? KNOWN : hashes.encode(password);
  }

  @Override
  public boolean matches(CharSequence password, String encoded) {
    return KNOWN.equals(encoded) ? isKnown(password) : hashes.matches(password, encoded);
  }

  @Override
  public boolean upgradeEncoding(String encoded) {
    return !KNOWN.equals(encoded) && hashes.upgradeEncoding(encoded);
  }
}
