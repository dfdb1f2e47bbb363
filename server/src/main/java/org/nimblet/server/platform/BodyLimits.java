package org.nimblet.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How much anybody may send: little before they sign in, a calendar afterwards. What does not say
 * how long it is is not read at all.
 */
class BodyLimits extends OncePerRequestFilter {

  private static final long UNKNOWN = 16L << 10;
  private static final long SIGNED_IN = 12L << 20;

  private final SecurityProblems problems;

  BodyLimits(SecurityProblems problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long limit = isSignedIn() ? SIGNED_IN : UNKNOWN;
    if (request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
      problems.write(
          response, HttpStatus.LENGTH_REQUIRED, "Say how long it is (Content-Length), please.");
    } else if (request.getContentLengthLong() > limit) {
      problems.write(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "This is too long: up to %,d kB are read.".formatted(limit >> 10));
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean isSignedIn() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null && !(who instanceof AnonymousAuthenticationToken) && who.isAuthenticated();
  }
}
