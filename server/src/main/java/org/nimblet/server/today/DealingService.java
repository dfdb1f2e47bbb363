package org.nimblet.server.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a coach has dealt with of what needed a word. */
@Service
class DealingService {

  private final DealtWiths dealt;
  private final Clock clock;

  DealingService(DealtWiths dealt, Clock clock) {
    this.dealt = dealt;
    this.clock = clock;
  }

  /** Whether a reason of a client was dealt with, or is put off; read by one statement. */
  @Transactional(readOnly = true)
  BiPredicate<ClientFile, UUID> dealtWith(UUID coachId) {
    Map<UUID, Set<UUID>> hidden =
        dealt.findByCoachId(coachId).stream()
            .filter(this::holds)
            .collect(
                Collectors.groupingBy(
                    one -> one.clientId,
                    Collectors.mapping(one -> one.reasonId, Collectors.toSet())));
    return (client, reason) -> hidden.getOrDefault(client.id(), Set.of()).contains(reason);
  }

  private boolean holds(DealtWith one) {
    return one.until == null || LocalDate.now(clock).isBefore(one.until);
  }

  /**
   * A reason is dealt with, or put off.
   *
   * @param until the first day on which it shows again; empty if it is dealt with
   */
  @Transactional
  void deal(ClientFile client, UUID reasonId, Optional<LocalDate> until) {
    DealtWith one =
        dealt
            .findByClientIdAndReasonId(client.id(), reasonId)
            .orElseGet(
                () -> {
                  DealtWith fresh = new DealtWith();
                  fresh.id = UUID.randomUUID();
                  fresh.coachId = client.coachId();
                  fresh.clientId = client.id();
                  fresh.reasonId = reasonId;
                  return fresh;
                });
    one.at = clock.instant();
    one.until = until.orElse(null);
    dealt.save(one);
  }

  /** A reason shows again. */
  @Transactional
  void takeBack(ClientFile client, UUID reasonId) {
    dealt.findByClientIdAndReasonId(client.id(), reasonId).ifPresent(dealt::delete);
  }
}
