/** The practice and its computation: pure, deterministic, without clock or randomness. */
package org.nimblet.core;
