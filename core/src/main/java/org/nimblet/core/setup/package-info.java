/** How one sits and holds: points of a set-up that can be seen. Nothing here is null. */
package org.nimblet.core.setup;
