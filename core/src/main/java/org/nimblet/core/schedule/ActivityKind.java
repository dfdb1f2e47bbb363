package org.nimblet.core.schedule;

import java.util.Optional;

/** What the hands are busy with in a block. */
public enum ActivityKind {
  PRACTICE(WorkRhythm.PRACTICE),
  REHEARSAL(WorkRhythm.PRACTICE),
  PERFORMANCE(null),
  GAMING(WorkRhythm.GAMING),
  DESK_WORK(WorkRhythm.SCREEN),
  HANDWRITING(WorkRhythm.HANDWRITING),
  PHONE(WorkRhythm.SCREEN),
  TRAINING(null);

  private final WorkRhythm rhythm;

  ActivityKind(WorkRhythm rhythm) {
    this.rhythm = rhythm;
  }

  /** How long it may go on and how long it pauses; empty where nothing breaks into it. */
  public Optional<WorkRhythm> rhythm() {
    return Optional.ofNullable(rhythm);
  }
}
