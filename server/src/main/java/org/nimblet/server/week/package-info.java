/** Blocks and the day: when everything is. Nothing here is null unless marked. */
package org.nimblet.server.week;
