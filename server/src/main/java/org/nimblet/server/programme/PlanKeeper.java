package org.nimblet.server.programme;

import java.util.List;
import org.nimblet.server.client.ClientFile;
import org.nimblet.server.client.ClientFiles;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Carries the plans on as the days pass, so that the weeks ahead are always agreed. One server at a
 * time does it, whoever has the database's lock.
 */
@Component
class PlanKeeper {

  private static final Logger LOG = LoggerFactory.getLogger(PlanKeeper.class);
  private static final long LOCK = 5_100_042L;
  private static final long HOURS_6 = 6L * 60 * 60 * 1000;

  private final Programmes programmes;
  private final PlanService plans;
  private final ClientFiles clients;
  private final JdbcClient jdbc;
  private final TransactionTemplate own;

  PlanKeeper(
      Programmes programmes,
      PlanService plans,
      ClientFiles clients,
      JdbcClient jdbc,
      PlatformTransactionManager transactions) {
    this.programmes = programmes;
    this.plans = plans;
    this.clients = clients;
    this.jdbc = jdbc;
    this.own = new TransactionTemplate(transactions);
    this.own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
  }

  @EventListener(ApplicationReadyEvent.class)
  @Scheduled(fixedDelay = HOURS_6, initialDelay = HOURS_6)
  @Transactional
  void carryOn() {
    boolean mine =
        jdbc.sql("select pg_try_advisory_xact_lock(?)").param(LOCK).query(Boolean.class).single();
    if (!mine) {
      return;
    }
    List<Programme> running = programmes.findByEndedAtNullOrderByClientIdAsc();
    clients
        .forBackgroundWork(running.stream().map(programme -> programme.clientId).toList())
        .forEach(this::carryOn);
  }

  /** What cannot be planned for one client keeps nobody else from their plan. */
  private void carryOn(ClientFile client) {
    try {
      own.executeWithoutResult(status -> plans.agree(client));
    } catch (RuntimeException e) {
      LOG.warn("The plan of client {} could not be carried on.", client.id(), e);
    }
  }
}
