package org.nimblet.server.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.person.Person;
import org.nimblet.server.today.DayViews.AttentionView;
import org.nimblet.server.today.DayViews.CameView;
import org.nimblet.server.today.DayViews.DayView;
import org.nimblet.server.today.DayViews.Glance;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class TodayController {

  /** The most urgent reason first, then who missed most; otherwise by name. */
  private static final Comparator<RosterRow> WHO_NEEDS_A_WORD =
      Comparator.comparing(
              (RosterRow row) ->
                  row.attention().stream()
                      .map(AttentionView::rank)
                      .min(Comparator.naturalOrder())
                      .orElse(Integer.MAX_VALUE))
          .thenComparing(row -> -row.day().missed())
          .thenComparing(RosterRow::name);

  private final ClientFiles clients;
  private final Roster roster;
  private final DayViews days;
  private final DealingService dealing;
  private final Scope scope;
  private final Clock clock;

  TodayController(
      ClientFiles clients,
      Roster roster,
      DayViews days,
      DealingService dealing,
      Scope scope,
      Clock clock) {
    this.dealing = dealing;
    this.scope = scope;
    this.clients = clients;
    this.roster = roster;
    this.days = days;
    this.clock = clock;
  }

  /** The coach's day. */
  record TodayView(LocalDate date, List<RosterRow> rows) {}

  /**
   * One client in it.
   *
   * @param dealtWith reasons for a word that the coach has dealt with, or put off
   * @param came what they have done since yesterday, the latest first
   */
  record RosterRow(
      UUID clientId,
      String name,
      String occupation,
      DayView day,
      List<AttentionView> attention,
      List<AttentionView> dealtWith,
      List<CameView> came) {}

  /** All ribbons of a date; without one, each client's own today. */
  @GetMapping("/today")
  TodayView today(@RequestParam(required = false) LocalDate date) {
    List<ClientFile> all = clients.all();
    LocalDate shown =
        Optional.ofNullable(date)
            .orElseGet(
                () ->
                    all.stream()
                        .findFirst()
                        .map(client -> LocalDate.ofInstant(clock.instant(), client.zone()))
                        .orElseGet(() -> LocalDate.now(clock)));
    BiPredicate<ClientFile, UUID> dealtWith = dealing.dealtWith(scope.current().coachId());
    return new TodayView(
        shown,
        roster.glances(all, shown).stream()
            .map(glance -> row(glance, dealtWith))
            .sorted(WHO_NEEDS_A_WORD)
            .toList());
  }

  private static RosterRow row(Glance glance, BiPredicate<ClientFile, UUID> dealtWith) {
    Map<Boolean, List<AttentionView>> reasons =
        glance.attention().stream()
            .collect(
                Collectors.partitioningBy(reason -> dealtWith.test(glance.client(), reason.id())));
    return new RosterRow(
        glance.client().id(),
        glance.client().name(),
        glance.client().occupation(),
        glance.day(),
        reasons.get(false),
        reasons.get(true),
        glance.came());
  }

  /** One day of a client. */
  @GetMapping("/clients/{clientId}/day")
  DayView day(
      @PathVariable("clientId") Person person, @RequestParam(required = false) LocalDate date) {
    return days.day(person, Optional.ofNullable(date).orElseGet(person::today));
  }
}
