/** What happened: sessions, check-ins, the log. Nothing here is null unless marked. */
package org.nimblet.server.session;
