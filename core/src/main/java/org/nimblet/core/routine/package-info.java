/**
 * Timing, cue sheet and the composer: from a purpose and minutes to a routine that can be played.
 * Nothing here is null.
 */
package org.nimblet.core.routine;
