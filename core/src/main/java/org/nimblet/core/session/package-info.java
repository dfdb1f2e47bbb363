/**
 * What became of sessions: the one table of states, and the one matching of what was done to what
 * was planned. Nothing here is null.
 */
package org.nimblet.core.session;
