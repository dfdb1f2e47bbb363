/** What came back from sessions, and what follows from it. Nothing here is null. */
package org.nimblet.core.progress;
