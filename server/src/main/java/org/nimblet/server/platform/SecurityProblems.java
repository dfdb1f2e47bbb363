package org.nimblet.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the security chain refuses, as problem details like every other error. */
@Component
class SecurityProblems
    implements AuthenticationEntryPoint, AccessDeniedHandler, AuthenticationFailureHandler {

  private final JsonMapper json;
  private final SecurityLog log;

  SecurityProblems(JsonMapper json, SecurityLog log) {
    this.json = json;
    this.log = log;
  }

  @Override
  public void commence(
      HttpServletRequest request, HttpServletResponse response, AuthenticationException e)
      throws IOException {
    write(response, HttpStatus.UNAUTHORIZED, "You are signed out. Sign in again; nothing is lost.");
  }

  @Override
  public void onAuthenticationFailure(
      HttpServletRequest request, HttpServletResponse response, AuthenticationException e)
      throws IOException {
    if (e instanceof InternalAuthenticationServiceException) {
      write(
          response,
          HttpStatus.SERVICE_UNAVAILABLE,
          "The server cannot look at its accounts just now. Try again in a minute.");
      return;
    }
    if (e instanceof TooManyTriesException slowed) {
      response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(slowed.patience().toSeconds()));
      write(response, HttpStatus.TOO_MANY_REQUESTS, slowed.getMessage());
      return;
    }
    if (e instanceof CodeNeededException) {
      write(response, HttpStatus.UNAUTHORIZED, String.valueOf(e.getMessage()), "code");
      return;
    }
    write(
        response,
        HttpStatus.UNAUTHORIZED,
        "Address and password do not belong together. Look at both again.");
  }

  @Override
  public void handle(
      HttpServletRequest request, HttpServletResponse response, AccessDeniedException e)
      throws IOException {
    log.note(SecurityLog.Event.NOT_ALLOWED);
    write(response, HttpStatus.FORBIDDEN, "This is not yours to see or change.");
  }

  /** Writes a refusal. */
  void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
    write(response, status, detail, "");
  }

  private void write(HttpServletResponse response, HttpStatus status, String detail, String asksFor)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response
        .getWriter()
        .write(
            json.writeValueAsString(
                Map.of(
                    "status",
                    status.value(),
                    "title",
                    status.getReasonPhrase(),
                    "detail",
                    detail,
                    "asksFor",
                    asksFor)));
  }
}
