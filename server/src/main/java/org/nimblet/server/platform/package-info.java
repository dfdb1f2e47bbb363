/**
 * What every feature stands on: settings, errors, security, the shipped front end. Nothing here is
 * null unless marked.
 */
package org.nimblet.server.platform;
