package org.nimblet.server.session;

/**
 * A session with one of its steps that was done, as a query answers.
 *
 * @param exerciseId null, as is what follows, if nothing of it was done
 */
record DoneRow(Session session, String exerciseId, String dose, Long millis) {}
