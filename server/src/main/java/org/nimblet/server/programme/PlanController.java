package org.nimblet.server.programme;

import java.util.UUID;
import org.nimblet.server.person.People;
import org.nimblet.server.person.Person;
import org.nimblet.server.programme.PlanForms.AgreementView;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The weeks ahead, fitted. */
@RestController
@RequestMapping("/api/clients/{clientId}/plan")
class PlanController {

  private final People people;
  private final PlanService plans;

  PlanController(People people, PlanService plans) {
    this.people = people;
    this.plans = plans;
  }

  /** Fits the weeks ahead and keeps the result as agreed. */
  @PostMapping
  AgreementView agree(@PathVariable UUID clientId) {
    Person person = people.require(clientId);
    return PlanViews.agreement(person, plans.agree(person.client()));
  }
}
