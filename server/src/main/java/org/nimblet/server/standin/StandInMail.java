package org.nimblet.server.standin;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.annotation.PreDestroy;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A mail server in place of a real one: it takes mail on loopback and keeps it in memory. */
@Component
@ConditionalOnProperty("nimblet.stand-in.runs")
public class StandInMail {

  private static final long START_MILLIS = 5_000;

  private final GreenMail server;

  StandInMail() {
    ServerSetup setup = new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP);
    setup.setServerStartupTimeout(START_MILLIS);
    server = new GreenMail(setup);
    server.start();
  }

  @PreDestroy
  void stop() {
    server.stop();
  }

  /** Where it listens. */
  public int port() {
    return server.getSmtp().getPort();
  }

  /** A mail that it took. */
  public record Taken(String to, String subject, String text) {}

  /** All that it took, the oldest first. */
  public List<Taken> taken() {
    List<Taken> all = new ArrayList<>();
    try {
      for (MimeMessage message : server.getReceivedMessages()) {
        all.add(
            new Taken(
                message.getAllRecipients()[0].toString(),
                message.getSubject(),
                message.getContent().toString()));
      }
    } catch (MessagingException e) {
      throw new IllegalStateException("mail that was taken can be read", e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return all;
  }
}
