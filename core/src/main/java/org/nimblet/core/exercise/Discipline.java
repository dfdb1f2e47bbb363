package org.nimblet.core.exercise;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

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
      "flute, flautist, clarinet, clarinettist, oboe, oboist, bassoon, saxophone, saxophonist, trumpet, trumpeter, trombone,"
          + " french horn, recorder, whistle"),
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

  /**
   * The discipline that somebody speaks of: of all words by which one is looked for, the longest
   * that they say decides, so that "bass guitar" is a guitar and "double bass" is bowed.
   *
   * @param spoken in any words: "lever harp, festival in May"
   */
  public static Optional<Discipline> spokenOf(String spoken) {
    String words = spoken.toLowerCase(Locale.ROOT);
    return Arrays.stream(values())
        .max(
            Comparator.<Discipline>comparingInt(one -> one.longestIn(words))
                .thenComparing(Comparator.reverseOrder()))
        .filter(one -> one.longestIn(words) > 0);
  }

  /** Several of them and whoever plays them count as well: "guitars", "guitarist". */
  private int longestIn(String words) {
    return Arrays.stream(alsoCalled.split(", "))
        .filter(
            name ->
                Pattern.compile("\\b" + Pattern.quote(name) + "(?:ist)?s?\\b")
                    .matcher(words)
                    .find())
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
