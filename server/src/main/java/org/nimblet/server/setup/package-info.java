/** How a client sits and holds: points that were looked at, and set-ups that were compared. */
package org.nimblet.server.setup;
