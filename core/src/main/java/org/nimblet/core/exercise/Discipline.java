package org.nimblet.core.exercise;

/** What the hands do, as far as it decides which tissues carry the load. */
public enum Discipline {
  PLUCKED_STRINGS(
      "plucked strings", "guitar, harp, lute, banjo, mandolin, ukulele, bass, fretting"),
  BOWED_STRINGS("bowed strings", "violin, viola, cello, double bass, fiddle, bow"),
  KEYBOARD_INSTRUMENT(
      "keys or buttons of an instrument", "piano, organ, accordion, concertina, keyboard, pianist"),
  WINDS("winds", "flute, clarinet, oboe, saxophone, trumpet, recorder, whistle"),
  PERCUSSION("percussion", "drums, drummer, sticks, marimba"),
  CONTROLLER("controller or stick", "gaming, games, gamer, gamepad, joystick, console"),
  MOUSE("mouse", "computer, desk, office, gaming, trackball"),
  TYPING("typing", "computer, desk, office, keyboard, captioning, programming"),
  PHONE("phone", "texting, tablet, touch screen, scrolling"),
  HANDWRITING("handwriting", "pen, pencil, drawing, writing"),
  MANUAL_WORK(
      "close work by hand: drawing, needle, tools", "knitting, sewing, carving, crafts, tools"),
  TRAINING("training and sport on or with the hands", "climbing, sport, yoga, gym, weights");

  private final String word;
  private final String alsoCalled;

  Discipline(String word, String alsoCalled) {
    this.word = word;
    this.alsoCalled = alsoCalled;
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
