/** Finger work: states and patterns, how hard they are, and which one somebody does next. */
package org.nimblet.core.drill;
