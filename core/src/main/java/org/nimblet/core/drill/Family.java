package org.nimblet.core.drill;

/**
 * The families of patterns, in the order in which they are learned: by the number of fingers, then
 * by what the hands do together, then by contact (ours).
 */
public enum Family {
  ALL_TOGETHER("all fingers together"),
  ONE("one finger"),
  NEIGHBOURS("two neighbours"),
  THREE("three fingers"),
  NOT_TOUCHING("two that do not touch"),
  FROM_ONE_TO_ANOTHER("from one finger to another"),
  GAPS("gaps"),
  BENT_AND_PARTED("some bent, others parted"),
  RIPPLE("one after the other"),
  ALIKE("both hands alike"),
  COMPLEMENT("one hand against the other"),
  REVERSED("reversed between the hands"),
  PALMS("palm on palm, parting and meeting"),
  RAISING("raised out of a clasp"),
  RE_CLASPING("clasped again"),
  EXCHANGING("exchanged between two meetings"),
  THREADING("threaded");

  private final String words;

  Family(String words) {
    this.words = words;
  }

  /** For people: "two neighbours". */
  public String words() {
    return words;
  }
}
