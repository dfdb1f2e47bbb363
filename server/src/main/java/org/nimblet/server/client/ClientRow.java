package org.nimblet.server.client;

/**
 * A client with one of their activities, as a query answers.
 *
 * @param revision how the client stands
 * @param activity null if they have none
 */
record ClientRow(Client client, Long revision, Activity activity) {}
