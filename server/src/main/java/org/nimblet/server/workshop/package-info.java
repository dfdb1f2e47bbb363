/** The workshop: finger patterns, rounds of them, sequences and clasps, and what was tried. */
package org.nimblet.server.workshop;
