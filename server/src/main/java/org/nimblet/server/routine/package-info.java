/** Routines composed for a block, with their reasons. Nothing here is null unless marked. */
package org.nimblet.server.routine;
