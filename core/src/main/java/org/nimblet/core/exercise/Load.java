package org.nimblet.core.exercise;

/** What an exercise is done against. */
public sealed interface Load {

  /** How heavy it pulls, in grams. */
  int grams();

  /** The load for people: "750 g". */
  String words();

  /**
   * A weight in the hand.
   *
   * @param grams its mass, 50–20 000 g
   */
  record Weight(int grams) implements Load {
    /** Checks the range. */
    public Weight {
      if (grams < 50 || grams > 20_000) {
        throw new IllegalArgumentException(
            "weight (%d g) must be between 50 and 20000 g".formatted(grams));
      }
    }

    @Override
    public String words() {
      return grams < 1000 || grams % 100 != 0
          ? grams + " g"
          : "%d%s kg".formatted(grams / 1000, grams % 1000 == 0 ? "" : "." + grams % 1000 / 100);
    }
  }

  /**
   * A band held at a length; the shorter, the harder. The pull is that of a light rubber band
   * stretched to {@value #STRETCHED_CENTIMETRES} cm, linear in its elongation (Hooke; the stiffness
   * is ours).
   *
   * @param centimetres length of the band at rest, 10–55 cm
   */
  record Band(int centimetres) implements Load {
    /** How long it is once the hand has moved (ours). */
    public static final int STRETCHED_CENTIMETRES = 60;

    /** The pull at twice the length at rest (ours). */
    private static final int GRAMS_AT_DOUBLE = 1000;

    /** Checks the range. */
    public Band {
      if (centimetres < 10 || centimetres > 55) {
        throw new IllegalArgumentException(
            "band (%d cm) must be between 10 and 55 cm".formatted(centimetres));
      }
    }

    @Override
    public int grams() {
      return GRAMS_AT_DOUBLE * (STRETCHED_CENTIMETRES - centimetres) / centimetres;
    }

    @Override
    public String words() {
      return "band " + centimetres + " cm";
    }
  }
}
