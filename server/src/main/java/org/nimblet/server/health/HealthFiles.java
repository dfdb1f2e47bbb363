package org.nimblet.server.health;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.progress.HealthRecord;
import org.nimblet.server.client.ClientFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything that was told of somebody's health. */
@Service
public class HealthFiles {

  private final StoredWords words;

  HealthFiles(StoredWords words) {
    this.words = words;
  }

  /** Of one client. */
  @Transactional(readOnly = true)
  public HealthRecord of(ClientFile client) {
    return of(List.of(client)).get(client.id());
  }

  /** Of some clients, by their identifiers; read by one statement. */
  @Transactional(readOnly = true)
  public Map<UUID, HealthRecord> of(Collection<ClientFile> clients) {
    Map<UUID, List<StoredWord>> told =
        words
            .findByClientIdInOrderByAtAscIdAsc(clients.stream().map(ClientFile::id).toList())
            .stream()
            .collect(Collectors.groupingBy(word -> word.clientId));
    Map<UUID, HealthRecord> records = new HashMap<>();
    for (ClientFile client : clients) {
      records.put(
          client.id(),
          new HealthRecord(
              client.zone(),
              client.ageGroup(),
              told.getOrDefault(client.id(), List.of()).stream().map(StoredWord::word).toList()));
    }
    return records;
  }
}
