package org.nimblet.server.reminder;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReminderChoices extends JpaRepository<ReminderChoice, UUID> {
  List<ReminderChoice> findByMailTrueOrDigestTrueOrderByClientId();
}
