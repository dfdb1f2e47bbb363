package org.nimblet.core.exercise;

/**
 * Something wrong in a library file.
 *
 * @param file the file's name
 * @param entry the exercise's identifier, or its place in the file
 * @param field the field, with its path
 * @param message what was given and what is allowed
 */
public record LibraryProblem(String file, String entry, String field, String message) {

  /** The same problem, now that its file is known. */
  LibraryProblem in(String known) {
    return new LibraryProblem(known, entry, field, message);
  }

  @Override
  public String toString() {
    return "%s, %s, %s: %s".formatted(file, entry, field, message);
  }
}
