/**
 * What hurts and what is to be minded: pain, referral signs, conditions, a clinician's
 * instructions, how far joints go. Every word is dated and kept. Nothing here is null unless
 * marked.
 */
package org.nimblet.server.health;
