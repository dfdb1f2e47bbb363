package org.nimblet.server.programme;

/**
 * A programme with one of its obligations, as a query answers.
 *
 * @param obligation null if it has none
 */
record ProgrammeRow(Programme programme, StoredObligation obligation) {}
