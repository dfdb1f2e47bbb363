package org.nimblet.server.workshop;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.nimblet.core.anatomy.Notation;
import org.nimblet.core.drill.Drilling;
import org.nimblet.core.drill.PatternWords;
import org.nimblet.core.drill.Refit;
import org.nimblet.server.account.Scope;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.workshop.WorkshopForms.DifficultiesView;
import org.nimblet.server.workshop.WorkshopForms.FitLineView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the clients of a coach tried, beside the difficulties that are worked out from movements;
 * and what of it the coach took over.
 */
@Service
public class DifficultyService {

  /** A table says what departs most; the rest is as it should be (ours). */
  private static final int MOST_LINES = 24;

  private final DifficultyFits fits;
  private final DrillTries tries;
  private final ClientFiles clients;
  private final Scope scope;
  private final Clock clock;

  DifficultyService(
      DifficultyFits fits, DrillTries tries, ClientFiles clients, Scope scope, Clock clock) {
    this.fits = fits;
    this.tries = tries;
    this.clients = clients;
    this.scope = scope;
    this.clock = clock;
  }

  /** How the roster's tries stand beside the starting values. */
  @Transactional(readOnly = true)
  public DifficultiesView view() {
    UUID coachId = scope.coachId();
    Map<String, Double> taken = shifts(coachId);
    Optional<Refit> refit = refit(coachId);
    PatternWords words = new PatternWords(Notation.NAMES);
    return new DifficultiesView(
        tries.countByCoachId(coachId),
        Refit.LEAST_TRIES,
        !taken.isEmpty(),
        refit.stream()
            .flatMap(fit -> fit.lines().stream())
            .limit(MOST_LINES)
            .map(
                line ->
                    new FitLineView(
                        line.pattern().id(),
                        words.title(line.pattern()),
                        words.doing(line.pattern()),
                        line.from(),
                        line.from() + line.shift(),
                        line.tries()))
            .toList());
  }

  /**
   * Takes over what the tries say now.
   *
   * @throws InvalidFieldException if there are too few
   */
  @Transactional
  public void takeOver() {
    UUID coachId = scope.coachId();
    Refit refit =
        refit(coachId)
            .orElseThrow(
                () ->
                    new InvalidFieldException(
                        "tries",
                        "(%d) must be at least %d."
                            .formatted(tries.countByCoachId(coachId), Refit.LEAST_TRIES)));
    DifficultyFit fit = fits.findById(coachId).orElseGet(DifficultyFit::new);
    fit.coachId = coachId;
    fit.shifts = refit.shifts();
    fit.tries = refit.tries();
    fit.takenAt = clock.instant();
    fits.save(fit);
  }

  /** Back to the starting values. */
  @Transactional
  public void putBack() {
    fits.deleteById(scope.coachId());
  }

  /** By how much patterns are harder for the clients of a coach than their movements say. */
  Map<String, Double> shifts(UUID coachId) {
    return fits.findById(coachId).map(fit -> fit.shifts).orElse(Map.of());
  }

  private Optional<Refit> refit(UUID coachId) {
    Map<UUID, ClientFile> files =
        clients.all().stream().collect(Collectors.toMap(ClientFile::id, file -> file));
    Map<UUID, List<DrillTry>> byClient =
        tries.findByCoachIdOrderByTriedAtAscIdAsc(coachId).stream()
            .filter(row -> files.containsKey(row.clientId))
            .collect(Collectors.groupingBy(row -> row.clientId));
    return Refit.of(
        byClient.entrySet().stream()
            .map(
                own ->
                    Drilling.of(
                        files.get(own.getKey()).dominantHand(),
                        WorkshopService.read(own.getValue(), files.get(own.getKey()))))
            .toList());
  }
}
