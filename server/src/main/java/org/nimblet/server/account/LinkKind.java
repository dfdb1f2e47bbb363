package org.nimblet.server.account;

/** What a link opens that is handed on or sent by mail. */
public enum LinkKind {
  /** The first account of a new practice. */
  FIRST_COACH,
  /** A practice of their own for another coach. */
  COACH,
  /** A client's account. */
  CLIENT,
  /** A new password. */
  RESET,
  /** Another address. */
  ADDRESS
}
