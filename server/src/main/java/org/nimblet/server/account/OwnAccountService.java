package org.nimblet.server.account;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.nimblet.server.account.OpenSessions.OpenSession;
import org.nimblet.server.platform.BackgroundWork;
import org.nimblet.server.platform.BackgroundWork.Task;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.Secrets;
import org.nimblet.server.platform.SecurityLog;
import org.nimblet.server.platform.SecurityLog.Event;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody sees and changes of their own account. */
@Service
class OwnAccountService {

  /** A practice that was deleted can be had back for so long (ours). */
  private static final Duration REGRET = Duration.ofDays(14);

  private final Accounts accounts;
  private final Coaches coaches;
  private final OpenSessions sessions;
  private final PasswordService passwords;
  private final SecondFactor secondFactor;
  private final BackgroundWork work;
  private final SecurityLog log;
  private final Clock clock;

  OwnAccountService(
      Accounts accounts,
      Coaches coaches,
      OpenSessions sessions,
      PasswordService passwords,
      SecondFactor secondFactor,
      BackgroundWork work,
      SecurityLog log,
      Clock clock) {
    this.accounts = accounts;
    this.coaches = coaches;
    this.sessions = sessions;
    this.passwords = passwords;
    this.secondFactor = secondFactor;
    this.work = work;
    this.log = log;
    this.clock = clock;
  }

  /**
   * An account as its owner sees it; what is not so is null.
   *
   * @param guardian who consented for them
   * @param paperCodes how many codes on paper are left
   * @param leavesAt when the practice goes with everything in it
   */
  record OwnAccount(
      String name,
      String email,
      Role role,
      Instant passwordChangedAt,
      @Schema(nullable = true) Instant consentedAt,
      @Schema(nullable = true) String guardian,
      boolean secondFactor,
      int paperCodes,
      @Schema(nullable = true) Instant leavesAt,
      List<OpenSession> sessions) {}

  /** An authenticator to be: its secret, its address, and that as a square of dark modules. */
  record Authenticator(String secret, String address, int modules, String path) {}

  @Transactional(readOnly = true)
  OwnAccount of(SignedIn who, String session) {
    Account account = accounts.findById(who.accountId()).orElseThrow();
    return new OwnAccount(
        account.name,
        account.email,
        account.role,
        account.passwordChangedAt,
        account.consentedAt,
        account.guardianName,
        account.secondFactor != null,
        account.paperCodeHashes.size(),
        account.role == Role.COACH
            ? coaches.findById(account.coachId).orElseThrow().leavesAt
            : null,
        sessions.of(account.id, session));
  }

  /** A new secret, and nothing changed yet: it holds once a code of it was typed. */
  Authenticator propose(SignedIn who) {
    String secret = secondFactor.newSecret();
    String address =
        "otpauth://totp/Nimblet:%s?secret=%s&issuer=Nimblet"
            .formatted(URLEncoder.encode(who.email(), StandardCharsets.UTF_8), secret);
    try {
      BitMatrix square =
          new QRCodeWriter()
              .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
      StringBuilder path = new StringBuilder();
      for (int y = 0; y < square.getHeight(); y++) {
        for (int x = 0; x < square.getWidth(); x++) {
          if (square.get(x, y)) {
            path.append("M%d %dh1v1h-1z".formatted(x, y));
          }
        }
      }
      return new Authenticator(secret, address, square.getWidth(), path.toString());
    } catch (WriterException e) {
      throw new IllegalStateException("an address of this length fits into a square", e);
    }
  }

  /** Asks for codes from now on; answers codes for paper, shown this once. */
  @Transactional
  List<String> protect(SignedIn who, String secret, String code, String password, String from) {
    Account account = passwords.confirmed(who.accountId(), password, from);
    long step = secondFactor.stepOf(secret, code);
    if (step == 0) {
      throw new InvalidFieldException(
          "code",
          "This code does not hold. Type the six digits that your authenticator shows now.");
    }
    List<String> paper = secondFactor.newPaperCodes();
    account.secondFactor = secret;
    account.lastCodeStep = step;
    account.paperCodeHashes = paper.stream().map(Secrets::hash).toList();
    passwords.tellOfChange(
        account, "Codes are asked for from now on", "The second factor of your account");
    log.note(Event.SECOND_FACTOR_ON, account.id);
    return paper;
  }

  /** Asks for no codes any more. */
  @Transactional
  void unprotect(SignedIn who, String password, String from) {
    Account account = passwords.confirmed(who.accountId(), password, from);
    account.secondFactor = null;
    account.paperCodeHashes = List.of();
    passwords.tellOfChange(
        account, "Codes are asked for no more", "The second factor of your account");
    log.note(Event.SECOND_FACTOR_OFF, account.id);
  }

  /** Deletes a client's account at once, or a coach's whole practice after some days of regret. */
  @Transactional
  void leave(SignedIn who, String password, String from) {
    Account account = passwords.confirmed(who.accountId(), password, from);
    if (account.role == Role.COACH) {
      coaches.findById(account.coachId).orElseThrow().leavesAt = clock.instant().plus(REGRET);
      log.note(Event.PRACTICE_LEAVING, account.coachId);
    } else {
      sessions.endAll(account.id);
      accounts.delete(account);
      log.note(Event.ACCOUNT_DELETED, account.id);
    }
  }

  /** A practice that was to go stays. */
  @Transactional
  void stay(SignedIn who) {
    coaches.findById(who.coachId()).orElseThrow().leavesAt = null;
    log.note(Event.PRACTICE_STAYS, who.coachId());
  }

  @Scheduled(fixedDelayString = "#{@rhythms.plans()}", initialDelayString = "#{@rhythms.plans()}")
  void forgetPractices() {
    work.alone(
        Task.FORGET_PRACTICES,
        () ->
            work.each(
                Task.FORGET_PRACTICES,
                coaches.findByLeavesAtBefore(clock.instant()),
                coach -> coach.id,
                coach -> {
                  accounts.findByCoachId(coach.id).forEach(one -> sessions.endAll(one.id));
                  coaches.delete(coach);
                  log.note(Event.PRACTICE_DELETED, coach.id);
                }));
  }
}
