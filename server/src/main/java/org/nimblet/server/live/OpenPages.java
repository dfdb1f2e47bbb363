package org.nimblet.server.live;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Queue;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Predicate;
import java.util.stream.Stream;
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

  private static final String ANYBODY = "";

  /** How long the way of a request may have taken, on which nobody counted. */
  private static final Duration WAY = Duration.ofSeconds(5);

  private final Set<Page> pages = ConcurrentHashMap.newKeySet();

  /** What was said lately, for pages that asked before their line was open. */
  private final Queue<Change> lately = new ConcurrentLinkedQueue<>();

  private final NimbletSettings.Live settings;
  private final Clock clock;

  OpenPages(NimbletSettings settings, Clock clock) {
    this.settings = settings.live();
    this.clock = clock;
  }

  /** A page with whom it belongs to. */
  private record Page(SignedIn who, SseEmitter emitter) {}

  /** Something of a client changed, or of anybody where no client is named. */
  private record Change(Instant at, Predicate<SignedIn> concerns, String client) {}

  /**
   * Opens a stream for whoever is signed in.
   *
   * @param silent for how long the page has shown answers without a line; what changed meanwhile is
   *     told first
   */
  SseEmitter open(SignedIn who, Duration silent) {
    SseEmitter emitter = new SseEmitter(settings.listens().toMillis());
    Page page = new Page(who, emitter);
    emitter.onCompletion(() -> pages.remove(page));
    emitter.onTimeout(emitter::complete);
    emitter.onError(failure -> pages.remove(page));
    pages.add(page);
    send(page, SseEmitter.event().comment("listening"));
    missed(who, silent).forEach(client -> send(page, person(client)));
    return emitter;
  }

  private Stream<String> missed(SignedIn who, Duration silent) {
    if (silent.compareTo(settings.remembers()) > 0) {
      return Stream.of(ANYBODY);
    }
    Instant from = clock.instant().minus(silent).minus(WAY);
    return lately.stream()
        .filter(change -> change.at().isAfter(from) && change.concerns().test(who))
        .map(Change::client)
        .distinct();
  }

  /** A client of a coach changed. */
  void changed(UUID coachId, UUID clientId) {
    tell(
        who -> who.coachId().equals(coachId) && who.clientId().map(clientId::equals).orElse(true),
        clientId.toString());
  }

  /** Notices may have been lost: whoever listens looks anew. */
  void maybeChanged() {
    tell(who -> true, ANYBODY);
  }

  private void tell(Predicate<SignedIn> concerns, String client) {
    Instant now = clock.instant();
    Instant forgotten = now.minus(settings.remembers()).minus(WAY);
    lately.removeIf(change -> change.at().isBefore(forgotten));
    lately.add(new Change(now, concerns, client));
    pages.stream()
        .filter(page -> concerns.test(page.who()))
        .forEach(page -> send(page, person(client)));
  }

  private static SseEventBuilder person(String client) {
    return SseEmitter.event().name("person").data(client);
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
