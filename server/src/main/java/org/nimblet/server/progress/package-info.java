/** Where a client stands, what was decided and what follows. Nothing here is null. */
package org.nimblet.server.progress;
