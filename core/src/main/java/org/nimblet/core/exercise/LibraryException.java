package org.nimblet.core.exercise;

import java.util.List;
import java.util.stream.Collectors;

/** The library could not be read; carries every problem found, not only the first. */
public final class LibraryException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<LibraryProblem> problems;

  LibraryException(List<LibraryProblem> problems) {
    super(problems.stream().map(LibraryProblem::toString).collect(Collectors.joining("\n")));
    this.problems = List.copyOf(problems);
  }

  /** All problems, in the order of the files. */
  public List<LibraryProblem> problems() {
    return problems;
  }
}
