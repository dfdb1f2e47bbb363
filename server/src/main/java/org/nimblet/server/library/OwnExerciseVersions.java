package org.nimblet.server.library;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnExerciseVersions extends JpaRepository<OwnExerciseVersion, UUID> {

  List<OwnExerciseVersion> findByOwnExerciseIdOrderByNumberDesc(UUID ownExerciseId);

  Optional<OwnExerciseVersion> findByOwnExerciseIdAndNumber(UUID ownExerciseId, int number);

  List<OwnExerciseVersion> findByCoachId(UUID coachId);
}
