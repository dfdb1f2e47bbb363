package org.nimblet.core.measure;

/** A tap test with the conditions under which it was made. */
public record TestedTaps(Conditions conditions, Tapping tapping) {}
