package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/** What the hands do, as far as it decides which tissues carry the load. */
public enum Discipline {
  PLUCKED_STRINGS(
      "plucked strings", "guitar, harp, lute, banjo, mandolin, ukulele, bass, fretting"),
  BOWED_STRINGS("bowed strings", "violin, viola, cello, cellist, double bass, fiddle, bow"),
  KEYBOARD_INSTRUMENT(
      "keys or buttons of an instrument",
      "piano, organ, accordion, concertina, harpsichord, celesta, keyboard, pianist"),
  WINDS(
      "winds",
      "flute, flautist, clarinet, oboe, bassoon, saxophone, trumpet, trombone, french horn, recorder, whistle"),
  PERCUSSION("percussion", "drums, drummer, percussionist, sticks, marimba, vibraphone"),
  CONTROLLER("controller or stick", "controller, gaming, games, gamer, gamepad, joystick, console"),
  MOUSE("mouse", "mouse, computer, desk, office, gaming, trackball"),
  TYPING(
      "typing", "computer, desk, office, keyboard, captioning, captioner, programming, programmer"),
  PHONE("phone", "phone, smartphone, texting, tablet, touch screen, scrolling"),
  HANDWRITING("handwriting", "pen, pencil, drawing, writing"),
  MANUAL_WORK(
      "close work by hand: drawing, needle, tools",
      "knitting, knitter, sewing, carving, carver, crafts, tools, painter, tailor"),
  TRAINING(
      "training and sport on or with the hands", "climbing, climber, sport, yoga, gym, weights");

  private final String word;
  private final String alsoCalled;

  Discipline(String word, String alsoCalled) {
    this.word = word;
    this.alsoCalled = alsoCalled;
  }

  /** Shorter words are met by chance inside longer ones. */
  private static final int LEAST_LETTERS = 3;

  /**
   * The discipline that somebody speaks of: of all words by which one is looked for, the longest
   * that a word of theirs begins with decides, so that "bassoon" is not taken for a bass.
   *
   * @param spoken in any words: "lever harp, festival in May"
   */
  public static Optional<Discipline> spokenOf(String spoken) {
    String padded = " " + spoken.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ") + " ";
    return Arrays.stream(values())
        .max(
            Comparator.<Discipline>comparingInt(one -> one.longestIn(padded))
                .thenComparing(Comparator.reverseOrder()))
        .filter(one -> one.longestIn(padded) > 0);
  }

  private int longestIn(String padded) {
    return Arrays.stream(alsoCalled.split(", "))
        .filter(name -> name.length() >= LEAST_LETTERS && padded.contains(" " + name))
        .mapToInt(String::length)
        .max()
        .orElse(0);
  }

  /** The discipline as words inside a sentence. */
  public String word() {
    return word;
  }

  /** Words by which people look for it: instruments, devices and what is done with them. */
  public String alsoCalled() {
    return alsoCalled;
  }
}
