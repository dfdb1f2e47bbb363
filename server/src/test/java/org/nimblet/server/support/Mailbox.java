package org.nimblet.server.support;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.nimblet.server.standin.StandInMail;
import org.nimblet.server.standin.StandInMail.Taken;
import org.nimblet.server.support.ServerExtension.RunningServer;

/** What the simulated mail server took for an address. */
public record Mailbox(RunningServer server, String address) {

  /** Mail goes out by itself, so that it has to be waited for. */
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  /** All that came so far, the oldest first. */
  public List<Taken> taken() {
    return server.context().getBean(StandInMail.class).taken().stream()
        .filter(mail -> mail.to().equals(address))
        .toList();
  }

  /** The latest, once so many have come. */
  public Taken latestOf(int count) {
    Instant until = Instant.now().plus(PATIENCE);
    while (taken().size() < count) {
      if (Instant.now().isAfter(until)) {
        throw new IllegalStateException(
            "%d mails for %s, not %d".formatted(taken().size(), address, count));
      }
      try {
        Thread.sleep(50);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
    }
    return taken().get(taken().size() - 1);
  }

  /** The secret at the end of the link in a mail. */
  public static String tokenIn(Taken mail) {
    String link =
        mail.text().lines().filter(line -> line.startsWith("http")).findFirst().orElseThrow();
    return link.substring(link.lastIndexOf('/') + 1).strip();
  }
}
