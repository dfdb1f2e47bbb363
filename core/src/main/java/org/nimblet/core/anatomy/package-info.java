/**
 * Sides, digits, regions, tissues and the notation of finger numbers: the words of the body. Knows
 * nothing above it. Nothing here is null.
 */
package org.nimblet.core.anatomy;
