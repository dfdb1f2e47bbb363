package org.nimblet.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.ReportAsSingleViolation;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What is written about accounts. */
final class AccountForms {

  private static final String NAME = "A name has 1 to 80 characters.";
  private static final String EMAIL = "An address such as ines@harbourhands.example.";
  private static final String LINK = "The last part of the address in the mail.";
  private static final String PRESENT = "Your present password, up to 200 characters.";
  private static final String CODE = "The six digits that your authenticator shows.";

  private AccountForms() {}

  /** A password that somebody chooses. */
  @NotNull
  @Size(min = PasswordRule.SHORTEST, max = PasswordRule.LONGEST)
  @ReportAsSingleViolation
  @Constraint(validatedBy = {})
  @Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
  @Retention(RetentionPolicy.RUNTIME)
  @interface PasswordToBe {
    String message() default PasswordRule.LENGTHS;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
  }

  /** The password that holds. */
  @NotNull
  @Size(max = PasswordRule.LONGEST)
  @ReportAsSingleViolation
  @Constraint(validatedBy = {})
  @Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
  @Retention(RetentionPolicy.RUNTIME)
  @interface PresentPassword {
    String message() default PRESENT;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
  }

  /** An address that mail can be sent to. */
  @NotBlank
  @Email
  @Size(max = 100)
  @ReportAsSingleViolation
  @Constraint(validatedBy = {})
  @Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
  @Retention(RetentionPolicy.RUNTIME)
  @interface MailAddress {
    String message() default EMAIL;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
  }

  /** What stands at the end of a link that opens once. */
  @NotBlank
  @Size(max = 100)
  @ReportAsSingleViolation
  @Constraint(validatedBy = {})
  @Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
  @Retention(RetentionPolicy.RUNTIME)
  @interface LinkSecret {
    String message() default LINK;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
  }

  record NewCoach(
      @NotBlank(message = NAME) @Size(max = 80, message = NAME) String name,
      @MailAddress String email,
      @PasswordToBe String password) {}

  /**
   * Somebody who was invited comes in.
   *
   * @param consent that what is told of health may be kept; asked of clients
   * @param guardian who consents for a client under 16
   */
  record AcceptedInvitation(
      @LinkSecret String token,
      @NotBlank(message = NAME) @Size(max = 80, message = NAME) String name,
      @MailAddress String email,
      @PasswordToBe String password,
      boolean consent,
      @Schema(nullable = true) @Size(max = 80, message = NAME) String guardian) {}

  record OneToken(@LinkSecret String token) {}

  record Forgotten(@MailAddress String email) {}

  record NewPassword(@LinkSecret String token, @PasswordToBe String password) {}

  record ChangedPassword(@PresentPassword String password, @PasswordToBe String wanted) {}

  record ChangedAddress(@PresentPassword String password, @MailAddress String email) {}

  /** Something that is only done for whoever knows the password. */
  record Confirmation(@PresentPassword String password) {}

  record NewSecondFactor(
      @PresentPassword String password,
      @NotNull(message = "The secret that was proposed.")
          @Pattern(regexp = "[A-Z2-7]{32}", message = "The secret that was proposed.")
          String secret,
      @NotBlank(message = CODE) @Size(max = 20, message = CODE) String code) {}

  record InvitedCoach(@MailAddress String email) {}
}
