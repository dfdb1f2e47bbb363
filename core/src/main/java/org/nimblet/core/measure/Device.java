package org.nimblet.core.measure;

/**
 * What was tapped on.
 *
 * @param name what tells it from others of its kind; may be empty
 */
public record Device(DeviceKind kind, String name) {

  /** The kinds of devices. How often they look is from memory. */
  public enum DeviceKind {
    COMPUTER_KEYBOARD("computer keyboard", 8),
    MIDI_KEYBOARD("MIDI keyboard", 1),
    MIDI_FILE("MIDI file", 1),
    TOUCH_SCREEN("touch screen", 8);

    private static final double VARIANCE_OF_EVEN_ODDS = 12;

    private final String words;
    private final double everyMillis;

    DeviceKind(String words, double everyMillis) {
      this.words = words;
      this.everyMillis = everyMillis;
    }

    /** For people. */
    public String words() {
      return words;
    }

    /**
     * What it adds to the variance of each press, in ms²: it looks at its keys once in so many
     * milliseconds, and any moment between is as likely.
     */
    public double variance() {
      return everyMillis * everyMillis / VARIANCE_OF_EVEN_ODDS;
    }

    /** Whether evenness can be read from it, or only a count. */
    public boolean isFineEnough() {
      return this != TOUCH_SCREEN;
    }
  }

  /** For people: "computer keyboard". */
  public String words() {
    return name.isEmpty() ? kind.words() : kind.words() + ", " + name;
  }
}
