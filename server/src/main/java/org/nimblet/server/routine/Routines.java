package org.nimblet.server.routine;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface Routines extends JpaRepository<Routine, UUID> {
  List<Routine> findByCoachIdAndArchivedAtNullOrderByTitleAscIdAsc(UUID coachId);

  List<Routine> findByClientIdAndArchivedAtNullOrderByTitleAscIdAsc(UUID clientId);

  Optional<Routine> findByIdAndCoachId(UUID id, UUID coachId);

  /** Two people who save at once do so one after the other. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Routine> findForUpdateByIdAndCoachId(UUID id, UUID coachId);
}
