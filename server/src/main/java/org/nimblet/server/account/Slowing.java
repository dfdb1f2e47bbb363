package org.nimblet.server.account;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.nimblet.server.platform.NimbletSettings;
import org.nimblet.server.platform.Secrets;
import org.nimblet.server.platform.TooManyTriesException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * How often somebody may try: so many times for one account, and for one place of the network, on
 * all servers together. Whether there is such an account makes no difference.
 */
@Component
class Slowing {

  private static final int MOST_AT_ONCE = 1000;

  private final PostgreSQLSelectForUpdateBasedProxyManager<String> buckets;
  private final BucketConfiguration ofAccount;
  private final BucketConfiguration ofPlace;

  Slowing(DataSource database, NimbletSettings settings) {
    NimbletSettings.Account account = settings.account();
    this.buckets =
        Bucket4jPostgreSQL.selectForUpdateBasedBuilder(database)
            .table("try_bucket")
            .primaryKeyMapper(PrimaryKeyMapper.STRING)
            .expirationAfterWrite(
                ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(
                    Duration.ofMinutes(1)))
            .build();
    this.ofAccount = limit(account.tries(), account.triesWithin());
    this.ofPlace = limit(account.triesOfAPlace(), account.triesWithin());
  }

  private static BucketConfiguration limit(int tries, Duration within) {
    return BucketConfiguration.builder()
        .addLimit(Bandwidth.builder().capacity(tries).refillIntervally(tries, within).build())
        .build();
  }

  /** What is tried: each has its own count. */
  enum What {
    SIGN_IN,
    CODE,
    RESET,
    LINK
  }

  /** One try, counted when it begins, so that many at once do not slip through. */
  record Try(Bucket account, Bucket place) {
    /** It was right: the account begins anew, and the place has its try back. */
    void wasRight() {
      account.reset();
      place.addTokens(1);
    }
  }

  /**
   * Counts a try.
   *
   * @param whom whose account, by whatever it is called
   * @param from where in the network it comes from
   * @throws TooManyTriesException if it is one too many
   */
  Try begin(What what, String whom, String from) {
    Bucket place = bucket(what, "place " + from, ofPlace);
    Bucket account =
        bucket(what, "account " + Secrets.hash(whom.toLowerCase(Locale.ROOT)), ofAccount);
    take(place);
    take(account);
    return new Try(account, place);
  }

  private Bucket bucket(What what, String whose, BucketConfiguration limit) {
    return buckets.builder().build(what + " " + whose, () -> limit);
  }

  private static void take(Bucket bucket) {
    ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
    if (!probe.isConsumed()) {
      throw new TooManyTriesException(Duration.ofNanos(probe.getNanosToWaitForRefill()));
    }
  }

  /** Forgets what has been counted and is over. */
  @Scheduled(fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
  void forget() {
    buckets.removeExpired(MOST_AT_ONCE);
  }
}
