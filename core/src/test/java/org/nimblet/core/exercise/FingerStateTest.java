package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nimblet.core.anatomy.Digit.INDEX;
import static org.nimblet.core.anatomy.Digit.LITTLE;
import static org.nimblet.core.anatomy.Digit.MIDDLE;
import static org.nimblet.core.anatomy.Digit.RING;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.DigitPair;

class FingerStateTest {

  private static final List<DigitPair> GAPS =
      List.of(
          new DigitPair(INDEX, MIDDLE), new DigitPair(MIDDLE, RING), new DigitPair(RING, LITTLE));

  private static List<Digit> bent(int mask) {
    return IntStream.range(0, 4)
        .filter(finger -> (mask & 1 << finger) != 0)
        .mapToObj(Digit.FINGERS::get)
        .toList();
  }

  private static List<DigitPair> open(int mask) {
    return IntStream.range(0, 3).filter(gap -> (mask & 1 << gap) != 0).mapToObj(GAPS::get).toList();
  }

  /** An outer gap opens by its outer finger, the middle one by both: those must stand. */
  private static boolean canBeDone(List<Digit> bent, List<DigitPair> open) {
    boolean outerIndex = !open.contains(GAPS.get(0)) || !bent.contains(INDEX);
    boolean outerLittle = !open.contains(GAPS.get(2)) || !bent.contains(LITTLE);
    boolean middle = !open.contains(GAPS.get(1)) || !(bent.contains(MIDDLE) || bent.contains(RING));
    return outerIndex && outerLittle && middle;
  }

  static Stream<int[]> everyHand() {
    return IntStream.range(0, 16)
        .boxed()
        .flatMap(bent -> IntStream.range(0, 8).mapToObj(open -> new int[] {bent, open}));
  }

  @ParameterizedTest
  @MethodSource("everyHand")
  void whatAHandCanDoReadsBackAndWhatItCannotIsRefused(int[] masks) {
    List<Digit> bent = bent(masks[0]);
    List<DigitPair> open = open(masks[1]);
    if (!canBeDone(bent, open)) {
      assertThatThrownBy(() -> new FingerState(bent, open))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining("finger that stands");
      return;
    }
    FingerState state = new FingerState(bent, open);
    if (!bent.isEmpty() || !open.isEmpty()) {
      assertThat(FingerState.isMeant(state.text())).isTrue();
      assertThat(Keyframe.parse(state.text())).isEqualTo(state);
    }
  }

  @Test
  void isWrittenFromTheIndexFingerOnWhateverTheOrder() {
    FingerState state = new FingerState(List.of(LITTLE, RING, RING), List.of(GAPS.get(0)));
    assertThat(state.text()).isEqualTo("bend-ring-little part-index-middle");
    assertThat(state.stage()).isEqualTo(Keyframe.Stage.HAND);
  }

  @Test
  void severalGapsMayBeOpen() {
    assertThat(Keyframe.parse("part-index-middle part-ring-little"))
        .isEqualTo(new FingerState(List.of(), List.of(GAPS.get(0), GAPS.get(2))));
  }

  @ParameterizedTest
  @CsvSource({
    "bend-thumb, must be one of index",
    "bend-toe, 'finger (toe) must be one of index, middle, ring, little'",
    "bend-ring part-index, must name two fingers",
    "part-index-ring, must be one of index-middle",
    "bend-ring open-index-middle, must begin with bend- or part-"
  })
  void saysWhatItCouldNotRead(String text, String message) {
    assertThatThrownBy(() -> Keyframe.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(message);
  }

  @Test
  void twoHandsMayDoTwoDifferentThings() {
    Keyframe hands = Keyframe.parse("curl-index + bend-ring-little part-index-middle");
    assertThat(hands).isInstanceOf(TwoHands.class);
    assertThat(Keyframe.parse(hands.text())).isEqualTo(hands);
    TwoHands two = (TwoHands) hands;
    assertThat(two.one().text()).isEqualTo("CURL_INDEX");
    assertThat(two.other()).isInstanceOf(FingerState.class);
  }

  @ParameterizedTest
  @CsvSource({
    "curl-index + body-upright, BODY_UPRIGHT",
    "interlaced + flat, INTERLACED",
    "flat + palms-together, PALMS_TOGETHER"
  })
  void onlyPosesOfOneHandStandBesideEachOther(String text, String wrong) {
    assertThatThrownBy(() -> Keyframe.parse(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("(%s) must be a pose of one hand".formatted(wrong));
  }

  @Test
  void bothHandsFollowTheDigitsOfTheUnit() {
    TwoHands hands = (TwoHands) Keyframe.parse("curl-index + curl-index");
    assertThat(hands.forDigits(List.of(RING)).text()).isEqualTo("CURL_RING + CURL_RING");
    assertThat(hands.shows(List.of(RING))).isTrue();
  }

  @Test
  void aUnitIsShownOnlyWhereBothHandsHaveAFormForIt() {
    assertThat(Keyframe.parse("flat + curl-index").shows(List.of(INDEX, RING))).isTrue();
    assertThat(Keyframe.parse("flat + curl-index").shows(Digit.FINGERS)).isFalse();
    assertThat(Keyframe.parse("flat + flat").shows(Digit.FINGERS)).isTrue();
  }
}
