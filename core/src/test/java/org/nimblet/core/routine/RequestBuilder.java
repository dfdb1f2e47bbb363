package org.nimblet.core.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Abilities;
import org.nimblet.core.drill.Ability;
import org.nimblet.core.exercise.Discipline;
import org.nimblet.core.exercise.HandRole;
import org.nimblet.core.exercise.Method;
import org.nimblet.core.exercise.Pace;
import org.nimblet.core.exercise.Position;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.exercise.Thing;

/** A right-handed player of plucked strings with everything at hand, until something is changed. */
public final class RequestBuilder {

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private final Purpose purpose;
  private int seconds = 600;
  private Notation notation = Notation.NAMES;
  private Pace pace = Pace.USUAL;
  private Method method = Method.STEADY_HOLD;
  private Set<Position> positions = EnumSet.allOf(Position.class);
  private Set<Thing> things = EnumSet.allOf(Thing.class);
  private final List<Pain> pains = new ArrayList<>();
  private final List<Sign> signs = new ArrayList<>();
  private final List<Exclusion> exclusions = new ArrayList<>();
  private final List<KnownCondition> conditions = new ArrayList<>();
  private final List<Stop> stops = new ArrayList<>();
  private final Map<String, LocalDate> allowed = new HashMap<>();
  private List<Integer> weightGrams = List.of(500, 750, 1000);
  private Side dominant = Side.RIGHT;
  private Map<HandRole, Side> roles = Map.of(HandRole.FRETTING_HAND, Side.LEFT);
  private AgeGroup age = AgeGroup.ADULT;
  private Discipline discipline = Discipline.PLUCKED_STRINGS;
  private Set<Side> working = BOTH;
  private Set<Digit> digits = Set.of();
  private Recent recent = Recent.NOTHING;
  private Abilities abilities = Abilities.UNKNOWN;
  private Around around = Around.NOTHING;
  private final List<Step> pinned = new ArrayList<>();

  private RequestBuilder(Purpose purpose) {
    this.purpose = purpose;
  }

  public static RequestBuilder of(Purpose purpose) {
    return new RequestBuilder(purpose);
  }

  public static RequestBuilder warmUp() {
    return of(Purpose.WARM_UP);
  }

  public RequestBuilder seconds(int budget) {
    seconds = budget;
    return this;
  }

  public RequestBuilder notation(Notation other) {
    notation = other;
    return this;
  }

  public RequestBuilder pace(int breathsPerMinute) {
    pace = new Pace(breathsPerMinute);
    return this;
  }

  public RequestBuilder method(Method liked) {
    method = liked;
    return this;
  }

  public RequestBuilder positions(Set<Position> possible) {
    positions = possible;
    return this;
  }

  public RequestBuilder things(Set<Thing> owned) {
    things = owned;
    return this;
  }

  public RequestBuilder pain(Pain pain) {
    pains.add(pain);
    return this;
  }

  public RequestBuilder sign(Sign sign) {
    signs.add(sign);
    return this;
  }

  public RequestBuilder exclusion(Exclusion exclusion) {
    exclusions.add(exclusion);
    return this;
  }

  public RequestBuilder condition(KnownCondition condition) {
    conditions.add(condition);
    return this;
  }

  public RequestBuilder stop(Stop stop) {
    stops.add(stop);
    return this;
  }

  public RequestBuilder allowed(LocalDate on, String... ids) {
    List.of(ids).forEach(id -> allowed.put(id, on));
    return this;
  }

  public RequestBuilder weights(Integer... grams) {
    weightGrams = List.of(grams);
    return this;
  }

  public RequestBuilder dominant(Side side) {
    dominant = side;
    return this;
  }

  public RequestBuilder roles(Map<HandRole, Side> other) {
    roles = other;
    return this;
  }

  public RequestBuilder age(AgeGroup group) {
    age = group;
    return this;
  }

  /** Another discipline, with its usual hands. */
  public RequestBuilder discipline(Discipline other) {
    discipline = other;
    roles = HandRole.usual(other, working, dominant);
    return this;
  }

  public RequestBuilder working(Set<Side> sides, Set<Digit> carrying) {
    working = sides;
    digits = carrying;
    return this;
  }

  public RequestBuilder recent(Recent lately) {
    recent = lately;
    return this;
  }

  public RequestBuilder daysSince(Map<String, Integer> days) {
    return recent(Recent.of(days));
  }

  public RequestBuilder abilities(Ability each) {
    abilities = new Abilities(each, each);
    return this;
  }

  public RequestBuilder around(Around other) {
    around = other;
    return this;
  }

  public RequestBuilder minutesToPlay(int minutes) {
    return around(new Around(false, OptionalInt.of(minutes), false));
  }

  public RequestBuilder pinned(Step... steps) {
    pinned.addAll(List.of(steps));
    return this;
  }

  public RoutineRequest build() {
    return new RoutineRequest(
        seconds,
        new ClientFacts(
            dominant,
            notation,
            pace,
            method,
            positions,
            things,
            weightGrams,
            new Health(pains, signs, stops, exclusions, allowed, conditions, age),
            abilities),
        new HandUse(Set.of(discipline), working, roles, digits),
        Weights.forRoutine(
            purpose,
            List.of(new Weights.Share(Weights.ofActivity(discipline, working, digits), 300))),
        recent,
        around,
        pinned);
  }
}
