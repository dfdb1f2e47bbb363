/** How each coach's own keeping moves what is composed. */
package org.nimblet.server.hand;
