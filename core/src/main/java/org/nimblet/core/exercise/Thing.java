package org.nimblet.core.exercise;

/** Something that has to be at hand for an exercise, or can stand for it. */
public enum Thing {
  INSTRUMENT("the instrument or device"),
  TABLE_EDGE("a table edge"),
  TOWEL("a towel"),
  SOFT_BALL("a soft ball"),
  HARD_BALL("a firm ball"),
  CLAY("clay or dough"),
  ROLLER("a small roller"),
  PENCIL("a pencil"),
  BOW("the bow"),
  MAT("a mat"),
  LIGHT_WEIGHT("a light weight"),
  BAND("a band"),
  FINGER_TRAINER("a four-key finger trainer"),
  COIN("a coin"),
  RUBBER_RING("a loose rubber ring"),
  BOTTLE("a half-litre bottle"),
  FOOD_CAN("a full food can"),
  TIN("a round tin"),
  ROLLED_SOCK("a rolled sock"),
  KITCHEN_ROLL("a kitchen roll or rolling pin"),
  CARPET("a carpet"),
  LAP("the lap or knee"),
  OWN_FIST("the own fist"),
  OWN_FOREARM("the other forearm");

  private final String word;

  Thing(String word) {
    this.word = word;
  }

  /** The thing as words inside a sentence. */
  public String word() {
    return word;
  }

  /** Whether everybody has it with them. */
  public boolean partOfTheBody() {
    return this == LAP || this == OWN_FIST || this == OWN_FOREARM;
  }
}
