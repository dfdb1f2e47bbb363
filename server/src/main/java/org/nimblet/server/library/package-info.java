/** Exercises: those that ship and those of a coach's own. Nothing here is null unless marked. */
package org.nimblet.server.library;
