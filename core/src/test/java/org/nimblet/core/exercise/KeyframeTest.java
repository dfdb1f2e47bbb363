package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nimblet.core.anatomy.Digit;

class KeyframeTest {

  private static final String OPEN = "angles 3,0,0,0 0,0,0,0 3,0,0,0 4,0,0,0 42,10,5,5,28 0,0";

  @ParameterizedTest
  @EnumSource(Pose.class)
  void everyNamedPoseReadsBack(Pose pose) {
    assertThat(Keyframe.parse(pose.text())).isEqualTo(pose);
    assertThat(Keyframe.parse(LibraryWriter.word(pose))).isEqualTo(pose);
  }

  @Test
  void theAnglesOfAHandReadBack() {
    Keyframe open = Keyframe.parse(OPEN);
    assertThat(open.text()).isEqualTo(OPEN);
    assertThat(open.stage()).isEqualTo(Keyframe.Stage.HAND);
  }

  @ParameterizedTest(name = "{0} -> {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "3,0,0,0 0 | 30,0,0,0 0 | spread (30°) must be between -12° and 26°",
        "3,0,0,0 0 | 3,0,x,0 0 | (x) must be a whole number",
        "3,0,0,0 0 | 3,0,0 0 | must be 4 whole numbers joined by commas",
        "28 0,0 | 28 -90,0 | wrist flexion (-90°) must be between -70° and 80°",
        "42,10,5,5,28 0,0 | 42,10,5,5,28 | must have six groups"
      })
  void saysWhichJointGoesTooFar(String good, String bad, String message) {
    assertThatThrownBy(() -> Keyframe.parse(OPEN.replaceFirst(good.strip(), bad.strip())))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(message);
  }

  @Test
  void aPoseOfOneDigitHasTwinsForTheOthers() {
    assertThat(Pose.LIFT_INDEX.forDigits(List.of(Digit.RING))).isEqualTo(Pose.LIFT_RING);
    assertThat(Pose.GAP_INDEX_MIDDLE.forDigits(List.of(Digit.THUMB, Digit.LITTLE)))
        .isEqualTo(Pose.GAP_THUMB_LITTLE);
    assertThat(Pose.CURL_INDEX.forDigits(List.of(Digit.THUMB))).isEqualTo(Pose.CURL_INDEX);
    assertThat(Pose.CURL_INDEX.shows(List.of(Digit.THUMB))).isFalse();
    assertThat(Pose.LIFT_INDEX.shows(List.of(Digit.THUMB))).isTrue();
    assertThat(Pose.FLAT.forDigits(List.of(Digit.RING))).isEqualTo(Pose.FLAT);
    assertThat(Pose.LIFT_INDEX.forDigits(List.of())).isEqualTo(Pose.LIFT_INDEX);
  }

  /** 14 = 4 + 6 + 4 ways to bend some of four fingers, not all (arithmetic); each is drawn. */
  @Test
  void everyBendPatternIsDrawn() {
    for (int i = 0; i < Units.BEND_PATTERNS.count(); i++) {
      List<Digit> bent = Units.BEND_PATTERNS.digits(i);
      Keyframe pose = Pose.CURL_INDEX.forDigits(bent);
      assertThat(pose.text())
          .isEqualTo("CURL_" + String.join("_", bent.stream().map(Digit::name).toList()));
    }
  }
}
