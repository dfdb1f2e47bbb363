package org.nimblet.server.client;

/** What is known of a client has changed, such as when they wake. */
public record ClientChanged(ClientFile client) {}
