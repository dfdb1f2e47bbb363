/**
 * Reminders, off until somebody turns them on: a quiet notice in the open application, and mail
 * through an outbox. Nobody is told while they play or work.
 */
package org.nimblet.server.reminder;
