package org.nimblet.server.account;

import org.springframework.data.jpa.repository.JpaRepository;

interface Invitations extends JpaRepository<Invitation, String> {}
