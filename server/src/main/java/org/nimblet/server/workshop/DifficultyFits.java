package org.nimblet.server.workshop;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DifficultyFits extends JpaRepository<DifficultyFit, UUID> {}
