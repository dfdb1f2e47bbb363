/**
 * Days as ribbons: blocks, sessions and their states, for the coach and for the client. Nothing
 * here is null unless marked.
 */
package org.nimblet.server.today;
