package org.nimblet.core.exercise;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.Yaml;

/** Writes exercises as the entries that {@link ExerciseLibrary} reads. */
public final class LibraryWriter {

  private LibraryWriter() {}

  /** These exercises as one YAML file. */
  public static String yaml(Collection<Exercise> exercises) {
    DumperOptions options = new DumperOptions();
    options.setDefaultFlowStyle(DumperOptions.FlowStyle.AUTO);
    options.setWidth(100);
    options.setAllowUnicode(true);
    return new Yaml(options).dump(exercises.stream().map(LibraryWriter::fields).toList());
  }

  /** The fields of an exercise, named and nested as in a file. */
  public static Map<String, Object> fields(Exercise exercise) {
    Map<String, Object> fields = new LinkedHashMap<>();
    Guidance guidance = exercise.guidance();
    Demands demands = exercise.demands();
    fields.put("id", exercise.id());
    fields.put("title", exercise.title());
    fields.put("kind", word(exercise.kind()));
    fields.put("purpose", guidance.purpose());
    fields.put("set-up", guidance.setUp());
    fields.put("action", guidance.action());
    fields.put("cue", guidance.cue());
    fields.put("breath", guidance.breath());
    fields.put("felt-at", guidance.feltAt());
    fields.put("mistakes", guidance.mistakes());
    fields.put("cautions", guidance.cautions());
    putUnlessEmpty(fields, "stop-rules", guidance.stopRules());
    putUnlessEmpty(fields, "synonyms", guidance.synonyms());
    if (!guidance.ways().equals(Ways.UNNAMED)) {
      fields.put("ways", guidance.ways().names());
    }
    fields.put("main", exercise.service().main().id());
    fields.put("serves", new LinkedHashMap<>(exercise.service().contributions()));
    fields.put("segment", word(demands.segment()));
    putUnlessEmpty(fields, "movements", levels(demands.movements()));
    fields.put("uses", levels(exercise.uses().acting()));
    putUnlessEmpty(fields, "helper", levels(exercise.uses().helping()));
    fields.put("intensity", demands.intensity());
    fields.put("needs-warmth", demands.needsWarmth());
    fields.put("tires", demands.tires());
    if (demands.arrives()) {
      fields.put("arrives", true);
    }
    fields.put("positions", words(demands.positions().stream()));
    putUnlessEmpty(fields, "things", sorted(demands.things()));
    putUnlessEmpty(fields, "disciplines", sorted(demands.disciplines()));
    demands.role().ifPresent(role -> fields.put("role", word(role)));
    if (demands.digitsOfActivity()) {
      fields.put("digits-of-activity", true);
    }
    fields.put("recovery", word(demands.recovery()));
    if (demands.coachOnly()) {
      fields.put("coach-only", true);
    }
    putUnlessEmpty(fields, "closed-with", closedWith(demands.closedWith()));
    progression(exercise.progression(), fields);
    fields.put("dose", dose(exercise.usualMethod(), exercise.doseFor(exercise.usualMethod())));
    putUnlessEmpty(
        fields,
        "doses-by-method",
        exercise.doses().entrySet().stream()
            .filter(entry -> entry.getKey() != exercise.usualMethod())
            .map(entry -> dose(entry.getKey(), entry.getValue()))
            .toList());
    fields.put("figure", figure(exercise.figure()));
    exercise.standing().family().ifPresent(family -> fields.put("family", family));
    Map<String, Object> staples = new LinkedHashMap<>();
    exercise
        .standing()
        .staples()
        .forEach((target, purposes) -> staples.put(target, words(purposes.stream())));
    putUnlessEmpty(fields, "staple", staples);
    if (exercise.standing().archived()) {
      fields.put("archived", true);
    }
    return fields;
  }

  private static Map<String, Object> closedWith(ClosedWith closedWith) {
    Map<String, Object> fields = new LinkedHashMap<>();
    putUnlessEmpty(fields, "conditions", sorted(closedWith.conditions()));
    putUnlessEmpty(fields, "signs", sorted(closedWith.signs()));
    putUnlessEmpty(fields, "sore", sorted(closedWith.sore()));
    return fields;
  }

  private static Map<String, Integer> levels(Map<? extends Enum<?>, Use> uses) {
    Map<String, Integer> levels = new LinkedHashMap<>();
    uses.forEach((used, use) -> levels.put(word(used), use.level()));
    return levels;
  }

  private static void progression(Progression progression, Map<String, Object> fields) {
    fields.put("easier", progression.easier());
    fields.put("harder", progression.harder());
    progression.easierExercise().ifPresent(id -> fields.put("easier-exercise", id));
    progression.harderExercise().ifPresent(id -> fields.put("harder-exercise", id));
    Progression.Steps steps = progression.steps();
    Map<String, Object> ladder = new LinkedHashMap<>();
    if (steps instanceof Progression.Endurance) {
      ladder.put("kind", "endurance");
    } else if (steps instanceof Progression.Tempo tempo) {
      ladder.put("kind", "tempo");
      ladder.put("upper", tempo.upperBeatsPerMinute());
    } else if (steps instanceof Progression.Things things) {
      ladder.put("kind", "things");
      ladder.put("things", words(things.things().stream()));
    } else if (steps instanceof Progression.Named named) {
      ladder.put("kind", "named");
      ladder.put("rungs", named.rungs().stream().map(LibraryWriter::namedRung).toList());
    } else {
      ladder.put("kind", "by-dose");
    }
    fields.put("ladder", ladder);
  }

