package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Region;

/**
 * With what an exercise is closed. Where: see {@link Uses}; a condition, a sign or soreness closes
 * it only on the sides whose parts it uses.
 *
 * @param conditions with which conditions
 * @param signs with which referral signs
 * @param sore regions that close it while they are sore
 */
public record ClosedWith(Set<Condition> conditions, Set<ReferralSign> signs, Set<Region> sore) {

  /** A region is sore, and closes what names it, from this pain on (ours). */
  public static final int SORE_PAIN = 4;

  /** Nothing that somebody wrote. */
  public static final ClosedWith NOTHING = new ClosedWith(Set.of(), Set.of(), Set.of());

  /** Copies the sets. */
  public ClosedWith {
    conditions = copy(conditions, Condition.class);
    signs = copy(signs, ReferralSign.class);
    sore = copy(sore, Region.class);
  }

  private static <E extends Enum<E>> Set<E> copy(Collection<E> values, Class<E> type) {
    Set<E> copy = EnumSet.noneOf(type);
    copy.addAll(values);
    return Collections.unmodifiableSet(copy);
  }

  /** This and more. */
  ClosedWith and(ClosedWith more) {
    Set<Condition> allConditions = EnumSet.noneOf(Condition.class);
    allConditions.addAll(conditions);
    allConditions.addAll(more.conditions);
    Set<ReferralSign> allSigns = EnumSet.noneOf(ReferralSign.class);
    allSigns.addAll(signs);
    allSigns.addAll(more.signs);
    Set<Region> allSore = EnumSet.noneOf(Region.class);
    allSore.addAll(sore);
    allSore.addAll(more.sore);
    return new ClosedWith(allConditions, allSigns, allSore);
  }

  /** What a card says about it, one sentence each; none where nothing closes it. */
  public List<String> sentences() {
    List<String> sentences = new ArrayList<>();
    if (!conditions.isEmpty()) {
      sentences.add(
          "Left out with %s, unless a clinician allows it."
              .formatted(
                  joined(conditions.stream().map(Condition::word).collect(Collectors.toList()))));
    }
    if (!sore.isEmpty()) {
      sentences.add(
          "Left out while pain is %d or more here: %s."
              .formatted(
                  SORE_PAIN, sore.stream().map(Region::word).collect(Collectors.joining("; "))));
    }
    return sentences;
  }

  private static String joined(List<String> words) {
    return words.size() == 1
        ? words.get(0)
        : String.join(", ", words.subList(0, words.size() - 1))
            + " or "
            + words.get(words.size() - 1);
  }
}
