package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.anatomy.Side;

/** What one hand does in an activity in which the two do different things. */
public enum HandRole {
  FRETTING_HAND("the hand on the strings", Discipline.PLUCKED_STRINGS, Discipline.BOWED_STRINGS),
  BOW_HAND("the bow hand", Discipline.BOWED_STRINGS),
  TRIGGER_HAND("the trigger hand", Discipline.CONTROLLER, Discipline.MOUSE),
  MOUSE_HAND("the mouse hand", Discipline.MOUSE),
  WRITING_HAND("the writing hand", Discipline.HANDWRITING, Discipline.MANUAL_WORK);

  private final String word;
  private final Set<Discipline> disciplines;

  HandRole(String word, Discipline first, Discipline... more) {
    this.word = word;
    this.disciplines = Collections.unmodifiableSet(EnumSet.of(first, more));
  }

  /** The role inside a sentence. */
  public String word() {
    return word;
  }

  /** The identifier used in files: lower case, words joined by hyphens. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The disciplines in which a hand can have it. */
  public Set<Discipline> disciplines() {
    return disciplines;
  }

  /** The roles that hands can have in a discipline. */
  public static List<HandRole> in(Discipline discipline) {
    return Arrays.stream(values()).filter(role -> role.disciplines.contains(discipline)).toList();
  }

  /**
   * The roles that hands usually have (common practice, no source): the left hand on the strings of
   * bowed instruments and the bow in the right, whatever the dominant hand; trigger, mouse and pen
   * in the hand that works alone, else in the dominant one. Whether plucked strings are stopped is
   * not guessed, since harps have no frets.
   *
   * @param hands the hands that work
   */
  public static Map<HandRole, Side> usual(Discipline discipline, Set<Side> hands, Side dominant) {
    Side working = hands.size() == 1 ? hands.iterator().next() : dominant;
    Map<HandRole, Side> roles = new EnumMap<>(HandRole.class);
    for (HandRole role : in(discipline)) {
      switch (role) {
        case FRETTING_HAND -> {
          if (discipline == Discipline.BOWED_STRINGS) {
            roles.put(role, Side.LEFT);
          }
        }
        case BOW_HAND -> roles.put(role, Side.RIGHT);
        case TRIGGER_HAND, MOUSE_HAND, WRITING_HAND -> roles.put(role, working);
      }
    }
    return roles;
  }
}
