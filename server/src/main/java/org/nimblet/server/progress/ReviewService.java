package org.nimblet.server.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.progress.Overruling;
import org.nimblet.core.progress.ReviewFinding;
import org.nimblet.core.progress.ReviewQuestion;
import org.nimblet.core.progress.ReviewRules;
import org.nimblet.core.progress.ReviewRules.Weeks;
import org.nimblet.core.progress.Verdict;
import org.nimblet.server.health.HealthTrail;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.NotFoundException;
import org.nimblet.server.programme.Agenda;
import org.nimblet.server.programme.ProgrammeForms.ProgrammeView;
import org.nimblet.server.programme.ProgrammeService;
import org.nimblet.server.progress.ProgressForms.KeptView;
import org.nimblet.server.progress.ReviewForms.AnsweredView;
import org.nimblet.server.progress.ReviewForms.ApartView;
import org.nimblet.server.progress.ReviewForms.ClimbView;
import org.nimblet.server.progress.ReviewForms.NextView;
import org.nimblet.server.progress.ReviewForms.PastReview;
import org.nimblet.server.progress.ReviewForms.ReviewForm;
import org.nimblet.server.progress.ReviewForms.ReviewView;
import org.nimblet.server.progress.ReviewForms.VerdictChoice;
import org.nimblet.server.session.RungWordService;
import org.nimblet.server.session.RungWordService.RungWord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at the weeks of a programme, and makes the next ones. */
@Service
class ReviewService {

  /** No more weeks than these are looked at (ours). */
  private static final int MOST_DAYS = 84;

  private final ProgrammeService programmes;
  private final Agenda agenda;
  private final RungWordService words;
  private final Reviews reviews;
  private final HealthTrail trail;
  private final Clock clock;

  ReviewService(
      ProgrammeService programmes,
      Agenda agenda,
      RungWordService words,
      Reviews reviews,
      HealthTrail trail,
      Clock clock) {
    this.programmes = programmes;
    this.agenda = agenda;
    this.words = words;
    this.reviews = reviews;
    this.trail = trail;
    this.clock = clock;
  }

  /** The weeks since one last looked, with what the rules make of them. */
  ReviewView view(Person person) {
    trail.note(person.client(), HealthTrail.Deed.READ_LOG);
    ProgrammeView programme = programme(person);
    List<Review> past = reviews.findByClientIdOrderByAtDescIdAsc(person.id());
    LocalDate since = since(person, programme, past);
    List<KeptView> kept = ProgressService.kept(agenda.of(person, since, person.today()));
    Weeks weeks = weeks(person, since, kept);
    List<ReviewFinding> findings = ReviewRules.findings(weeks);
    Map<ReviewQuestion, Verdict> suggested = new EnumMap<>(ReviewQuestion.class);
    findings.forEach(finding -> suggested.put(finding.question(), finding.suggested()));
    return new ReviewView(
        !programme.programme().reviewsOn().isAfter(person.today()),
        since,
        person.today(),
        programme.programme().version(),
        findings.stream().map(ReviewService::finding).toList(),
        kept,
        ProgressViews.pains(person, since),
        ReviewRules.climbs(weeks).stream()
            .map(
                climb ->
                    new ClimbView(
                        ProgressViews.ladder(climb.story(), person),
                        climb.climbed(),
                        climb.stuck()))
            .toList(),
        ReviewRules.apart(weeks).stream()
            .map(
                one ->
                    new ApartView(
                        one.story().exercise().id(),
                        one.story().exercise().title(),
                        one.story().exercise().kind(),
                        one.percent()))
            .toList(),
        ReviewRules.USUAL_DIFFERENCE_PERCENT,
        next(
                person,
                programme,
                weeks,
                new ReviewForm(programme.programme().version(), suggested, Map.of(), Set.of()))
            .view(),
        past.stream()
            .map(
                one ->
                    new PastReview(
                        LocalDate.ofInstant(one.at, person.client().zone()),
                        one.since,
                        one.answers))
            .toList());
  }

  private static AnsweredView finding(ReviewFinding finding) {
    return new AnsweredView(
        finding.question(),
        finding.question().words(),
        finding.says(),
        finding.because(),
        finding.suggested(),
        Arrays.stream(Verdict.values()).map(one -> new VerdictChoice(one, one.word())).toList());
  }

  private ProgrammeView programme(Person person) {
    return programmes
        .current(person)
        .orElseThrow(() -> new NotFoundException("programme to look at"));
  }

  private static LocalDate since(Person person, ProgrammeView programme, List<Review> past) {
    LocalDate earliest = person.today().minusDays(MOST_DAYS - 1L);
    LocalDate begun =
        past.isEmpty() ? programme.programme().startsOn() : past.get(0).until.plusDays(1);
    LocalDate since = begun.isAfter(person.today()) ? person.today() : begun;
    return since.isBefore(earliest) ? earliest : since;
  }

  private static Weeks weeks(Person person, LocalDate since, List<KeptView> kept) {
    return new Weeks(
        since,
        person.today(),
        kept.stream().mapToInt(KeptView::planned).sum(),
        kept.stream().mapToInt(KeptView::kept).sum(),
        person.told().painReadings(since),
        person.health(),
        List.copyOf(person.progress().stories().values()));
  }

  /** The next weeks as some verdicts would make them. */
  NextView next(Person person, ReviewForm form) {
    ProgrammeView programme = programme(person);
    return next(person, programme, weeks(person, programme), form).view();
  }

  private Weeks weeks(Person person, ProgrammeView programme) {
    LocalDate since =
        since(person, programme, reviews.findByClientIdOrderByAtDescIdAsc(person.id()));
    return weeks(person, since, ProgressService.kept(agenda.of(person, since, person.today())));
  }

  private NextWeeks next(Person person, ProgrammeView programme, Weeks weeks, ReviewForm form) {
    return new NextWeeks(programme, programmes.asked(person), weeks, form);
  }

  /** Takes the next weeks over: the programme, the rungs, and that one has looked. */
  @Transactional
  public void takeOver(Person person, ReviewForm form) {
    ProgrammeView programme = programme(person);
    Weeks weeks = weeks(person, programme);
    NextWeeks next = next(person, programme, weeks, form);
    keep(person, weeks, form.verdicts());
    programmes.save(person, next.programme(form.version()));
    List<RungWord> back =
        next.rungsBack().stream()
            .map(
                one ->
                    new RungWord(
                        one.story().exercise().id(),
                        Set.of(one.side()),
                        Overruling.Word.RESET,
                        one.to(),
                        "decided when the weeks since %s were looked at".formatted(weeks.since())))
            .toList();
    if (!back.isEmpty()) {
      words.say(person.client(), back);
    }
  }

  private void keep(Person person, Weeks weeks, Map<ReviewQuestion, Verdict> verdicts) {
    Review review = new Review();
    review.id = UUID.randomUUID();
    review.coachId = person.client().coachId();
    review.clientId = person.id();
    review.at = clock.instant();
    review.since = weeks.since();
    review.until = weeks.until();
    review.answers =
        ReviewRules.findings(weeks).stream()
            .map(
                finding ->
                    new Review.Answer(
                        finding.question(), finding.says(), verdicts.get(finding.question())))
            .toList();
    reviews.save(review);
  }
}
