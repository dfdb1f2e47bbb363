package org.nimblet.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoutineVersions extends JpaRepository<RoutineVersion, UUID> {
  List<RoutineVersion> findByRoutineIdOrderByNumberDesc(UUID routineId);

  @Query(
      """
      select version from RoutineVersion version join Routine routine on routine.id = version.routineId
      where routine.coachId = :coachId and routine.archivedAt is null
      """)
  List<RoutineVersion> inUse(UUID coachId);

  Optional<RoutineVersion> findByRoutineIdAndNumber(UUID routineId, int number);
}
