package org.nimblet.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * In front of everything else, web sessions too: while the database cannot be reached, that is what
 * is said, in words, and not that something broke.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseAway extends OncePerRequestFilter {

  private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);
  private static final String TRY_AGAIN_SECONDS = "5";

  /** States of SQL: no connection (08), ended or not let in by the operator (57P, 55000). */
  private static final List<String> ENDED = List.of("08", "57P", "55000");

  private final SecurityProblems problems;

  DatabaseAway(SecurityProblems problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (ServletException | RuntimeException e) {
      if (response.isCommitted() || !isAway(e)) {
        throw e;
      }
      LOG.warn("The database cannot be reached: {}", e.getMessage());
      response.reset();
      response.setHeader(HttpHeaders.RETRY_AFTER, TRY_AGAIN_SECONDS);
      problems.write(
          response,
          HttpStatus.SERVICE_UNAVAILABLE,
          "The server cannot reach its database just now. Nothing is lost; try again in a minute.");
    }
  }

  private static boolean isAway(Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException failure && isOfTheConnection(failure)) {
        return true;
      }
    }
    return false;
  }

  /** What the pool itself says (there is none, it is closed) has no state of SQL. */
  private static boolean isOfTheConnection(SQLException failure) {
    String state = failure.getSQLState();
    return state == null || ENDED.stream().anyMatch(state::startsWith);
  }
}
