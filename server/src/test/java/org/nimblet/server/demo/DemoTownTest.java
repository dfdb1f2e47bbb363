package org.nimblet.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nimblet.server.demo.DemoTown.Person;
import org.nimblet.server.demo.DemoTown.Slot;

/** The invented people must be possible people. */
class DemoTownTest {

  static Stream<Person> people() {
    return DemoTown.PEOPLE.stream();
  }

  private static List<Slot> slots(Person person, DayOfWeek day) {
    return Stream.concat(
            person.habits().stream().flatMap(habit -> habit.slots().stream()),
            person.busy().stream())
        .filter(slot -> slot.days().contains(day))
        .sorted((a, b) -> a.startsAt().compareTo(b.startsAt()))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("people")
  void nobodyIsInTwoPlacesAtOnce(Person person) {
    for (DayOfWeek day : DayOfWeek.values()) {
      LocalTime free = LocalTime.parse(person.wakes());
      for (Slot slot : slots(person, day)) {
        assertThat(slot.startsAt()).as("%s on %s", person.name(), day).isAfterOrEqualTo(free);
        assertThat(slot.endsAt()).isAfter(slot.startsAt());
        free = slot.endsAt();
      }
    }
  }

  @ParameterizedTest
  @MethodSource("people")
  void everybodyHasSomethingEveryDay(Person person) {
    assertThat(DayOfWeek.values())
        .as(person.name())
        .allSatisfy(day -> assertThat(slots(person, day)).isNotEmpty());
  }

  @Test
  void theFourStoriesAreThere() {
    assertThat(DemoTown.PEOPLE).hasSize(4);
    assertThat(DemoTown.PEOPLE).filteredOn(person -> person.sign().isPresent()).hasSize(1);
    assertThat(DemoTown.PEOPLE).filteredOn(person -> person.missedLately() >= 2).hasSize(1);
    assertThat(DemoTown.PEOPLE)
        .filteredOn(
            person ->
                person.pain().levels().get(person.pain().levels().size() - 1)
                        - person.pain().levels().get(0)
                    >= 2)
        .hasSize(1);
  }

  @Test
  void addressesAreOfNoRealDomain() {
    assertThat(DemoTown.PEOPLE)
        .allSatisfy(
            person -> assertThat(person.email().orElse("x@y.example")).endsWith(".example"));
  }
}
