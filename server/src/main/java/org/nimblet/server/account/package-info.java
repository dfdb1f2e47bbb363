/**
 * Who is signed in, and what they may see. All scoping stands here. Nothing here is null unless
 * marked.
 */
package org.nimblet.server.account;
