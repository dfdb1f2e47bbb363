/**
 * What a client is on for some weeks, and where its sessions are. Nothing is null unless marked.
 */
package org.nimblet.server.programme;
