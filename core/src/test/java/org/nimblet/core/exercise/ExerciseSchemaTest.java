package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Movement;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Target;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The published schema against an independent validator, and against the types of the core. */
class ExerciseSchemaTest {

  private static final String TEXT = resource("exercise-schema.json");
  private static final Schema SCHEMA =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(TEXT);

  private static String resource(String name) {
    try (InputStream in = ExerciseLibrary.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new IllegalStateException(name, e);
    }
  }

  static Stream<String> files() {
    return ExerciseLibrary.shippedFiles().stream();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("files")
  void everyFileOfTheLibraryIsValid(String file) {
    assertThat(SCHEMA.validate(resource("library/" + file), InputFormat.YAML)).isEmpty();
  }

  @Test
  void whatTheProgramWritesIsValid() {
    String yaml = LibraryWriter.yaml(ExerciseLibrary.shipped().exercises());
    assertThat(SCHEMA.validate(yaml, InputFormat.YAML)).isEmpty();
  }

  @ParameterizedTest(name = "{0} -> {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "kind: heat | kind: hot | kind",
        "intensity: 1 | intensity: 6 | intensity",
        "title: Palm rub | titel: Palm rub | titel",
        "form: timed, seconds: 25 | form: timed | seconds",
        "warmth: 8 | cold: 8 | serves",
        "poses: [interlaced] | poses: [handstand] | pose"
      })
  void aWrongFieldIsInvalid(String good, String bad, String named) {
    String heat = resource("library/heat.yaml");
    assertThat(heat).contains(good);
    assertThat(SCHEMA.validate(heat.replace(good, bad), InputFormat.YAML))
        .anySatisfy(error -> assertThat(error.toString()).contains(named));
  }

  static Stream<Arguments> enums() {
    return Stream.of(
        Arguments.of("kind", Kind.values()),
        Arguments.of("segment", BodySegment.values()),
        Arguments.of("position", Position.values()),
        Arguments.of("thing", Thing.values()),
        Arguments.of("discipline", Discipline.values()),
        Arguments.of("recovery", Recovery.values()),
        Arguments.of("referral-sign", ReferralSign.values()),
        Arguments.of("method", Method.values()),
        Arguments.of(
            "sides",
            Arrays.stream(Laterality.values())
                .filter(sides -> sides != Laterality.ONE_SIDE)
                .toArray(Laterality[]::new)),
        Arguments.of("movement", Movement.values()),
        Arguments.of("region", Region.values()),
        Arguments.of("condition", Condition.values()),
        Arguments.of("hand-role", HandRole.values()),
        Arguments.of("use-rule", UseRule.values()),
        Arguments.of("units", Units.Each.values()),
        Arguments.of("view", FigureView.values()),
        Arguments.of("arrow", FigureArrow.values()),
        Arguments.of("prop", FigureProp.values()),
        Arguments.of("digit", Digit.values()),
        Arguments.of("breath-half", BreathHalf.values()),
        Arguments.of("body-place", BodyPlace.values()),
        Arguments.of("purpose", Purpose.values()));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("enums")
  void theSchemaAllowsExactlyWhatTheCoreKnows(String definition, Enum<?>[] constants) {
    assertThat(allowed("/$defs/" + definition + "/enum"))
        .containsExactlyElementsOf(Arrays.stream(constants).map(LibraryWriter::word).toList());
  }

  @Test
  void theSchemaAllowsExactlyTheTargetsAndPosesThereAre() {
    assertThat(allowed("/$defs/target/enum"))
        .containsExactlyElementsOf(Target.all().stream().map(Target::id).toList());
    assertThat(allowed("/$defs/pose/anyOf/0/enum"))
        .containsExactlyElementsOf(Arrays.stream(Pose.values()).map(LibraryWriter::word).toList());
  }

  private static List<String> allowed(String pointer) {
    JsonNode node = JsonMapper.builder().build().readTree(TEXT).at(pointer);
    assertThat(node.isArray()).as(pointer).isTrue();
    return node.valueStream().map(JsonNode::asString).toList();
  }
}
