package org.nimblet.core.exercise;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.YAMLException;

/** Reads the exercises of one YAML file and notes everything that is wrong in it. */
final class LibraryReader {

  private static final Set<String> FIELDS =
      Set.of(
          "id",
          "title",
          "kind",
          "purpose",
          "set-up",
          "action",
          "cue",
          "breath",
          "felt-at",
          "mistakes",
          "cautions",
          "stop-rules",
          "synonyms",
          "ways",
          "easier",
          "harder",
          "easier-exercise",
          "harder-exercise",
          "ladder",
          "closed-with",
          "uses",
          "helper",
          "role",
          "digits-of-activity",
          "coach-only",
          "main",
          "serves",
          "segment",
          "movements",
          "intensity",
          "needs-warmth",
          "tires",
          "arrives",
          "positions",
          "things",
          "disciplines",
          "recovery",
          "dose",
          "doses-by-method",
          "figure",
          "family",
          "staple",
          "archived");
  private static final Set<String> DOSE_FIELDS =
      Set.of(
          "form",
          "seconds",
          "least-seconds",
          "breaths",
          "into-it-on",
          "beats",
          "beats-per-minute",
          "subdivisions",
          "count-in",
          "grams",
          "band-centimetres",
          "presses",
          "a-minute",
          "passes",
          "seconds-per-pass",
          "repetitions",
          "sets",
          "sides",
          "units",
          "order",
          "back",
          "rest",
          "greatest-rest",
          "least",
          "greatest",
          "method");
  private static final Set<String> CLOSED_WITH_FIELDS = Set.of("conditions", "signs", "sore");
  private static final Set<String> FIGURE_FIELDS =
      Set.of("view", "poses", "ways", "places", "worked", "arrow", "prop", "contact", "wrong");
  private static final Set<String> LADDER_FIELDS = Set.of("kind", "upper", "things", "rungs");
  private static final Set<String> NAMED_RUNG_FIELDS = Set.of("name", "thing", "quantity");

  private final String file;
  private final List<LibraryProblem> problems;

  LibraryReader(String file, List<LibraryProblem> problems) {
    this.file = file;
    this.problems = problems;
  }

  List<Exercise> read(String text) {
    Object loaded;
    try {
      loaded = new Yaml(new SafeConstructor(new LoaderOptions())).load(text);
    } catch (YAMLException e) {
      problems.add(new LibraryProblem(file, "whole file", "yaml", e.getMessage()));
      return List.of();
    }
    if (!(loaded instanceof List<?> entries)) {
      problems.add(
          new LibraryProblem(
              file, "whole file", "yaml", "must be a list of exercises, each with -"));
      return List.of();
    }
    List<Exercise> exercises = new ArrayList<>();
    for (int i = 0; i < entries.size(); i++) {
      String place = "entry " + (i + 1);
      if (entries.get(i) instanceof Map<?, ?> map) {
        readEntry(place, map).ifPresent(exercises::add);
      } else {
        problems.add(new LibraryProblem(file, place, "entry", "must be a set of fields"));
      }
    }
    return exercises;
  }

  /** Reads one entry; {@code place} names it where it has no identifier. */
  Optional<Exercise> readEntry(String place, Map<?, ?> fields) {
    Object id = fields.get("id");
    return exercise(
        new LibraryEntry(file, id == null ? place : id.toString(), "", fields, problems));
  }

  private Optional<Exercise> exercise(LibraryEntry entry) {
    final int before = problems.size();
    entry.allowOnly(FIELDS);
    String id = entry.text("id");
    String title = entry.text("title");
    Kind kind = entry.choice("kind", Kind.class, Kind.HEAT);
    Guidance guidance =
        new Guidance(
            entry.text("purpose"),
            entry.text("set-up"),
            entry.texts("action", true),
            entry.text("cue"),
            entry.text("breath"),
            entry.text("felt-at"),
            entry.texts("mistakes", true),
            entry.texts("cautions", true),
            entry.texts("stop-rules", false),
            entry.texts("synonyms", false),
            ways(entry));
    Optional<Service> service = service(entry);
    Optional<Demands> demands =
        entry.checked(
            "demands",
            () ->
                new Demands(
                    entry.choice("segment", BodySegment.class, BodySegment.HANDS),
                    entry.has("movements")
                        ? entry.part("movements").uses(Movement.class)
                        : Map.of(),
                    entry.number("intensity"),
                    entry.flag("needs-warmth"),
                    entry.flag("tires"),
                    entry.flag("arrives"),
                    entry.choices("positions", Position.class),
                    setOf(entry.choices("things", Thing.class), Thing.class),
                    setOf(entry.choices("disciplines", Discipline.class), Discipline.class),
                    entry.choiceIfAny("role", HandRole.class),
                    entry.flag("digits-of-activity"),
                    entry.choice("recovery", Recovery.class, Recovery.NONE),
                    entry.flag("coach-only"),
                    closedWith(entry)));
    Optional<Uses> uses = uses(entry);
    Optional<Progression> progression = progression(entry);
    Optional<Figure> figure = figure(entry.part("figure"));
    Optional<Standing> standing = standing(entry);
    LibraryEntry usual = entry.part("dose");
    Method usualMethod = usual.choice("method", Method.class, Method.STEADY_HOLD);
    Map<Method, DosePlan> doses = new EnumMap<>(Method.class);
    dose(usual, guidance.ways()).ifPresent(plan -> doses.put(usualMethod, plan));
    for (LibraryEntry other : entry.parts("doses-by-method")) {
      Method method = other.choice("method", Method.class, Method.STEADY_HOLD);
      dose(other, guidance.ways()).ifPresent(plan -> doses.put(method, plan));
    }
    if (problems.size() > before) {
      return Optional.empty();
    }
    return entry.checked(
        "exercise",
        () ->
            new Exercise(
                id,
                title,
                kind,
                guidance,
                service.orElseThrow(),
                uses.orElseThrow(),
                demands.orElseThrow(),
                usualMethod,
                doses,
                progression.orElseThrow(),
                figure.orElseThrow(),
                standing.orElseThrow()));
  }

