package org.nimblet.core.exercise;

import java.util.Locale;

/** What a routine is for. */
public enum Purpose {
  WARM_UP("Warm-up"),
  BREAK("Break"),
  COOL_DOWN("Cool-down"),
  STRENGTH("Strength"),
  INDEPENDENCE("Independence"),
  REACH("Reach"),
  RECOVERY("Recovery");

  private final String word;

  Purpose(String word) {
    this.word = word;
  }

  /** The purpose inside a sentence, with its article: "a warm-up", "a routine for reach". */
  public String withArticle() {
    return "a " + noun();
  }

  /** The purpose inside a sentence: "warm-up", "routine for reach". */
  public String noun() {
    String lower = word.toLowerCase(Locale.ROOT);
    return switch (this) {
      case WARM_UP, BREAK, COOL_DOWN -> lower;
      case STRENGTH, INDEPENDENCE, REACH, RECOVERY -> "routine for " + lower;
    };
  }

  /** A routine beside a block: "Warm-up before Practice", "Cool-down after Practice". */
  public String beside(String block) {
    String where =
        switch (this) {
          case WARM_UP -> " before ";
          case BREAK -> " in ";
          default -> " after ";
        };
    return word + where + block;
  }

  /** The purpose as a heading. */
  public String word() {
    return word;
  }
}
