package org.nimblet.server.week;

import org.nimblet.server.client.ClientFile;

/** Blocks of a client were made, changed or taken out. */
public record BlocksChanged(ClientFile client) {}
