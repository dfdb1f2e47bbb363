/** The person: facts, activities, what is at hand. Nothing here is null unless marked. */
package org.nimblet.server.client;
