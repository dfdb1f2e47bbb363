package org.nimblet.core.exercise;

/** How much rest an exercise asks for before the same tissue is worked again. */
public enum Recovery {
  NONE,
  REST_DAY
}
