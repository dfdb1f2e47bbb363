/** How long things take, side by side; never a test. */
package org.nimblet.bench;
