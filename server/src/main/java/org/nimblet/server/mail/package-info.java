/** Mail that goes out: an outbox in the database, and the postman who empties it. */
package org.nimblet.server.mail;
