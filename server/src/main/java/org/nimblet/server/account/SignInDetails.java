package org.nimblet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.security.authentication.AuthenticationDetailsSource;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;

/** What comes with address and password: from where, with what, and the code of a second factor. */
final class SignInDetails extends WebAuthenticationDetails {
  private static final long serialVersionUID = 1L;

  private final transient String code;
  private final String device;

  SignInDetails(HttpServletRequest request) {
    super(request);
    this.code = request.getParameter("code");
    this.device = Device.of(request.getHeader("User-Agent"));
  }

  Optional<String> code() {
    return Optional.ofNullable(code).map(String::strip).filter(text -> !text.isEmpty());
  }

  /** What it was signed in with, in words. */
  String device() {
    return device;
  }

  /** Where the security chain takes them from. */
  @Component
  static class Source
      implements AuthenticationDetailsSource<HttpServletRequest, WebAuthenticationDetails> {
    @Override
    public SignInDetails buildDetails(HttpServletRequest request) {
      return new SignInDetails(request);
    }
  }
}
