package org.nimblet.core.routine;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What was worked out lately and would come out the same again. Safe to be asked from many threads;
 * two that ask for the same new thing at once both work it out.
 *
 * @param <K> what it was worked out from
 * @param <V> what came of it
 */
final class Remembered<K, V> {

  private final Map<K, V> lately;

  /**
   * Nothing yet.
   *
   * @param most how many things are remembered; what was not asked for longest is forgotten
   */
  Remembered(int most) {
    this.lately =
        new LinkedHashMap<>() {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
          }
        };
  }

  V of(K key, Function<K, V> worked) {
    synchronized (lately) {
      V known = lately.remove(key);
      if (known != null) {
        lately.put(key, known);
        return known;
      }
    }
    V made = worked.apply(key);
    synchronized (lately) {
      lately.put(key, made);
    }
    return made;
  }
}
