package org.nimblet.server.account;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.platform.Secrets;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where an account is signed in, on whatever server, and the end of it. */
@Component
class OpenSessions {

  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final SecurityLog log;

  OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions, SecurityLog log) {
    this.sessions = sessions;
    this.log = log;
  }

  /**
   * A web session. Its own identifier opens the account, so it goes by another.
   *
   * @param id by what it can be ended
   * @param device with what it was begun, in words
   * @param current whether it is the one that asks
   */
  record OpenSession(String id, String device, Instant since, Instant lastSeen, boolean current) {}

  /** All of an account, the latest used first. */
  List<OpenSession> of(UUID accountId, String currentSession) {
    return sessions.findByPrincipalName(accountId.toString()).values().stream()
        .map(
            session ->
                new OpenSession(
                    Secrets.hash(session.getId()),
                    device(session),
                    session.getCreationTime(),
                    session.getLastAccessedTime(),
                    session.getId().equals(currentSession)))
        .sorted(Comparator.comparing(OpenSession::lastSeen).reversed())
        .toList();
  }

  private static String device(Session session) {
    SecurityContext context =
        session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
    return context != null && context.getAuthentication().getDetails() instanceof SignInDetails how
        ? how.device()
        : Device.of(null);
  }

  /**
   * Ends one of an account.
   *
   * @throws NotFoundException if it has none of this name
   */
  void end(UUID accountId, String id) {
    String session =
        sessions.findByPrincipalName(accountId.toString()).keySet().stream()
            .filter(known -> Secrets.hash(known).equals(id))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("session"));
    sessions.deleteById(session);
    log.note(Event.SESSION_ENDED, accountId);
  }

  /** Ends all of an account but one. */
  void endOthers(UUID accountId, String currentSession) {
    sessions.findByPrincipalName(accountId.toString()).keySet().stream()
        .filter(known -> !known.equals(currentSession))
        .forEach(sessions::deleteById);
    log.note(Event.SESSION_ENDED, accountId);
  }

  /** Ends all of an account. */
  void endAll(UUID accountId) {
    endOthers(accountId, "");
  }
}
