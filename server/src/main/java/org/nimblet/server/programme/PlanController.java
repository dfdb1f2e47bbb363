package org.nimblet.server.programme;

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

  private final PlanService plans;

  PlanController(PlanService plans) {
    this.plans = plans;
  }

  /** Fits the weeks ahead and keeps the result as agreed. */
  @PostMapping
  AgreementView agree(@PathVariable("clientId") Person person) {
    return PlanViews.agreement(person, plans.agree(person.client()));
  }
}
