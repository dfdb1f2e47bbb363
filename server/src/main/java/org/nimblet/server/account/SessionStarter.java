package org.nimblet.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Signs an account in without its password: after it was opened, or in the demo. */
@Component
public class SessionStarter implements AuthenticationSuccessHandler {

  private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
  private final SecurityLog log;

  SessionStarter(SecurityLog log) {
    this.log = log;
  }

  /** Starts a web session; an older one of the same browser is given a new identifier. */
  public void signIn(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    UsernamePasswordAuthenticationToken signedIn =
        UsernamePasswordAuthenticationToken.authenticated(who, null, who.authorities());
    signedIn.setDetails(new SignInDetails(request));
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(signedIn);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    log.note(Event.SIGNED_IN, who.accountId());
  }

  @Override
  public void onAuthenticationSuccess(
      HttpServletRequest request, HttpServletResponse response, Authentication signedIn) {
    log.note(Event.SIGNED_IN, ((SignedIn) signedIn.getPrincipal()).accountId());
    response.setStatus(HttpStatus.NO_CONTENT.value());
  }
}
