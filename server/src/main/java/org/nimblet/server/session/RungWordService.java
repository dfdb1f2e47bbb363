package org.nimblet.server.session;

import java.time.Clock;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.progress.Overruling;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.PersonChanged;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what a coach says about the rungs of an exercise. */
@Service
public class RungWordService {

  private final RungWords words;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  RungWordService(RungWords words, ApplicationEventPublisher events, Clock clock) {
    this.words = words;
    this.events = events;
    this.clock = clock;
  }

  /**
   * A word about some sides of an exercise.
   *
   * @param rung the rung it names, 0 if it names none
   */
  public record RungWord(
      String exerciseId, Set<Side> sides, Overruling.Word word, int rung, String reason) {}

  /** Keeps some words; what was said before stays in the log. */
  @Transactional
  public void say(ClientFile client, Collection<RungWord> all) {
    for (RungWord one : all) {
      SaidOfRungs said = new SaidOfRungs();
      said.id = UUID.randomUUID();
      said.coachId = client.coachId();
      said.clientId = client.id();
      said.exerciseId = one.exerciseId();
      said.at = clock.instant();
      said.sides = Set.copyOf(one.sides());
      said.word = one.word();
      said.rung = one.rung();
      said.reason = one.reason().strip();
      words.save(said);
    }
    words.flush();
    events.publishEvent(new PersonChanged(client));
  }
}
