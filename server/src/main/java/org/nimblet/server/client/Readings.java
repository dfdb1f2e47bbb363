package org.nimblet.server.client;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was read of clients, kept as long as nothing about them changes. The database gives a client
 * another revision with every change, whoever makes it, so that nothing that is kept can be out of
 * date; every server keeps its own.
 *
 * <p>A transaction that writes reads for itself: what it sees may be taken back.
 */
@Component
public class Readings {

  /** As many readings are kept; some ten kilobytes each, at most about a hundred megabytes. */
  private static final int KEPT = 2000;

  private final Cache<Key, Object> kept = Caffeine.newBuilder().maximumSize(KEPT).build();

  /**
   * A reading.
   *
   * @param what what is read of the client: a record of the reader's own, so that two readers never
   *     meet
   */
  private record Key(UUID clientId, long revision, Record what) {}

  /**
   * What is asked of each of some clients, by their identifiers.
   *
   * @param what what is asked
   * @param read reads it for those of whom it is not kept, all at once; it must answer for each
   */
  public <T> Map<UUID, T> of(
      Collection<ClientFile> clients, Record what, Function<List<ClientFile>, Map<UUID, T>> read) {
    if (TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
      return clients.isEmpty() ? Map.of() : read.apply(List.copyOf(clients));
    }
    Map<UUID, T> found = new HashMap<>();
    List<ClientFile> missing = new ArrayList<>();
    for (ClientFile client : clients) {
      // The same record always stands for the same type.
      @SuppressWarnings("unchecked")
      T reading = (T) kept.getIfPresent(new Key(client.id(), client.revision(), what));
      if (reading == null) {
        missing.add(client);
      } else {
        found.put(client.id(), reading);
      }
    }
    if (!missing.isEmpty()) {
      Map<UUID, T> now = read.apply(missing);
      for (ClientFile client : missing) {
        T reading = now.get(client.id());
        kept.put(new Key(client.id(), client.revision(), what), reading);
        found.put(client.id(), reading);
      }
    }
    return found;
  }
}
