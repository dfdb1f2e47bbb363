package org.nimblet.server.hand;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CoachHandRows extends JpaRepository<CoachHandRow, UUID> {}
