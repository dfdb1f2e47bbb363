package org.nimblet.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnThemes extends JpaRepository<OwnTheme, UUID> {
  List<OwnTheme> findByCoachIdOrderByTitleAscIdAsc(UUID coachId);

  Optional<OwnTheme> findByIdAndCoachId(UUID id, UUID coachId);

  long countByCoachId(UUID coachId);
}
