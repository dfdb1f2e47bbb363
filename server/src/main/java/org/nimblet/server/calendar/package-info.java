/**
 * Calendars in and out, as iCalendar (RFC 5545): files and addresses become blocks and busy times,
 * and planned sessions become a file or a feed.
 */
package org.nimblet.server.calendar;
