package org.nimblet.server.platform;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.validation.FieldError;
import org.springframework.validation.ObjectError;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every error as a problem detail (RFC 9457), with the fields it is about. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  /** So much of what was given is said again. */
  private static final int LONGEST_SHOWN = 60;

  private static final String YEARS = StrictReading.FIRST_YEAR + " to " + StrictReading.LAST_YEAR;
  private static final Pattern UNSHOWN = Pattern.compile("[\\p{Cc}\\p{Cs}]");

  private static ProblemDetail problem(HttpStatus status, String title, String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setTitle(title);
    return problem;
  }

  private static ResponseEntity<Object> invalid(List<FieldProblem> unsorted) {
    List<FieldProblem> errors =
        unsorted.stream().sorted(Comparator.comparing(FieldProblem::field)).toList();
    if (onlyLooks()) {
      return ResponseEntity.ok(Preview.without(errors));
    }
    String fields =
        errors.stream()
            .map(error -> FieldWords.of(error.field()))
            .distinct()
            .collect(Collectors.joining(", "));
    ProblemDetail problem =
        problem(HttpStatus.BAD_REQUEST, "Not accepted", "Please look again at: " + fields + ".");
    problem.setProperty("errors", errors);
    return ResponseEntity.badRequest().body(problem);
  }

  /** Whether it was only asked what something would be. */
  private static boolean onlyLooks() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request != null
        && request.getAttribute(
                HandlerMapping.BEST_MATCHING_HANDLER_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST)
            instanceof HandlerMethod asked
        && asked.getReturnType().getParameterType() == Preview.class;
  }

  @ExceptionHandler(TooManyTriesException.class)
  ResponseEntity<ProblemDetail> tooOften(TooManyTriesException e) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.patience().toSeconds()))
        .body(problem(HttpStatus.TOO_MANY_REQUESTS, "Too often", e.getMessage()));
  }

  @ExceptionHandler(NotFoundException.class)
  ProblemDetail notFound(NotFoundException e) {
    return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
  }

  @ExceptionHandler(InvalidFieldException.class)
  ResponseEntity<Object> invalidField(InvalidFieldException e) {
    return invalid(e.fields().stream().map(f -> new FieldProblem(f.field(), f.message())).toList());
  }

  @ExceptionHandler(ConflictException.class)
  ProblemDetail conflict(ConflictException e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
    problem.setProperty("current", e.current());
    problem.setProperty("changed", e.changed());
    return problem;
  }

  @ExceptionHandler(ObjectOptimisticLockingFailureException.class)
  ProblemDetail racedConflict(ObjectOptimisticLockingFailureException e) {
    return problem(
        HttpStatus.CONFLICT,
        "Changed meanwhile",
        "Somebody else saved this at the same moment. Load it again and repeat your change.");
  }

  @ExceptionHandler(DataIntegrityViolationException.class)
  ResponseEntity<Object> integrity(DataIntegrityViolationException e) {
    if (String.valueOf(e.getMessage()).contains("account_email_taken")) {
      return invalid(
          List.of(new FieldProblem("email", "This address already has an account; sign in.")));
    }
    return ResponseEntity.status(HttpStatus.CONFLICT)
        .body(
            problem(
                HttpStatus.CONFLICT,
                "Not possible",
                "Something it refers to is gone. Load it again."));
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ResponseEntity<Object> wrongAddress(MethodArgumentTypeMismatchException e) {
    if (e.getParameter()
        .hasParameterAnnotation(org.springframework.web.bind.annotation.PathVariable.class)) {
      return ResponseEntity.status(HttpStatus.NOT_FOUND)
          .body(
              notFound(
                  e.getMostSpecificCause() instanceof NotFoundException known
                      ? known
                      : new NotFoundException(e.getName().replaceFirst("Id$", ""))));
    }
    return invalid(
        List.of(
            new FieldProblem(
                e.getName(),
                "(%s) must be %s.".formatted(shown(e.getValue()), shape(e.getRequiredType())))));
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return invalid(e.getBindingResult().getAllErrors().stream().map(Problems::of).toList());
  }

  /** Where a rule stands at a parameter itself, all of them come this way. */
  @Override
  protected ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> errors = new ArrayList<>();
    for (ParameterValidationResult parameter : e.getParameterValidationResults()) {
      String name = String.valueOf(parameter.getMethodParameter().getParameterName());
      for (MessageSourceResolvable error : parameter.getResolvableErrors()) {
        errors.add(
            error instanceof ObjectError ofBody
                ? of(ofBody)
                : new FieldProblem(name, String.valueOf(error.getDefaultMessage())));
      }
    }
    return invalid(errors);
  }

  private static FieldProblem of(ObjectError error) {
    return new FieldProblem(
        error instanceof FieldError field ? field.getField() : error.getObjectName(),
        String.valueOf(error.getDefaultMessage()));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getCause() instanceof DatabindException cause) {
      return invalid(List.of(new FieldProblem(path(cause), message(cause))));
    }
    return ResponseEntity.badRequest()
        .body(problem(HttpStatus.BAD_REQUEST, "Not readable", "The body is not valid JSON."));
  }

  private static String message(DatabindException cause) {
    if (cause instanceof UnrecognizedPropertyException) {
      return "is not a field here.";
    }
    if (cause instanceof InvalidNullException) {
      return "must not hold nothing (null).";
    }
    Class<?> type =
        cause instanceof MismatchedInputException other ? other.getTargetType() : Object.class;
    return cause instanceof InvalidFormatException format
        ? "(%s) must be %s.".formatted(shown(format.getValue()), shape(type))
        : "must be %s.".formatted(shape(type));
  }

  /** What was given, short and without what cannot be shown. */
  static String shown(Object given) {
    String text = UNSHOWN.matcher(String.valueOf(given)).replaceAll("\uFFFD");
    return text.length() <= LONGEST_SHOWN ? text : text.substring(0, LONGEST_SHOWN) + "…";
  }

  private static String path(DatabindException cause) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference part : cause.getPath()) {
      if (part.getPropertyName() == null) {
        path.append('[').append(part.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(part.getPropertyName());
      }
    }
    return path.isEmpty() ? "body" : path.toString();
  }

  private static String shape(Class<?> type) {
    if (type != null && type.isEnum()) {
      return "one of "
          + Arrays.stream(type.getEnumConstants())
              .map(Object::toString)
              .collect(Collectors.joining(", "));
    }
    String name = type == null ? "" : type.getSimpleName();
    return switch (name) {
      case "LocalTime" -> "a time such as 18:30";
      case "LocalDate" -> "a date such as 2026-03-02, of the years " + YEARS;
      case "Instant" -> "a moment such as 2026-03-02T18:30:00Z, of the years " + YEARS;
      case "UUID" -> "an identifier";
      case "int", "Integer", "long", "Long" -> "a whole number";
      case "double", "Double", "BigDecimal" -> "a number";
      case "String" -> "text without control characters";
      case "List", "Set", "ArrayList", "HashSet" -> "a list";
      case "boolean", "Boolean" -> "true or false";
      default -> "given in the form the field asks for";
    };
  }
}
