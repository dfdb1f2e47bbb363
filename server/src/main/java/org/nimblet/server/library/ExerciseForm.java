package org.nimblet.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.exercise.BodyPlace;
import org.nimblet.core.exercise.BodySegment;
import org.nimblet.core.exercise.Condition;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.Dose;
import org.nimblet.core.exercise.DosePlan;
import org.nimblet.core.exercise.DoseText;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.FigureArrow;
import org.nimblet.core.exercise.FigureProp;
import org.nimblet.core.exercise.FigureView;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Keyframe;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.exercise.LibraryWriter;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Progression;
import org.nimblet.core.exercise.Recovery;
import org.nimblet.core.exercise.ReferralSign;
import org.nimblet.core.exercise.Thing;
import org.nimblet.core.exercise.Use;
import org.nimblet.core.exercise.Ways;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.platform.InvalidFieldException.WrongField;

/** An exercise as it is edited. Its rules are those of the core; only sizes are checked here. */
record ExerciseForm(
    int baseVersion,
    @NotBlank(message = "A title, up to 42 characters.")
        @Size(max = 42, message = "Up to 42 characters.")
        String title,
    @NotNull(message = "One of the kinds.") Kind kind,
    @NotBlank(message = TEXT) @Size(max = 400, message = TEXT) String purpose,
    @NotBlank(message = TEXT) @Size(max = 400, message = TEXT) String setUp,
    @NotEmpty(message = STEPS) @Size(max = 8, message = STEPS)
        List<@NotBlank(message = TEXT) @Size(max = 200, message = TEXT) String> action,
    @NotBlank(message = "Up to 70 characters.") @Size(max = 70, message = "Up to 70 characters.")
        String cue,
    @NotBlank(message = TEXT) @Size(max = 200, message = TEXT) String breath,
    @NotBlank(message = TEXT) @Size(max = 200, message = TEXT) String feltAt,
    @NotEmpty(message = STEPS) @Size(max = 8, message = STEPS)
        List<@NotBlank(message = TEXT) String> mistakes,
    @NotEmpty(message = "At least one caution: what to mind.") @Size(max = 8, message = STEPS)
        List<@NotBlank(message = TEXT) String> cautions,
    @NotNull(message = LIST) List<@NotBlank(message = TEXT) String> stopRules,
    @NotNull(message = LIST) List<@NotBlank(message = TEXT) String> synonyms,
    @NotNull(message = LIST) @Size(max = Ways.MOST, message = "Two to twenty names, or none.")
        List<@NotBlank(message = TEXT) String> ways,
    @NotBlank(message = "One of the targets it serves.") String main,
    @NotEmpty(message = "At least one target, 1 to 10 points.") Map<String, Integer> serves,
    @NotNull(message = "One of the parts of the body.") BodySegment segment,
    @Min(value = 1, message = "1 to 5.") @Max(value = 5, message = "1 to 5.") int intensity,
    boolean needsWarmth,
    boolean tires,
    boolean arrives,
    @NotNull(message = LEVELS) Map<Movement, @NotNull(message = LEVEL) Integer> movements,
    @NotEmpty(message = "At least one region that it uses: 1 moves or touches, 2 works, 3 loads.")
        Map<Region, @NotNull(message = LEVEL) Integer> uses,
    @NotNull(message = LEVELS) Map<Region, @NotNull(message = LEVEL) Integer> helper,
    @NotEmpty(message = "At least one position.") List<Position> positions,
    @NotNull(message = LIST) List<Thing> things,
    @NotNull(message = LIST) List<Discipline> disciplines,
    @NotNull(message = "NONE or REST_DAY.") Recovery recovery,
    @Schema(nullable = true) HandRole role,
    boolean digitsOfActivity,
    boolean coachOnly,
    @NotNull(message = LIST) List<Condition> closedWithConditions,
    @NotNull(message = LIST) List<ReferralSign> closedWithSigns,
    @NotNull(message = LIST) List<Region> closedWithSore,
    @NotBlank(message = TEXT) @Size(max = 200, message = TEXT) String easier,
    @NotBlank(message = TEXT) @Size(max = 200, message = TEXT) String harder,
    @Schema(nullable = true) String easierExercise,
    @Schema(nullable = true) String harderExercise,
    @NotNull(message = "What the ladder is made of.") @Valid LadderForm ladder,
    @NotEmpty(message = "At least one dose.") @Size(max = 6, message = "At most six.")
        List<@Valid DoseFields> doses,
    @NotNull(message = "How it is drawn.") @Valid FigureForm figure) {

  private static final Pattern AFTER_HYPHEN = Pattern.compile("-([a-z])");
  private static final String TEXT = "Some words, not too many.";
  private static final String STEPS = "One to eight lines.";
  private static final String LEVEL = "1 moves or touches, 2 works or takes to its end, 3 loads.";
  private static final String LEVELS = "1 to 3 by name, which may be empty.";
  private static final String LIST = "A list, which may be empty.";

  /** What its ladder is made of. */
  enum LadderKind {
    BY_DOSE,
    ENDURANCE,
    TEMPO,
    THINGS,
    NAMED
  }

  /** A rung with a name, with a thing or a quantity of the dose of its own. */
  record RungForm(
      @NotBlank(message = TEXT) @Size(max = 60, message = TEXT) String name,
      @Schema(nullable = true) Thing thing,
      @Schema(nullable = true) Integer quantity) {}

  /** The ladder; the upper tempo, the things or the rungs go with their kind. */
  record LadderForm(
      @NotNull(message = "One of the kinds of ladder.") LadderKind kind,
      @Schema(nullable = true) Integer upper,
      @NotNull(message = LIST) List<Thing> things,
      @NotNull(message = LIST) List<@Valid RungForm> rungs) {}

  /** A dose by a method, typed as at the bench, with how far it may be changed. */
  record DoseFields(
      @NotNull(message = "One of the methods.") Method method,
      @NotNull(message = "A dose such as 20 s x 3.") @Size(max = 160, message = TEXT) String text,
      int least,
      int greatest,
      int greatestRest) {}

  /** The keyframes of the figure. */
  record FigureForm(
      @NotNull(message = "One of the views.") FigureView view,
      @NotEmpty(message = "At least one pose.") @Size(max = Ways.MOST, message = "At most twenty.")
          List<
                  @NotEmpty(message = "At least one pose.")
                      @Size(max = 12, message = "At most twelve.") List<
                      String>>
              ways,
      @NotNull(message = LIST) List<BodyPlace> places,
      @NotNull(message = LIST) List<Digit> worked,
      @NotNull(message = "One of the arrows.") FigureArrow arrow,
      @NotNull(message = "One of the props.") FigureProp prop,
      @Schema(nullable = true) String wrong) {}

  /** The form of an exercise, to be changed. */
  static ExerciseForm of(Exercise exercise, int version) {
    var guidance = exercise.guidance();
    var demands = exercise.demands();
    Progression progression = exercise.progression();
    List<DoseFields> doses = new ArrayList<>();
    doses.add(dose(exercise, exercise.usualMethod()));
    exercise.doses().keySet().stream()
        .filter(method -> method != exercise.usualMethod())
        .forEach(method -> doses.add(dose(exercise, method)));
    return new ExerciseForm(
        version,
        exercise.title(),
        exercise.kind(),
        guidance.purpose(),
        guidance.setUp(),
        guidance.action(),
        guidance.cue(),
        guidance.breath(),
        guidance.feltAt(),
        guidance.mistakes(),
        guidance.cautions(),
        guidance.stopRules(),
        guidance.synonyms(),
        guidance.ways().equals(Ways.UNNAMED) ? List.of() : guidance.ways().names(),
        exercise.service().main().id(),
        exercise.service().contributions(),
        demands.segment(),
        demands.intensity(),
        demands.needsWarmth(),
        demands.tires(),
        demands.arrives(),
        levels(demands.movements()),
        levels(exercise.uses().acting()),
        levels(exercise.uses().helping()),
        demands.positions(),
        demands.things().stream().sorted().toList(),
        demands.disciplines().stream().sorted().toList(),
        demands.recovery(),
        demands.role().orElse(null),
        demands.digitsOfActivity(),
        demands.coachOnly(),
        demands.closedWith().conditions().stream().sorted().toList(),
        demands.closedWith().signs().stream().sorted().toList(),
        demands.closedWith().sore().stream().sorted().toList(),
        progression.easier(),
        progression.harder(),
        progression.easierExercise().orElse(null),
        progression.harderExercise().orElse(null),
        ladder(progression.steps()),
        doses,
        new FigureForm(
            exercise.figure().view(),
            exercise.figure().ways().stream()
                .map(way -> way.stream().map(Keyframe::text).toList())
                .toList(),
            exercise.figure().places().stream().sorted().toList(),
            exercise.figure().worked().stream().sorted().toList(),
            exercise.figure().arrow(),
            exercise.figure().prop(),
            exercise.figure().wrong().map(Keyframe::text).orElse(null)));
  }

  private static DoseFields dose(Exercise exercise, Method method) {
    DosePlan plan = exercise.doseFor(method);
    return new DoseFields(
        method,
        DoseText.complete(Notation.NAMES, exercise.guidance().ways()).format(plan.usual()),
        plan.bounds().least(),
        plan.bounds().greatest(),
        plan.greatestRestSeconds());
  }

  private static LadderForm ladder(Progression.Steps steps) {
    if (steps instanceof Progression.Endurance) {
      return new LadderForm(LadderKind.ENDURANCE, null, List.of(), List.of());
    } else if (steps instanceof Progression.Tempo tempo) {
      return new LadderForm(LadderKind.TEMPO, tempo.upperBeatsPerMinute(), List.of(), List.of());
    } else if (steps instanceof Progression.Things things) {
      return new LadderForm(LadderKind.THINGS, null, things.things(), List.of());
    } else if (steps instanceof Progression.Named named) {
      return new LadderForm(
          LadderKind.NAMED,
          null,
          List.of(),
          named.rungs().stream().map(ExerciseForm::rung).toList());
    }
    return new LadderForm(LadderKind.BY_DOSE, null, List.of(), List.of());
  }

  private static RungForm rung(Progression.NamedRung rung) {
    return new RungForm(
        rung.name(),
        rung.thing().orElse(null),
        rung.quantity().isPresent() ? rung.quantity().getAsInt() : null);
  }

  /**
   * The entry of a library file that this form stands for.
   *
   * @throws InvalidFieldException if a dose cannot be read
   */
  Map<String, Object> entry(String id) {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("id", id);
    entry.put("title", title.strip());
    entry.put("kind", word(kind));
    entry.put("purpose", purpose);
    entry.put("set-up", setUp);
    entry.put("action", action);
    entry.put("cue", cue);
    entry.put("breath", breath);
    entry.put("felt-at", feltAt);
    entry.put("mistakes", mistakes);
    entry.put("cautions", cautions);
    entry.put("stop-rules", stopRules);
    entry.put("synonyms", synonyms);
    entry.put("ways", ways);
    entry.put("main", main);
    entry.put("serves", serves);
    entry.put("segment", word(segment));
    entry.put("intensity", intensity);
    entry.put("needs-warmth", needsWarmth);
    entry.put("tires", tires);
    entry.put("arrives", arrives);
    putUnlessEmpty(entry, "movements", named(movements));
    entry.put("uses", named(uses));
    putUnlessEmpty(entry, "helper", named(helper));
    entry.put("positions", words(positions));
    entry.put("things", words(things));
    entry.put("disciplines", words(disciplines));
    entry.put("recovery", word(recovery));
    if (role != null) {
      entry.put("role", word(role));
    }
    entry.put("digits-of-activity", digitsOfActivity);
    entry.put("coach-only", coachOnly);
    entry.put(
        "closed-with",
        Map.of(
            "conditions", words(closedWithConditions),
            "signs", words(closedWithSigns),
            "sore", words(closedWithSore)));
    entry.put("easier", easier);
    entry.put("harder", harder);
    entry.put("easier-exercise", blankToNull(easierExercise));
    entry.put("harder-exercise", blankToNull(harderExercise));
    entry.put("ladder", ladderEntry());
    entry.put("figure", figureEntry());
    List<WrongField> wrong = new ArrayList<>();
    List<Map<String, Object>> written = new ArrayList<>();
    for (int i = 0; i < doses.size(); i++) {
      DoseFields dose = doses.get(i);
      try {
        Dose read = DoseText.complete(Notation.NAMES, namedWays()).parse(dose.text());
        if (read.exception().isPresent()) {
          throw new IllegalArgumentException(
              "dose (%s) must be the same on both sides in the library".formatted(dose.text()));
        }
        written.add(
            LibraryWriter.dose(
                dose.method(), read, dose.least(), dose.greatest(), dose.greatestRest()));
      } catch (IllegalArgumentException e) {
        wrong.add(new WrongField("doses[%d].text".formatted(i), e.getMessage()));
      }
    }
    if (!wrong.isEmpty()) {
      throw new InvalidFieldException(wrong);
    }
    entry.put("dose", written.get(0));
    entry.put("doses-by-method", written.subList(1, written.size()));
    return entry;
  }

  private static <E extends Enum<E>> Map<E, Integer> levels(Map<E, Use> uses) {
    Map<E, Integer> levels = new LinkedHashMap<>();
    uses.forEach((used, use) -> levels.put(used, use.level()));
    return levels;
  }

  private static Map<String, Integer> named(Map<? extends Enum<?>, Integer> levels) {
    Map<String, Integer> named = new LinkedHashMap<>();
    levels.forEach((used, level) -> named.put(word(used), level));
    return named;
  }

  private static void putUnlessEmpty(Map<String, Object> entry, String field, Map<?, ?> values) {
    if (!values.isEmpty()) {
      entry.put(field, values);
    }
  }

  private static String blankToNull(String text) {
    return text == null || text.isBlank() ? null : text;
  }

  /** Names that are wrong are told when the entry is read. */
  private Ways namedWays() {
    try {
      return ways.isEmpty() ? Ways.UNNAMED : new Ways(ways);
    } catch (IllegalArgumentException e) {
      return Ways.UNNAMED;
    }
  }

  private Map<String, Object> ladderEntry() {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("kind", word(ladder.kind()));
    if (ladder.kind() == LadderKind.TEMPO) {
      entry.put("upper", ladder.upper());
    } else if (ladder.kind() == LadderKind.THINGS) {
      entry.put("things", words(ladder.things()));
    } else if (ladder.kind() == LadderKind.NAMED) {
      entry.put("rungs", ladder.rungs().stream().map(ExerciseForm::rungEntry).toList());
    }
    return entry;
  }

  private static Map<String, Object> rungEntry(RungForm rung) {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("name", rung.name().strip());
    if (rung.thing() != null) {
      entry.put("thing", word(rung.thing()));
    }
    if (rung.quantity() != null) {
      entry.put("quantity", rung.quantity());
    }
    return entry;
  }

  private Map<String, Object> figureEntry() {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("view", word(figure.view()));
    if (figure.ways().size() == 1) {
      entry.put("poses", figure.ways().get(0));
    } else {
      entry.put("ways", figure.ways());
    }
    entry.put("places", words(figure.places()));
    entry.put("worked", words(figure.worked()));
    entry.put("arrow", word(figure.arrow()));
    entry.put("prop", word(figure.prop()));
    entry.put("wrong", figure.wrong());
    return entry;
  }

  /** The field of the form behind a field of the entry. */
  static String field(String inEntry) {
    if (inEntry.startsWith("dose.") || inEntry.equals("exercise")) {
      return "doses[0].text";
    }
    if (inEntry.startsWith("doses-by-method[")) {
      int place = Integer.parseInt(inEntry.substring(16, inEntry.indexOf(']')));
      return "doses[%d].text".formatted(place + 1);
    }
    if (inEntry.equals("figure.poses")) {
      return "figure.ways";
    }
    if (inEntry.equals("demands")) {
      return "intensity";
    }
    if (inEntry.startsWith("closed-with.")) {
      String part = inEntry.substring("closed-with.".length());
      return "closedWith" + part.substring(0, 1).toUpperCase(Locale.ROOT) + part.substring(1);
    }
    return AFTER_HYPHEN
        .matcher(inEntry)
        .replaceAll(letter -> letter.group(1).toUpperCase(Locale.ROOT));
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static List<String> words(List<? extends Enum<?>> values) {
    return values.stream().map(ExerciseForm::word).toList();
  }
}
