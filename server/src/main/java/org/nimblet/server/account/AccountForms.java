package org.nimblet.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** What is written about accounts. */
final class AccountForms {

  private static final String NAME = "A name has 1 to 80 characters.";
  private static final String EMAIL = "An address such as ines@harbourhands.example.";
  private static final String LINK = "The last part of the address in the mail.";
  private static final String PRESENT = "Your present password, up to 200 characters.";
  private static final String CODE = "The six digits that your authenticator shows.";

  private AccountForms() {}

  record NewCoach(
      @NotBlank(message = NAME) @Size(max = 80, message = NAME) String name,
      @NotBlank(message = EMAIL) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email,
      @NotNull(message = PasswordRule.LENGTHS)
          @Size(
              min = PasswordRule.SHORTEST,
              max = PasswordRule.LONGEST,
              message = PasswordRule.LENGTHS)
          String password) {}

  /**
   * Somebody who was invited comes in.
   *
   * @param consent that what is told of health may be kept; asked of clients
   * @param guardian who consents for a client under 16
   */
  record AcceptedInvitation(
      @NotBlank(message = LINK) @Size(max = 100, message = LINK) String token,
      @NotBlank(message = NAME) @Size(max = 80, message = NAME) String name,
      @NotBlank(message = EMAIL) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email,
      @NotNull(message = PasswordRule.LENGTHS)
          @Size(
              min = PasswordRule.SHORTEST,
              max = PasswordRule.LONGEST,
              message = PasswordRule.LENGTHS)
          String password,
      boolean consent,
      @Schema(nullable = true) @Size(max = 80, message = NAME) String guardian) {}

  record OneToken(@NotBlank(message = LINK) @Size(max = 100, message = LINK) String token) {}

  record Forgotten(
      @NotBlank(message = EMAIL) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email) {}

  record NewPassword(
      @NotBlank(message = LINK) @Size(max = 100, message = LINK) String token,
      @NotNull(message = PasswordRule.LENGTHS)
          @Size(
              min = PasswordRule.SHORTEST,
              max = PasswordRule.LONGEST,
              message = PasswordRule.LENGTHS)
          String password) {}

  record ChangedPassword(
      @NotNull(message = PRESENT) @Size(max = PasswordRule.LONGEST, message = PRESENT)
          String password,
      @NotNull(message = PasswordRule.LENGTHS)
          @Size(
              min = PasswordRule.SHORTEST,
              max = PasswordRule.LONGEST,
              message = PasswordRule.LENGTHS)
          String wanted) {}

  record ChangedAddress(
      @NotNull(message = PRESENT) @Size(max = PasswordRule.LONGEST, message = PRESENT)
          String password,
      @NotBlank(message = EMAIL) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email) {}

  /** Something that is only done for whoever knows the password. */
  record Confirmation(
      @NotNull(message = PRESENT) @Size(max = PasswordRule.LONGEST, message = PRESENT)
          String password) {}

  record NewSecondFactor(
      @NotNull(message = PRESENT) @Size(max = PasswordRule.LONGEST, message = PRESENT)
          String password,
      @NotNull(message = "The secret that was proposed.")
          @Pattern(regexp = "[A-Z2-7]{32}", message = "The secret that was proposed.")
          String secret,
      @NotBlank(message = CODE) @Size(max = 20, message = CODE) String code) {}

  record InvitedCoach(
      @NotBlank(message = EMAIL) @Email(message = EMAIL) @Size(max = 100, message = EMAIL)
          String email) {}
}
