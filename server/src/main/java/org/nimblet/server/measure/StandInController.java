package org.nimblet.server.measure;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.DrillLength;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.measure.Tap;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.measure.TapForms.TapTaskForm;
import org.nimblet.server.person.Person;
import org.nimblet.server.standin.StandInHands;
import org.nimblet.server.workshop.WorkshopService;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What simulated hands would tap and lift: they stand in for real ones where those are missing. */
@RestController
@RequestMapping("/api/clients/{clientId}/stand-in")
@ConditionalOnProperty("nimblet.stand-in.runs")
@Hidden
class StandInController {

  private static final String SEED_RULE = "0 to 999999.";
  private static final double MILLIS_A_MINUTE = 60_000;

  private final TapService taps;
  private final LiftService lifts;
  private final WorkshopService workshop;

  StandInController(TapService taps, LiftService lifts, WorkshopService workshop) {
    this.taps = taps;
    this.lifts = lifts;
    this.workshop = workshop;
  }

  /**
   * Hands that are asked for.
   *
   * @param evenness spread of their clock, percent
   * @param tapsAMinute at their own pace
   * @param leak how likely the little finger comes along with the ring finger, percent
   */
  record HandsForm(
      @Min(value = 0, message = "0 to 50 %.") @Max(value = 50, message = "0 to 50 %.") int evenness,
      @Min(value = 20, message = "20 to 960.") @Max(value = 960, message = "20 to 960.")
          int tapsAMinute,
      @Min(value = 0, message = "0 to 100 %.") @Max(value = 100, message = "0 to 100 %.") int leak,
      @Min(value = 0, message = SEED_RULE) @Max(value = 999_999, message = SEED_RULE) int seed) {
    StandInHands hands() {
      return new StandInHands(evenness, tapsAMinute, leak / 100.0, seed);
    }
  }

  /** A tap that simulated hands make. */
  record SimulatedTapView(Side side, Digit digit, double at, int velocity) {
    private static SimulatedTapView of(Tap tap) {
      return new SimulatedTapView(
          tap.side(), tap.digit(), tap.atMillis(), tap.velocity().orElse(1));
    }
  }

  /** A drill of a round as it is done. */
  record DrillForm(
      @NotNull(message = "The name of a pattern.") String pattern,
      Side hand,
      @Min(value = DrillTempo.LEAST, message = "20 to 240 changes a minute.")
          @Max(value = DrillTempo.GREATEST, message = "20 to 240 changes a minute.")
          int aMinute,
      @Min(value = 1, message = "1 to 112 changes.")
          @Max(value = DrillLength.MOST_CHANGES, message = "1 to 112 changes.")
          int changes) {}

  /** What comes up when a finger is asked for. */
  record SimulatedLiftView(Side side, Digit asked, List<Digit> cameUp) {}

  @GetMapping("/taps")
  List<SimulatedTapView> taps(
      @PathVariable("clientId") Person person,
      @ParameterObject @Valid TapTaskForm task,
      @ParameterObject @Valid HandsForm hands) {
    return hands.hands().taps(taps.asked(person, task)).stream().map(SimulatedTapView::of).toList();
  }

  /** What they tap in a drill that keys can judge, since its first change. */
  @GetMapping("/drill")
  List<SimulatedTapView> drill(
      @PathVariable("clientId") ClientFile client,
      @ParameterObject @Valid DrillForm drill,
      @ParameterObject @Valid HandsForm hands) {
    return hands
        .hands()
        .taps(
            workshop.wanted(drill.pattern(), drill.hand(), drill.aMinute(), drill.changes()),
            MILLIS_A_MINUTE / drill.aMinute())
        .stream()
        .map(SimulatedTapView::of)
        .toList();
  }

  /**
   * What comes up when the fingers are asked for.
   *
   * @param order the seed of the task
   */
  @GetMapping("/lifts")
  List<SimulatedLiftView> lifts(
      @PathVariable("clientId") Person person,
      @RequestParam Optional<Side> side,
      @RequestParam(defaultValue = "false") boolean thumb,
      @RequestParam @Min(value = 0, message = SEED_RULE) @Max(value = 999_999, message = SEED_RULE)
          int order,
      @ParameterObject @Valid HandsForm hands) {
    StandInHands simulated = hands.hands();
    List<SimulatedLiftView> all = new ArrayList<>();
    for (LiftForms.AskView ask : lifts.task(person, side, thumb, order).asks()) {
      all.add(
          new SimulatedLiftView(
              ask.side(),
              ask.digit(),
              simulated.lift(ask.digit(), all.size()).stream().sorted().toList()));
    }
    return all;
  }
}
