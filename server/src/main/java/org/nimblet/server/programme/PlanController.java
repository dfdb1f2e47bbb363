package org.nimblet.server.programme;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.AgreementView;
import org.nimblet.server.programme.PlanForms.PinForm;
import org.nimblet.server.programme.PlanForms.PlanView;
import org.nimblet.server.programme.PlanForms.PreviewForm;
import org.nimblet.server.programme.PlanService.Change;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where the sessions of a week are, why, and what would be if something moved. */
@RestController
@RequestMapping("/api/clients/{clientId}/plan")
class PlanController {

  private final People people;
  private final PlanService plans;

  PlanController(People people, PlanService plans) {
    this.people = people;
    this.plans = plans;
  }

  @GetMapping
  PlanView plan(@PathVariable UUID clientId, @RequestParam(required = false) LocalDate date) {
    Person person = people.require(clientId);
    LocalDate monday = PlanService.monday(Optional.ofNullable(date).orElseGet(person::today));
    return PlanViews.of(person, monday, plans.plan(person, monday, 1, Change.NONE));
  }

  /** Nothing is stored: what would move and what would no longer fit. */
  @PostMapping("/preview")
  PlanView preview(@PathVariable UUID clientId, @Valid @RequestBody PreviewForm form) {
    Person person = people.require(clientId);
    LocalDate monday = PlanService.monday(form.date());
    return PlanViews.of(
        person, monday, plans.plan(person, monday, 1, plans.change(person.client(), form)));
  }

  /** Fits the weeks ahead and keeps the result as agreed. */
  @PostMapping
  AgreementView agree(@PathVariable UUID clientId) {
    Person person = people.require(clientId);
    return PlanViews.agreement(person, plans.agree(person.client()));
  }

  /** Puts a session somewhere, leaves it to the plan again, or leaves it out. */
  @PostMapping("/pins")
  PlanView pin(@PathVariable UUID clientId, @Valid @RequestBody PinForm form) {
    plans.pin(people.require(clientId), form);
    return plan(clientId, form.date());
  }
}