  private static ClosedWith closedWith(LibraryEntry entry) {
    if (!entry.has("closed-with")) {
      return ClosedWith.NOTHING;
    }
    LibraryEntry closed = entry.part("closed-with");
    closed.allowOnly(CLOSED_WITH_FIELDS);
    return new ClosedWith(
        setOf(closed.choices("conditions", Condition.class), Condition.class),
        setOf(closed.choices("signs", ReferralSign.class), ReferralSign.class),
        closed.regions("sore"));
  }

  private static Optional<Uses> uses(LibraryEntry entry) {
    return entry.checked(
        "uses",
        () -> {
          Map<Region, Use> acting = entry.part("uses").regionUses();
          Map<Region, Use> helping =
              entry.has("helper") ? entry.part("helper").regionUses() : Map.of();
          if (entry.has("helper") && helping.isEmpty()) {
            entry.problem(
                "helper",
                "(nothing) must name a rule with by, or regions with 1, 2 or 3; allowed rules: "
                    + LibraryEntry.ids(UseRule.class));
          }
          return new Uses(acting, helping);
        });
  }

  private static Ways ways(LibraryEntry entry) {
    List<String> names = entry.texts("ways", false);
    if (names.isEmpty()) {
      return Ways.UNNAMED;
    }
    return entry.checked("ways", () -> new Ways(names)).orElse(Ways.UNNAMED);
  }

  private static Optional<Progression> progression(LibraryEntry entry) {
    return entry.checked(
        "ladder",
        () ->
            new Progression(
                entry.text("easier"),
                entry.text("harder"),
                entry.textIfAny("easier-exercise"),
                entry.textIfAny("harder-exercise"),
                entry.has("ladder") ? steps(entry.part("ladder")) : new Progression.ByDose()));
  }

  private static Progression.Steps steps(LibraryEntry ladder) {
    ladder.allowOnly(LADDER_FIELDS);
    String kind = ladder.text("kind");
    return switch (kind) {
      case "by-dose" -> new Progression.ByDose();
      case "endurance" -> new Progression.Endurance();
      case "tempo" -> new Progression.Tempo(ladder.number("upper"));
      case "things" -> new Progression.Things(ladder.choices("things", Thing.class));
      case "named" ->
          new Progression.Named(
              ladder.parts("rungs").stream().map(LibraryReader::namedRung).toList());
      default -> {
        ladder.problem(
            "kind", "(%s) must be one of by-dose, endurance, tempo, things, named".formatted(kind));
        yield new Progression.ByDose();
      }
    };
  }

  private static Progression.NamedRung namedRung(LibraryEntry rung) {
    rung.allowOnly(NAMED_RUNG_FIELDS);
    return new Progression.NamedRung(
        rung.text("name"),
        rung.choiceIfAny("thing", Thing.class),
        rung.has("quantity") ? OptionalInt.of(rung.number("quantity")) : OptionalInt.empty());
  }

  private static <E extends Enum<E>> Set<E> setOf(List<E> values, Class<E> type) {
    Set<E> set = EnumSet.noneOf(type);
    set.addAll(values);
    return set;
  }

  private Optional<Service> service(LibraryEntry entry) {
    Map<String, Integer> contributions = new LinkedHashMap<>();
    entry.part("serves").numbers().forEach(contributions::put);
    String main = entry.text("main");
    Optional<Target> target = Target.find(main);
    if (target.isEmpty()) {
      entry.problem(
          "main",
          "(%s) is no target; allowed: %s"
              .formatted(main, String.join(", ", Target.all().stream().map(Target::id).toList())));
      return Optional.empty();
    }
    return entry.checked("serves", () -> new Service(target.get(), contributions));
  }

