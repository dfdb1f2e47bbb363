/**
 * What an exercise is, its dose, and the library read from YAML. Knows only anatomy. Nothing here
 * is null.
 */
package org.nimblet.core.exercise;
