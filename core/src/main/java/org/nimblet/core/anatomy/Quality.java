package org.nimblet.core.anatomy;

/** A quality of hand work that an exercise can serve, besides tissues and digits. */
public enum Quality implements Target {
  WARMTH("warmth"),
  EVENNESS("evenness"),
  INDEPENDENCE("independence of the fingers"),
  REACH("reach"),
  STRENGTH("strength"),
  ENDURANCE("endurance"),
  EASE("ease"),
  POSTURE("posture"),
  FEEL("the feel of the instrument or device");

  private final String id = Target.idOf(name());
  private final String word;

  Quality(String word) {
    this.word = word;
  }

  @Override
  public String id() {
    return id;
  }

  @Override
  public String word() {
    return word;
  }
}
