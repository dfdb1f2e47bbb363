package org.nimblet.server.client;

/**
 * Something about a client is otherwise than it was: facts, pain, a check-in, screening, what is
 * minded, blocks, a session, the programme. Whoever writes publishes it in the transaction of the
 * writing; whoever depends on it listens, so that nobody who writes has to know who does.
 *
 * @param client the client as they are now
 */
public record PersonChanged(ClientFile client) {}
