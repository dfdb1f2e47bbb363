package org.nimblet.server.week;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AllBlockSeries extends JpaRepository<BlockSeries, UUID> {}
