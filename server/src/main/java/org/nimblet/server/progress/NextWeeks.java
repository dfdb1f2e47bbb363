package org.nimblet.server.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nimblet.core.progress.ReviewQuestion;
import org.nimblet.core.progress.ReviewRules;
import org.nimblet.core.progress.ReviewRules.RungBack;
import org.nimblet.core.progress.ReviewRules.Weeks;
import org.nimblet.core.progress.Verdict;
import org.nimblet.core.schedule.Obligation;
import org.nimblet.core.schedule.Obligation.Frequency;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.programme.ProgrammeForms.ObligationForm;
import org.nimblet.server.programme.ProgrammeForms.ObligationView;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeForm;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.nimblet.server.progress.ReviewForms.Change;
import org.nimblet.server.progress.ReviewForms.FrequencyWord;
import org.nimblet.server.progress.ReviewForms.NextLine;
import org.nimblet.server.progress.ReviewForms.NextView;
import org.nimblet.server.progress.ReviewForms.ReviewForm;

/** The weeks after a review: what the verdicts make of a programme, and what is changed by hand. */
final class NextWeeks {

  private final ProgrammeView programme;
  private final List<Obligation> obligations;
  private final Weeks weeks;
  private final Map<ReviewQuestion, Verdict> verdicts;
  private final Map<String, Frequency> byHand;
  private final Set<String> left;

  /**
   * Makes the next weeks.
   *
   * @param obligations of the programme, in its order
   * @throws InvalidFieldException if a question has no verdict, or something is changed that is no
   *     line of these weeks or cannot come so often
   */
  NextWeeks(ProgrammeView programme, List<Obligation> obligations, Weeks weeks, ReviewForm form) {
    this.programme = programme;
    this.obligations = obligations;
    this.weeks = weeks;
    this.verdicts = form.verdicts();
    this.byHand = form.frequencies();
    this.left = form.left();
    check();
  }

  private void check() {
    for (ReviewQuestion question : ReviewQuestion.values()) {
      if (!verdicts.containsKey(question)) {
        throw new InvalidFieldException(
            "verdicts", "(%s) must have one for %s.".formatted(verdicts, question));
      }
    }
    Set<String> unknown = new HashSet<>(byHand.keySet());
    for (Obligation obligation : obligations) {
      Frequency wanted = byHand.get(obligation.id());
      unknown.remove(obligation.id());
      if (wanted != null && !obligation.frequencies().contains(wanted)) {
        throw new InvalidFieldException(
            "frequencies",
            "(%s) must, for %s, be one of %s."
                .formatted(
                    wanted.words(),
                    obligation.title(),
                    String.join(
                        ", ", obligation.frequencies().stream().map(Frequency::words).toList())));
      }
    }
    if (!unknown.isEmpty()) {
      throw new InvalidFieldException(
          "frequencies", "(%s) must name lines of these weeks.".formatted(unknown));
    }
  }

  private static String key(RungBack back) {
    return back.story().exercise().id() + " " + back.side();
  }

  /** The sides of exercises that go one rung back. */
  List<RungBack> rungsBack() {
    return ReviewRules.rungsBack(weeks, verdicts).stream()
        .filter(back -> !left.contains(key(back)))
        .toList();
  }

  private Frequency byVerdict(Obligation now) {
    return switch (ReviewRules.sessions(verdicts, now.tires())) {
      case FEWER -> now.frequency().rarer();
      case MORE -> now.frequency().oftener(now.heavy());
      case AS_NOW -> now.frequency();
    };
  }

  private Frequency then(Obligation now) {
    return byHand.getOrDefault(now.id(), byVerdict(now));
  }

  /** The programme as it is in these weeks. */
  ProgrammeForm programme(long version) {
    ProgrammeForm old = programme.programme();
    List<ObligationForm> changed = new ArrayList<>();
    for (int i = 0; i < obligations.size(); i++) {
      changed.add(with(old.obligations().get(i), then(obligations.get(i))));
    }
    return new ProgrammeForm(
        version,
        old.title(),
        old.target(),
        old.startsOn(),
        until(),
        old.endsOn().isBefore(until()) ? until() : old.endsOn(),
        old.sessionsADay(),
        old.minutesADay(),
        changed);
  }

  private static ObligationForm with(ObligationForm old, Frequency frequency) {
    return new ObligationForm(
        old.purpose(),
        old.minutes(),
        frequency,
        old.anchor(),
        old.heavy(),
        old.notOn(),
        old.contents());
  }

  private LocalDate from() {
    return weeks.until().plusDays(1);
  }

  private int count() {
    long looked =
        ChronoUnit.DAYS.between(weeks.since(), programme.programme().reviewsOn().plusDays(1));
    return ReviewRules.weeks(verdicts, looked);
  }

  private LocalDate until() {
    return from().plusWeeks(count()).minusDays(1);
  }

  /** These weeks as they are shown. */
  NextView view() {
    List<NextLine> lines = new ArrayList<>();
    for (int i = 0; i < obligations.size(); i++) {
      lines.add(line(obligations.get(i), programme.obligations().get(i)));
    }
    ReviewRules.rungsBack(weeks, verdicts).forEach(back -> lines.add(line(back)));
    return new NextView(
        from(),
        until(),
        count(),
        (int) lines.stream().filter(line -> line.change() != Change.SAME).count(),
        lines);
  }

  private NextLine line(Obligation now, ObligationView shown) {
    Frequency then = then(now);
    boolean same = then == now.frequency();
    return new NextLine(
        now.id(),
        now.purpose(),
        null,
        shown.purpose().word() + (shown.heavy() ? ", heavy" : ""),
        same
            ? "stays, %d min %s".formatted(shown.minutes(), shown.words())
            : "%s, was %s".formatted(then.words(), now.frequency().words()),
        change(now, then),
        byHand.containsKey(now.id()),
        now.frequencies().stream().map(one -> new FrequencyWord(one, one.words())).toList());
  }

  private static Change change(Obligation now, Frequency then) {
    if (then == now.frequency()) {
      return Change.SAME;
    }
    if (isRarer(then, now.frequency())) {
      return Change.DOWN;
    }
    return isRarer(now.frequency(), then) ? Change.UP : Change.OTHERWISE;
  }

  private static boolean isRarer(Frequency rare, Frequency often) {
    Frequency next = often.rarer();
    return next != often && (next == rare || isRarer(rare, next));
  }

  private NextLine line(RungBack back) {
    boolean stays = left.contains(key(back));
    return new NextLine(
        key(back),
        null,
        back.story().exercise().kind(),
        back.story().exercise().title() + ", " + back.side().word(),
        stays ? back.wordsOfStaying() : back.words(),
        stays ? Change.SAME : Change.DOWN,
        stays,
        List.of());
  }
}
