package org.nimblet.server.mail;

import java.util.Optional;
import java.util.Properties;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.platform.NimbletSettings.Mail;
import org.nimblet.server.standin.StandInMail;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.stereotype.Component;

/** Where mail goes out: the server of the settings, else the simulated one, else nowhere. */
@Component
class MailDoor {

  private final Optional<JavaMailSender> sender;
  private final String from;

  MailDoor(NimbletSettings settings, ObjectProvider<StandInMail> standIn) {
    this.from = settings.mail().from();
    this.sender =
        settings.mail().host().isBlank()
            ? standIn.stream()
                .findFirst()
                .map(mail -> sender("127.0.0.1", mail.port(), settings.mail()))
            : Optional.of(real(settings.mail()));
  }

  private static JavaMailSender real(Mail mail) {
    JavaMailSenderImpl sender = sender(mail.host(), mail.port(), mail);
    Properties properties = sender.getJavaMailProperties();
    if (!mail.user().isBlank()) {
      sender.setUsername(mail.user());
      sender.setPassword(mail.password());
      properties.put("mail.smtp.auth", "true");
    }
    switch (mail.security()) {
      case NONE -> properties.put("mail.smtp.starttls.enable", "false");
      case STARTTLS -> {
        properties.put("mail.smtp.starttls.enable", "true");
        properties.put("mail.smtp.starttls.required", "true");
        properties.put("mail.smtp.ssl.checkserveridentity", "true");
      }
      case TLS -> {
        properties.put("mail.smtp.ssl.enable", "true");
        properties.put("mail.smtp.ssl.checkserveridentity", "true");
      }
    }
    return sender;
  }

  private static JavaMailSenderImpl sender(String host, int port, Mail settings) {
    String patience = String.valueOf(settings.patience().toMillis());
    JavaMailSenderImpl sender = new JavaMailSenderImpl();
    sender.setHost(host);
    sender.setPort(port);
    for (String wait : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
      sender.getJavaMailProperties().put("mail.smtp." + wait, patience);
    }
    return sender;
  }

  /** Whether there is a mail server at all. */
  boolean isOpen() {
    return sender.isPresent();
  }

  /**
   * Hands a mail over.
   *
   * @throws org.springframework.mail.MailException if the server does not take it
   */
  void send(OutgoingMail mail) {
    SimpleMailMessage message = new SimpleMailMessage();
    message.setFrom(from);
    message.setTo(mail.recipient);
    message.setSubject(mail.subject);
    message.setText(mail.body);
    sender.orElseThrow().send(message);
  }
}
