package org.nimblet.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a web session that has lasted long enough, however busy it is. */
class SessionLifetime extends OncePerRequestFilter {

  private final Duration lasts;

  SessionLifetime(NimbletSettings settings) {
    this.lasts = settings.account().sessionLasts();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    HttpSession session = request.getSession(false);
    if (session != null
        && Instant.ofEpochMilli(session.getCreationTime()).plus(lasts).isBefore(Instant.now())) {
      session.invalidate();
    }
    chain.doFilter(request, response);
  }
}
