package org.nimblet.core.progress;

/** What is known of a referral sign. */
public enum SignAnswer {
  NOT_ASKED,
  NO,
  YES,
  /** It was touched by mistake and taken back; both stay in the history. */
  MISTAKEN,
  /** A clinician has seen it and said what may be done. */
  CLEARED
}
