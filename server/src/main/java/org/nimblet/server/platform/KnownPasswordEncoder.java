package org.nimblet.server.platform;

import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Hashes like another, but one password that everybody knows, that of a demo or of tests, only
 * once: a good hash takes long on purpose, and there is nothing to protect.
 */
final class KnownPasswordEncoder implements PasswordEncoder {

  private final PasswordEncoder hashes;
  private final String known;
  private String hash;

  /**
   * Takes over.
   *
   * @param hashes what hashes all others
   */
  KnownPasswordEncoder(PasswordEncoder hashes, String known) {
    this.hashes = hashes;
    this.known = known;
  }

  @Override
  public synchronized String encode(CharSequence password) {
    if (!known.contentEquals(password)) {
      return hashes.encode(password);
    }
    if (hash == null) {
      hash = hashes.encode(known);
    }
    return hash;
  }

  @Override
  public boolean matches(CharSequence password, String encoded) {
    return isKnown(password, encoded) || hashes.matches(password, encoded);
  }

  private synchronized boolean isKnown(CharSequence password, String encoded) {
    return hash != null && hash.equals(encoded) && known.contentEquals(password);
  }

  @Override
  public boolean upgradeEncoding(String encoded) {
    return hashes.upgradeEncoding(encoded);
  }
}
