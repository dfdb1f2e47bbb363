/**
 * Tells open pages that something about a client is otherwise than they show it. Nothing here is
 * null.
 */
package org.nimblet.server.live;
