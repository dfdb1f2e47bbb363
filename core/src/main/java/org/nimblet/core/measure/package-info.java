/** What is measured of hands and what it says: taps, hold and lift, demand. Nothing is null. */
package org.nimblet.core.measure;
