package org.nimblet.core.session;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Which session that was done served which planned one, and what became of each.
 *
 * <p>A session serves only what has its purpose, and at most one; what was played for a block
 * serves that block. What was played for none serves what belongs to a block if it began about its
 * time, and what stands free on its day wherever it began. Of several the nearest in time are
 * paired first.
 */
public final class SessionLedger {

  private final List<Entry> entries;
  private final List<PastSession> unasked;

  private SessionLedger(List<Entry> entries, List<PastSession> unasked) {
    this.entries = List.copyOf(entries);
    this.unasked = List.copyOf(unasked);
  }

  /**
   * A planned session with what became of it.
   *
   * @param done what was done for it
   */
  public record Entry(PlannedSession planned, SessionState state, Optional<PastSession> done) {

    /** What became of it as words after a name. */
    public String words() {
      return done.map(session -> session.ending().words()).orElseGet(state::words);
    }
  }

  private record Pair(PlannedSession planned, PastSession past) {
    /** What was played for the very block comes before what only lies near. */
    boolean isForBlock() {
      return past.blockId().isPresent();
    }

    Duration apart() {
      return Duration.between(planned.start(), past.beganAt()).abs();
    }
  }

  /**
   * Matches and judges.
   *
   * @param planned in any order
   * @param past in any order; at least those of the days of what is planned
   */
  public static SessionLedger of(
      Collection<PlannedSession> planned, Collection<PastSession> past, Instant now) {
    List<Pair> pairs = new ArrayList<>();
    for (PlannedSession one : planned) {
      past.stream()
          .filter(PastSession::counts)
          .filter(session -> mayServe(one, session))
          .map(session -> new Pair(one, session))
          .forEach(pairs::add);
    }
    pairs.sort(
        Comparator.comparing(Pair::isForBlock)
            .reversed()
            .thenComparing(Pair::apart)
            .thenComparing(pair -> pair.planned().uid())
            .thenComparing(pair -> pair.past().id()));
    Map<PlannedSession, PastSession> served = new HashMap<>();
    Set<UUID> used = new HashSet<>();
    for (Pair pair : pairs) {
      if (!served.containsKey(pair.planned()) && used.add(pair.past().id())) {
        served.put(pair.planned(), pair.past());
      }
    }
    return new SessionLedger(
        planned.stream()
            .map(
                one -> {
                  Optional<PastSession> done = Optional.ofNullable(served.get(one));
                  return new Entry(one, SessionState.of(one, done, now), done);
                })
            .toList(),
        past.stream().filter(session -> !used.contains(session.id())).toList());
  }

  private static boolean mayServe(PlannedSession planned, PastSession past) {
    if (planned.purpose() != past.purpose()) {
      return false;
    }
    if (past.blockId().isPresent()) {
      return past.blockId().equals(planned.blockId());
    }
    if (!planned.isAsLongAs(past)) {
      return false;
    }
    return planned.blockId().isPresent()
        ? planned.isNear(past)
        : planned.date().equals(past.date());
  }

  /** Every planned session, in the order in which they were given. */
  public List<Entry> entries() {
    return entries;
  }

  /** What was done that no planned session had asked for, or that was left too early to count. */
  public List<PastSession> unasked() {
    return unasked;
  }
}
