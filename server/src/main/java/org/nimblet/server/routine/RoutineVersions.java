package org.nimblet.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoutineVersions extends JpaRepository<RoutineVersion, UUID> {
  List<RoutineVersion> findByRoutineIdOrderByNumberDesc(UUID routineId);

  Optional<RoutineVersion> findByRoutineIdAndNumber(UUID routineId, int number);
}
