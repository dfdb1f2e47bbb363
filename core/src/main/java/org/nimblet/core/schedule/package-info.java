/**
 * Where a routine stands in the day. Knows a routine only by its purpose and its length. Nothing
 * here is null.
 */
package org.nimblet.core.schedule;