  private static Map<String, Object> namedRung(Progression.NamedRung rung) {
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("name", rung.name());
    rung.thing().ifPresent(thing -> fields.put("thing", word(thing)));
    rung.quantity().ifPresent(quantity -> fields.put("quantity", quantity));
    return fields;
  }

  private static Map<String, Object> dose(Method method, DosePlan plan) {
    return dose(
        method,
        plan.usual(),
        plan.bounds().least(),
        plan.bounds().greatest(),
        plan.greatestRestSeconds());
  }

  /** The fields of each form. */
  private static final DoseForm.Cases<Map<String, Object>> FORM =
      new DoseForm.Cases<>() {
        @Override
        public Map<String, Object> hold(DoseForm.Hold form) {
          return fields("hold", "seconds", form.seconds());
        }

        @Override
        public Map<String, Object> pressesThenHold(DoseForm.PressesThenHold form) {
          return fields("presses-then-hold", "presses", form.presses(), "seconds", form.seconds());
        }

        @Override
        public Map<String, Object> ownPace(DoseForm.OwnPace form) {
          return fields("own-pace", "a-minute", form.aMinute());
        }

        @Override
        public Map<String, Object> pulse(DoseForm.Pulse form) {
          return fields("pulse");
        }

        @Override
        public Map<String, Object> breaths(DoseForm.Breaths form) {
          return fields("breaths", "breaths", form.breaths());
        }

        @Override
        public Map<String, Object> count(DoseForm.Count form) {
          return fields("count", "beats", form.beats(), "beats-per-minute", form.beatsPerMinute());
        }

        @Override
        public Map<String, Object> timed(DoseForm.Timed form) {
          return fields("timed", "seconds", form.seconds());
        }

        @Override
        public Map<String, Object> travel(DoseForm.Travel form) {
          return fields(
              "travel", "passes", form.passes(), "seconds-per-pass", form.secondsPerPass());
        }

        @Override
        public Map<String, Object> untilEases(DoseForm.UntilEases form) {
          return fields(
              "until-eases",
              "least-seconds",
              form.leastSeconds(),
              "seconds",
              form.greatestSeconds());
        }

        @Override
        public Map<String, Object> breathMoved(DoseForm.BreathMoved form) {
          return fields("breath-moved", "into-it-on", word(form.into()));
        }

        @Override
        public Map<String, Object> paced(DoseForm.Paced form) {
          return fields(
              "paced",
              "beats",
              form.beats(),
              "beats-per-minute",
              form.beatsPerMinute(),
              "subdivisions",
              form.ladder(),
              "count-in",
              form.countIn());
        }

        private Map<String, Object> fields(String form, Object... namesAndValues) {
          Map<String, Object> fields = new LinkedHashMap<>();
          fields.put("form", form);
          for (int i = 0; i < namesAndValues.length; i += 2) {
            fields.put(namesAndValues[i].toString(), namesAndValues[i + 1]);
          }
          return fields;
        }
      };

  /** The fields of a dose with its bounds, which are not checked here but when they are read. */
  public static Map<String, Object> dose(
      Method method, Dose usual, int least, int greatest, int greatestRestSeconds) {
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("method", word(method));
    fields.putAll(usual.form().match(FORM));
    fields.put("repetitions", usual.repetitions());
    fields.put("sets", usual.sets());
    fields.put("sides", word(usual.laterality()));
    fields.put("units", usual.units().each().id());
    putUnlessEmpty(fields, "order", words(usual.units().order().stream()));
    if (usual.units().andBack()) {
      fields.put("back", true);
    }
    fields.put("rest", usual.restSeconds());
    fields.put("greatest-rest", greatestRestSeconds);
    fields.put("least", least);
    fields.put("greatest", greatest);
    usual
        .load()
        .ifPresent(
            load -> {
              if (load instanceof Load.Band band) {
                fields.put("band-centimetres", band.centimetres());
              } else {
                fields.put("grams", load.grams());
              }
            });
    return fields;
  }

  private static Map<String, Object> figure(Figure figure) {
    Map<String, Object> fields = new LinkedHashMap<>();
    fields.put("view", word(figure.view()));
    List<List<String>> ways =
        figure.ways().stream().map(way -> way.stream().map(LibraryWriter::pose).toList()).toList();
    if (ways.size() == 1) {
      fields.put("poses", ways.get(0));
    } else {
      fields.put("ways", ways);
    }
    putUnlessEmpty(fields, "places", sorted(figure.places()));
    putUnlessEmpty(fields, "worked", sorted(figure.worked()));
    fields.put("arrow", word(figure.arrow()));
    fields.put("prop", word(figure.prop()));
    if (figure.contact() != Contact.NONE) {
      fields.put("contact", word(figure.contact()));
    }
    figure.wrong().ifPresent(wrong -> fields.put("wrong", pose(wrong)));
    return fields;
  }

  private static String pose(Keyframe keyframe) {
    if (keyframe instanceof TwoHands hands) {
      return pose(hands.one()) + TwoHands.BETWEEN + pose(hands.other());
    }
    return keyframe instanceof Pose pose ? word(pose) : keyframe.text();
  }

  private static void putUnlessEmpty(Map<String, Object> fields, String name, List<?> values) {
    if (!values.isEmpty()) {
      fields.put(name, values);
    }
  }

  private static void putUnlessEmpty(Map<String, Object> fields, String name, Map<?, ?> values) {
    if (!values.isEmpty()) {
      fields.put(name, values);
    }
  }

  private static List<String> sorted(Set<? extends Enum<?>> values) {
    return words(values.stream().sorted());
  }

  private static List<String> words(Stream<? extends Enum<?>> values) {
    return values.map(LibraryWriter::word).toList();
  }

  /** An enum constant as it is written in files. */
  static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