  private Optional<Figure> figure(LibraryEntry entry) {
    entry.allowOnly(FIGURE_FIELDS);
    return entry.checked(
        "poses",
        () ->
            new Figure(
                entry.choice("view", FigureView.class, FigureView.PALM),
                drawn(entry),
                setOf(entry.choices("places", BodyPlace.class), BodyPlace.class),
                setOf(entry.choices("worked", Digit.class), Digit.class),
                entry.choice("arrow", FigureArrow.class, FigureArrow.NONE),
                entry.choice("prop", FigureProp.class, FigureProp.NONE),
                entry.choice("contact", Contact.class, Contact.NONE),
                entry.textIfAny("wrong").map(Keyframe::parse)));
  }

  /** The keyframes: one list of them, or one for each way. */
  private static List<List<Keyframe>> drawn(LibraryEntry entry) {
    return entry.has("ways")
        ? entry.lists("ways").stream().map(LibraryReader::keyframes).toList()
        : List.of(keyframes(entry.texts("poses", true)));
  }

  private static List<Keyframe> keyframes(List<String> texts) {
    return texts.stream().map(Keyframe::parse).toList();
  }

  private static Optional<Standing> standing(LibraryEntry entry) {
    return entry.checked(
        "staple",
        () ->
            new Standing(
                entry.textIfAny("family"),
                entry.has("staple") ? entry.part("staple").purposes() : Map.of(),
                entry.flag("archived")));
  }

  private static Units units(LibraryEntry entry, Ways ways) {
    Units.Each each = entry.choice("units", Units.Each.class, Units.Each.WHOLE);
    return new Units(
        each,
        entry.choices("order", Digit.class),
        entry.flag("back"),
        each == Units.Each.WAYS ? ways.count() : 0);
  }

  private Optional<DosePlan> dose(LibraryEntry entry, Ways ways) {
    entry.allowOnly(DOSE_FIELDS);
    Map<String, Supplier<DoseForm>> forms = new LinkedHashMap<>();
    forms.put("hold", () -> new DoseForm.Hold(entry.number("seconds")));
    forms.put(
        "presses-then-hold",
        () -> new DoseForm.PressesThenHold(entry.number("presses"), entry.number("seconds")));
    forms.put("pulse", DoseForm.Pulse::new);
    forms.put("own-pace", () -> new DoseForm.OwnPace(entry.number("a-minute")));
    forms.put("breaths", () -> new DoseForm.Breaths(entry.number("breaths")));
    forms.put(
        "count", () -> new DoseForm.Count(entry.number("beats"), entry.number("beats-per-minute")));
    forms.put("timed", () -> new DoseForm.Timed(entry.number("seconds")));
    forms.put(
        "travel",
        () -> new DoseForm.Travel(entry.number("passes"), entry.number("seconds-per-pass")));
    forms.put(
        "until-eases",
        () -> new DoseForm.UntilEases(entry.number("least-seconds"), entry.number("seconds")));
    forms.put(
        "breath-moved",
        () ->
            new DoseForm.BreathMoved(entry.choice("into-it-on", BreathHalf.class, BreathHalf.OUT)));
    forms.put(
        "paced",
        () ->
            new DoseForm.Paced(
                entry.number("beats"),
                entry.number("beats-per-minute"),
                entry.numbers("subdivisions"),
                entry.number("count-in", DoseForm.Paced.USUAL_COUNT_IN)));
    String name = entry.text("form");
    Supplier<DoseForm> form = forms.get(name);
    if (form == null) {
      entry.problem(
          "form", "(%s) must be one of %s".formatted(name, String.join(", ", forms.keySet())));
      return Optional.empty();
    }
    return entry.checked(
        "quantity",
        () ->
            new DosePlan(
                new Dose(
                    form.get(),
                    entry.number("repetitions", 1),
                    entry.number("sets", 1),
                    sides(entry),
                    units(entry, ways),
                    entry.number("rest", 0),
                    load(entry),
                    Optional.empty()),
                new Dose.Bounds(entry.number("least"), entry.number("greatest")),
                entry.number("greatest-rest", entry.number("rest", 0))));
  }

  private static Laterality sides(LibraryEntry entry) {
    Laterality sides = entry.choice("sides", Laterality.class, Laterality.EACH);
    if (sides == Laterality.ONE_SIDE) {
      entry.problem("sides", "(one-side) is chosen at the bench, not in the library");
    }
    return sides;
  }

  private static Optional<Load> load(LibraryEntry entry) {
    if (entry.has("grams")) {
      return Optional.of(new Load.Weight(entry.number("grams")));
    }
    return entry.has("band-centimetres")
        ? Optional.of(new Load.Band(entry.number("band-centimetres")))
        : Optional.empty();
  }
}
