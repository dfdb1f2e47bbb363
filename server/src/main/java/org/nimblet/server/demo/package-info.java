/** The invented harbour town, only in demo mode. Nothing here is null unless marked. */
package org.nimblet.server.demo;
