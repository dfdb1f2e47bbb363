package org.nimblet.server.platform;

/**
 * One wrong field, in words that name what is allowed.
 *
 * @param field where it stands in what was sent, such as "activities[1].title"
 * @param message a sentence for people
 */
public record FieldProblem(String field, String message) {

  public FieldProblem {
    message = FieldWords.sentence(field, message);
  }
}
