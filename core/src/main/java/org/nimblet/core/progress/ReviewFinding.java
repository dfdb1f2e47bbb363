package org.nimblet.core.progress;

/**
 * What some weeks say to a question, and what the rule makes of it.
 *
 * @param says what was found, as a sentence without its full stop
 * @param because the rule, as a sentence
 * @param suggested what follows from it; the coach may decide otherwise
 */
public record ReviewFinding(
    ReviewQuestion question, String says, String because, Verdict suggested) {}
