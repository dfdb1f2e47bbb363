package org.nimblet.server.mail;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.nimblet.server.mail.Outbox.Letter;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.platform.NimbletSettings.MailSecurity;
import org.nimblet.server.standin.StandInMail;
import org.nimblet.server.support.Mailbox;
import org.nimblet.server.support.Practice;
import org.nimblet.server.support.ServerExtension;
import org.nimblet.server.support.ServerExtension.RunningServer;

@ExtendWith(ServerExtension.class)
class PostmanTest {

  private RunningServer server;
  private OutgoingMails mails;
  private String address;

  @BeforeEach
  void find(RunningServer running) {
    server = running;
    mails = running.context().getBean(OutgoingMails.class);
    address = UUID.randomUUID() + "@test.example";
  }

  private Postman postman(int port) {
    return postman(port, MailSecurity.NONE);
  }

  private Postman postman(int port, MailSecurity security) {
    NimbletSettings settings =
        new NimbletSettings(
            false,
            "",
            null,
            null,
            new NimbletSettings.Mail(
                "127.0.0.1",
                port,
                "",
                "",
                security,
                "nobody@localhost",
                Duration.ofSeconds(5),
                Duration.ofMinutes(1)),
            null,
            null,
            null);
    return new Postman(
        mails,
        new MailDoor(settings, server.context().getBeanProvider(StandInMail.class)),
        server.context().getBean(BackgroundWork.class),
        Practice.CLOCK);
  }

  private OutgoingMail waiting() {
    OutgoingMail mail = new OutgoingMail();
    mail.id = UUID.randomUUID();
    mail.occasion = "test";
    mail.recipient = address;
    mail.subject = "Subject";
    mail.body = "http://somewhere/secret";
    mail.secret = true;
    mail.madeAt = Practice.CLOCK.instant().minusSeconds(1);
    mail.nextTryAt = mail.madeAt;
    return mails.save(mail);
  }

  @Test
  void whatCannotBeSentWaitsSaysWhyAndGoesOutLater() {
    UUID id = waiting().id;
    postman(1).empty();
    OutgoingMail mail = mails.findById(id).orElseThrow();
    assertThat(mail.sentAt).isNull();
    assertThat(mail.failure).isNotEmpty();
    assertThat(Duration.between(mail.madeAt, mail.nextTryAt)).isGreaterThan(Duration.ofSeconds(50));
    int open = server.context().getBean(StandInMail.class).port();
    postman(open).empty();
    assertThat(mails.findById(id).orElseThrow().sentAt).as("the next try is later").isNull();
    mail.nextTryAt = mail.madeAt;
    mails.save(mail);
    postman(open).empty();
    new Mailbox(server, address).latestOf(1);
    OutgoingMail sent = mails.findById(id).orElseThrow();
    assertThat(sent.failure).isNull();
    assertThat(sent.body).as("its link is not kept").doesNotContain("secret");
  }

  @Test
  void nothingGoesOutInTheOpenToAServerThatIsToBeSpokenWithUnderTls() {
    int open = server.context().getBean(StandInMail.class).port();
    for (MailSecurity security : List.of(MailSecurity.STARTTLS, MailSecurity.TLS)) {
      UUID id = waiting().id;
      postman(open, security).empty();
      assertThat(mails.findById(id).orElseThrow().sentAt).as(security.name()).isNull();
      assertThat(mails.findById(id).orElseThrow().failure).isNotEmpty();
    }
    assertThat(new Mailbox(server, address).taken()).isEmpty();
  }

  @Test
  void aLetterGoesOutOnceItIsStored() {
    server
        .context()
        .getBean(Outbox.class)
        .put(
            new Letter(
                Optional.empty(), Optional.empty(), "test", address, "Hello", "World", false));
    assertThat(List.of(new Mailbox(server, address).latestOf(1)))
        .singleElement()
        .extracting(StandInMail.Taken::subject)
        .isEqualTo("Hello");
  }
}
