package org.nimblet.server.session;

import java.time.Clock;
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
   * Keeps a word; what was said before stays in the log.
   *
   * @param rung the rung it names, 0 if it names none
   */
  @Transactional
  public void say(
      ClientFile client,
      String exerciseId,
      Set<Side> sides,
      Overruling.Word word,
      int rung,
      String reason) {
    SaidOfRungs said = new SaidOfRungs();
    said.id = UUID.randomUUID();
    said.coachId = client.coachId();
    said.clientId = client.id();
    said.exerciseId = exerciseId;
    said.at = clock.instant();
    said.sides = Set.copyOf(sides);
    said.word = word;
    said.rung = rung;
    said.reason = reason.strip();
    words.saveAndFlush(said);
    events.publishEvent(new PersonChanged(client));
  }
}
