package org.nimblet.server.account;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Coaches extends JpaRepository<Coach, UUID> {}
