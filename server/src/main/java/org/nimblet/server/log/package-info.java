/** The log of a client, with what did not happen. Nothing here is null. */
package org.nimblet.server.log;
