/**
 * Services of the outside world as simulated ones that ship with the product, for the demo and the
 * tests. They run only where the settings say so, and only on loopback.
 */
package org.nimblet.server.standin;
