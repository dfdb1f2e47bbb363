package org.nimblet.server.account;

/** What an account is. */
public enum Role {
  COACH,
  CLIENT
}
