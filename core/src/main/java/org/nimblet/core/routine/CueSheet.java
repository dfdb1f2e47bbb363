package org.nimblet.core.routine;

import java.util.List;

/**
 * A routine as a flat list of cues. They touch without gap or overlap; the last one ends at the
 * length.
 *
 * @param cues in order
 * @param stepStarts where each step starts, set-up included, in milliseconds
 * @param lengthMillis the length of the whole
 */
public record CueSheet(List<Cue> cues, List<Long> stepStarts, long lengthMillis) {

  /** Copies the lists. */
  public CueSheet {
    cues = List.copyOf(cues);
    stepStarts = List.copyOf(stepStarts);
  }

  /** The length of step {@code index}, set-up included, in milliseconds. */
  public long stepMillis(int index) {
    long end = index + 1 < stepStarts.size() ? stepStarts.get(index + 1) : lengthMillis;
    return end - stepStarts.get(index);
  }
}
