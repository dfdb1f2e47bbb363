package org.nimblet.server.live;

import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.nimblet.server.account.SignedIn;
import org.nimblet.server.platform.NimbletSettings;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** The pages that are open at this server and listen for changes. */
@Component
class OpenPages {

  private final Set<Page> pages = ConcurrentHashMap.newKeySet();
  private final NimbletSettings settings;

  OpenPages(NimbletSettings settings) {
    this.settings = settings;
  }

  /** A page with what it may hear of: all clients of a coach, or one. */
  private record Page(UUID coachId, Optional<UUID> clientId, SseEmitter emitter) {}

  /** Opens a stream for whoever is signed in. */
  SseEmitter open(SignedIn who) {
    SseEmitter emitter = new SseEmitter(settings.live().listens().toMillis());
    Page page = new Page(who.coachId(), who.clientId(), emitter);
    emitter.onCompletion(() -> pages.remove(page));
    emitter.onTimeout(emitter::complete);
    emitter.onError(failure -> pages.remove(page));
    pages.add(page);
    send(page, SseEmitter.event().comment("listening"));
    return emitter;
  }

  /** A client of a coach changed. */
  void changed(UUID coachId, UUID clientId) {
    for (Page page : pages) {
      if (page.coachId().equals(coachId) && page.clientId().map(clientId::equals).orElse(true)) {
        send(page, SseEmitter.event().name("person").data(clientId.toString()));
      }
    }
  }

  /** Notices may have been lost: whoever listens looks anew. */
  void maybeChanged() {
    pages.forEach(page -> send(page, SseEmitter.event().name("person").data("")));
  }

  @Scheduled(fixedDelayString = "#{@rhythms.heartbeat()}")
  void heartbeat() {
    pages.forEach(page -> send(page, SseEmitter.event().comment("still here")));
  }

  @EventListener
  void closed(ContextClosedEvent closed) {
    pages.forEach(page -> page.emitter().complete());
  }

  private void send(Page page, SseEventBuilder event) {
    try {
      page.emitter().send(event);
    } catch (IOException | IllegalStateException e) {
      // The page was closed: it hears no more.
      pages.remove(page);
    }
  }
}
