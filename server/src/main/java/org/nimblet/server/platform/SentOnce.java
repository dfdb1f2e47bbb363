package org.nimblet.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * What is sent twice is done once: a POST that carries a key is answered as it was the first time,
 * also when the answer got lost on its way or both came at once.
 *
 * <p>The header is that of the IETF's draft "The Idempotency-Key HTTP Header Field".
 */
class SentOnce extends OncePerRequestFilter {

  static final String HEADER = "Idempotency-Key";

  /**
   * Answered with an address that opens something, of which nothing but a hash may lie in the
   * database; made once more, the new one voids the one before, so that no key is needed.
   */
  private static final Pattern ANSWERED_WITH_A_SECRET =
      Pattern.compile("/(?:invitations?|feed)(?:/|$)");

  private static final Pattern KEY = Pattern.compile("[A-Za-z0-9-]{8,64}");

  /** So long the second waits for the answer of the first. */
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private static final Duration LOOK_EVERY = Duration.ofMillis(50);

  private final SentKeys keys;
  private final SecurityProblems problems;

  SentOnce(SentKeys keys, SecurityProblems problems) {
    this.keys = keys;
    this.problems = problems;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return !HttpMethod.POST.matches(request.getMethod())
        || request.getHeader(HEADER) == null
        || ANSWERED_WITH_A_SECRET.matcher(request.getRequestURI()).find()
        || who == null
        || who instanceof AnonymousAuthenticationToken;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String key = request.getHeader(HEADER);
    if (!KEY.matcher(key).matches()) {
      problems.write(
          response,
          HttpStatus.BAD_REQUEST,
          HEADER
              + " must be 8 to 64 letters, digits and hyphens, new for everything that is sent.");
      return;
    }
    UUID account =
        UUID.fromString(SecurityContextHolder.getContext().getAuthentication().getName());
    String path = request.getRequestURI();
    if (keys.take(account, key, path)) {
      doIt(request, response, chain, account, key);
      return;
    }
    Optional<SentKeys.Given> given = waitFor(account, key);
    if (given.isEmpty()) {
      problems.write(
          response,
          HttpStatus.CONFLICT,
          "This is being done just now. Wait a moment and load the page again.");
    } else if (!given.get().request().equals(path)) {
      problems.write(
          response, HttpStatus.UNPROCESSABLE_CONTENT, HEADER + " was used for something else.");
    } else {
      response.setStatus(given.get().status());
      response.setContentType(given.get().contentType());
      response.getOutputStream().write(given.get().body().getBytes(StandardCharsets.UTF_8));
    }
  }

  private void doIt(
      HttpServletRequest request,
      HttpServletResponse response,
      FilterChain chain,
      UUID account,
      String key)
      throws ServletException, IOException {
    ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
    boolean answered = false;
    try {
      chain.doFilter(request, kept);
      answered = HttpStatus.valueOf(kept.getStatus()).is2xxSuccessful();
      if (answered) {
        keys.answer(
            account,
            key,
            kept.getStatus(),
            kept.getContentType(),
            new String(kept.getContentAsByteArray(), StandardCharsets.UTF_8));
      }
    } finally {
      // What was refused or broke did nothing, and may be sent again under the same key.
      if (!answered) {
        keys.forget(account, key);
      }
    }
    kept.copyBodyToResponse();
  }

  private Optional<SentKeys.Given> waitFor(UUID account, String key) throws ServletException {
    long end = System.nanoTime() + PATIENCE.toNanos();
    Optional<SentKeys.Given> given = keys.given(account, key);
    while (given.isEmpty() && System.nanoTime() < end) {
      try {
        Thread.sleep(LOOK_EVERY.toMillis());
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new ServletException(e);
      }
      given = keys.given(account, key);
    }
    return given;
  }
}
