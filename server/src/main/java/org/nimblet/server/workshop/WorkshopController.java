package org.nimblet.server.workshop;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import org.nimblet.core.anatomy.Digit;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.drill.Circle;
import org.nimblet.core.drill.DrillTempo;
import org.nimblet.core.measure.MeasuredDrill;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.person.Person;
import org.nimblet.server.platform.TwoAtOnce;
import org.nimblet.server.workshop.WorkshopForms.ClaspsView;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundForm;
import org.nimblet.server.workshop.WorkshopForms.DrillRoundView;
import org.nimblet.server.workshop.WorkshopForms.DrilledRoundForm;
import org.nimblet.server.workshop.WorkshopForms.FollowedForm;
import org.nimblet.server.workshop.WorkshopForms.JudgementForm;
import org.nimblet.server.workshop.WorkshopForms.JudgementView;
import org.nimblet.server.workshop.WorkshopForms.PatternView;
import org.nimblet.server.workshop.WorkshopForms.PatternsView;
import org.nimblet.server.workshop.WorkshopForms.PressForm;
import org.nimblet.server.workshop.WorkshopForms.RowForm;
import org.nimblet.server.workshop.WorkshopForms.RowView;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The workshop of a client. */
@RestController
@RequestMapping("/api/clients/{clientId}/workshop")
class WorkshopController {

  private final WorkshopService service;
  private final DrilledRounds rounds;

  WorkshopController(WorkshopService service, DrilledRounds rounds) {
    this.service = service;
    this.rounds = rounds;
  }

  @GetMapping("/patterns")
  PatternsView patterns(
      @PathVariable("clientId") Person person,
      @RequestParam Side hand,
      @RequestParam(defaultValue = "" + DrillTempo.FIRST)
          @Min(value = WorkshopForms.LEAST_A_MINUTE, message = WorkshopForms.A_MINUTE_RULE)
          @Max(value = WorkshopForms.GREATEST_A_MINUTE, message = WorkshopForms.A_MINUTE_RULE)
          int aMinute) {
    return service.patterns(person, hand, aMinute);
  }

  @GetMapping("/pattern")
  PatternView pattern(
      @PathVariable("clientId") Person person,
      @RequestParam String pattern,
      @RequestParam Side hand,
      @RequestParam(defaultValue = "" + DrillTempo.FIRST)
          @Min(value = WorkshopForms.LEAST_A_MINUTE, message = WorkshopForms.A_MINUTE_RULE)
          @Max(value = WorkshopForms.GREATEST_A_MINUTE, message = WorkshopForms.A_MINUTE_RULE)
          int aMinute) {
    return service.pattern(person, pattern, hand, aMinute);
  }

  /** A round to be drilled now; nothing is kept before something was tried. */
  @PostMapping("/drills")
  DrillRoundView round(
      @PathVariable("clientId") Person person, @Valid @RequestBody DrillRoundForm form) {
    return service.round(person, form);
  }

  /** Sent again as often as the device likes; the identifier of the round is the key. */
  @PostMapping("/rounds")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody DrilledRoundForm form) {
    TwoAtOnce.settle(() -> rounds.keep(client, form));
  }

  @GetMapping("/row")
  RowView row(@PathVariable("clientId") Person person, @ParameterObject @Valid RowForm form) {
    return WorkshopViews.row(form, person);
  }

  /** A row that is shown and done again, one tap longer each time. */
  @GetMapping("/follow-me")
  List<Digit> followMe(
      @PathVariable("clientId") ClientFile client,
      @RequestParam boolean thumb,
      @RequestParam
          @Min(value = 0, message = WorkshopForms.SEED_RULE)
          @Max(value = WorkshopForms.GREATEST_SEED, message = WorkshopForms.SEED_RULE)
          int seed) {
    return Circle.followMe(
        thumb ? List.of(Digit.values()) : Digit.FINGERS, seed, WorkshopForms.LONGEST_ROW);
  }

  /** A row that was done again on keys, judged by them. */
  @PostMapping("/follow-me")
  JudgementView judgeFollowed(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody FollowedForm form) {
    return JudgementView.of(
        MeasuredDrill.ofRow(form.row(), form.hand(), form.bpm(), PressForm.taps(form.presses())));
  }

  /** A drill that was done on keys, judged by them. */
  @PostMapping("/judgements")
  JudgementView judge(
      @PathVariable("clientId") ClientFile client, @Valid @RequestBody JudgementForm form) {
    return service.judge(form);
  }

  /** The orders in which four fingers can follow one another. */
  @GetMapping("/orders")
  List<List<Digit>> orders(@PathVariable("clientId") ClientFile client) {
    return Circle.orders(Digit.FINGERS);
  }

  @GetMapping("/clasps")
  ClaspsView clasps(@PathVariable("clientId") ClientFile client) {
    return WorkshopViews.clasps();
  }
}
