package org.nimblet.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class DisciplineTest {

  @ParameterizedTest
  @CsvSource({
    "'lever harp, festival in some weeks', PLUCKED_STRINGS",
    "guitarist, PLUCKED_STRINGS",
    "bass guitar, PLUCKED_STRINGS",
    "'Violinist, second desk', BOWED_STRINGS",
    "double bass in a trio, BOWED_STRINGS",
    "cellist, BOWED_STRINGS",
    "'concertina, back after a break', KEYBOARD_INSTRUMENT",
    "harpsichord, KEYBOARD_INSTRUMENT",
    "pianist and teacher, KEYBOARD_INSTRUMENT",
    "bassoon, WINDS",
    "french horn, WINDS",
    "drummer in a function band, PERCUSSION",
    "live captioning, TYPING",
    "wood carver, MANUAL_WORK",
    "plays on a console, CONTROLLER",
    "on the phone all day, PHONE",
    "climbs and goes to the gym, TRAINING"
  })
  void isUnderstoodFromWhatSomebodyDoes(String spoken, Discipline discipline) {
    assertThat(Discipline.spokenOf(spoken)).contains(discipline);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "retired",
        "likes long walks",
        "???",
        "a pension and bowling",
        "organises things"
      })
  void isAskedForWhereNobodyCanTell(String spoken) {
    assertThat(Discipline.spokenOf(spoken)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource
  void isFoundByTheLongestOfItsOwnWords(Discipline discipline) {
    String[] names = discipline.alsoCalled().split(", ");
    assertThat(names)
        .anySatisfy(name -> assertThat(Discipline.spokenOf(name)).contains(discipline));
  }
}
