/** A person as they are at one moment, read once. Nothing here is null. */
package org.nimblet.server.person;
