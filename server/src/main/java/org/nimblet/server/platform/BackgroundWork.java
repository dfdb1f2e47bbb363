package org.nimblet.server.platform;

import java.util.Collection;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Work that nobody waits for. One server at a time does a task, whoever has the database's lock;
 * and what fails for one thing keeps no other from its turn.
 */
@Component
public class BackgroundWork {

  private static final Logger LOG = LoggerFactory.getLogger(BackgroundWork.class);

  private final JdbcClient jdbc;
  private final TaskExecutor executor;
  private final TransactionTemplate around;
  private final TransactionTemplate each;

  BackgroundWork(
      JdbcClient jdbc,
      PlatformTransactionManager transactions,
      @Qualifier("applicationTaskExecutor") TaskExecutor executor) {
    this.jdbc = jdbc;
    this.executor = executor;
    this.around = new TransactionTemplate(transactions);
    this.each = new TransactionTemplate(transactions);
    this.each.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
  }

  /** A task of which only one server at a time does any. */
  public enum Task {
    CARRY_PLANS_ON,
    FORGET_PRACTICES,
    READ_CALENDARS,
    REMIND,
    SEND_MAIL
  }

  /** Does something at once, but so that nobody waits for it. */
  public void soon(Runnable work) {
    executor.execute(work);
  }

  /** Does the task if no other server is at it. */
  public void alone(Task task, Runnable work) {
    around.executeWithoutResult(
        status -> {
          // The lock's number has to be the same on every server and of no other use.
          boolean mine =
              jdbc.sql("select pg_try_advisory_xact_lock(hashtextextended(?, 0))")
                  .param("nimblet " + task)
                  .query(Boolean.class)
                  .single();
          if (mine) {
            work.run();
          }
        });
  }

  /** Does something for each thing in a transaction of its own; a failure is logged. */
  public <T> void each(Task task, Collection<T> things, Function<T, UUID> id, Consumer<T> work) {
    for (T thing : things) {
      try {
        each.executeWithoutResult(status -> work.accept(thing));
      } catch (RuntimeException e) {
        LOG.warn("{} failed for {}.", task, id.apply(thing), e);
      }
    }
  }
}
