/** Tests of hands and demands of pieces: what was measured is kept raw and read anew each time. */
package org.nimblet.server.measure;
