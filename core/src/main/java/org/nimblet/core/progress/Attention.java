package org.nimblet.core.progress;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.routine.Exclusion;
import org.nimblet.core.routine.SafetyRules;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.routine.Sign;
import org.nimblet.core.routine.Stop;

/** A reason for a coach to have a word with a client, the most urgent kind first. */
public sealed interface Attention {

  /** How urgent it is. */
  Urgency urgency();

  /** The kinds, the most urgent first; of one urgency in the order in which they are settled. */
  List<Class<? extends Attention>> ORDER =
      List.of(
          Stopped.class,
          Alarming.class,
          Signed.class,
          PainUp.class,
          KeptOut.class,
          PainStays.class,
          Missed.class,
          HoursJumped.class,
          WaitsForTheCoach.class,
          ReviewDue.class,
          HeldForLong.class,
          ReadyToStepUp.class,
          NothingPlanned.class);

  /** Its place among all kinds, 0 for the most urgent. */
  default int rank() {
    return ORDER.indexOf(getClass());
  }

  /** A heading of a few words. */
  String heading();

  /** What happened, as one or two sentences. */
  String sentence();

  /** Where it is settled. */
  default Place place() {
    return Place.HANDS;
  }

  /** The tab of a client on which something is settled. */
  enum Place {
    HANDS,
    PROGRAMME,
    WEEK,
    LOG,
    PROGRESS
  }

  /** How urgent something is. */
  enum Urgency {
    STOP,
    WARN,
    NOTE
  }

  /**
   * A session of today was ended for safety.
   *
   * @param signed whether a referral sign stands there as well, so that a clinician comes first
   */
  record Stopped(Stop stop, boolean signed) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.STOP;
    }

    @Override
    public String heading() {
      return "Stopped for safety";
    }

    @Override
    public String sentence() {
      return "%s: %s. Advised to see a doctor, hand therapist or physiotherapist %s."
          .formatted(
              capital(stop.place()),
              stop.words(),
              signed ? "before anything strong is done there" : "if it stays");
    }
  }

  /** Something was told that would end a session, or did on another day. */
  record Alarming(Side side, Region region, int level, Optional<Sensation> sensation)
      implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.STOP;
    }

    @Override
    public String heading() {
      return level >= SafetyRules.ENDING_PAIN
          ? "Strong pain"
          : capital(sensation.map(Sensation::word).orElse("pain")) + ", told";
    }

    @Override
    public String sentence() {
      return "%s %s, %d of 10. Advised to see a doctor, hand therapist or physiotherapist."
          .formatted(capital(side.word()), region.word(), level);
    }
  }

  /** A referral sign that no clinician has cleared. */
  record Signed(Sign sign) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.STOP;
    }

    @Override
    public String heading() {
      return "Referral sign";
    }

    @Override
    public String sentence() {
      return "%s, %s. %s".formatted(capital(sign.sign().word()), sign.place(), sign.consequence());
    }
  }

  /** Something is kept out of work on a clinician's word. */
  record KeptOut(Exclusion exclusion) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.STOP;
    }

    @Override
    public String heading() {
      return "Left out";
    }

    @Override
    public String sentence() {
      return "%s stays out: %s".formatted(exclusion.subject().name(), exclusion.reason());
    }
  }

  /** Pain of a region went up. */
  record PainUp(Side side, Region region, int before, int now) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.STOP;
    }

    @Override
    public String heading() {
      return "Pain up";
    }

    @Override
    public String sentence() {
      return "%s %s: %d → %d of 10.".formatted(capital(side.word()), region.word(), before, now);
    }
  }

  /** A place hurts on two days running, without rising. */
  record PainStays(Side side, Region region, int level) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.WARN;
    }

    @Override
    public String heading() {
      return "Pain two days running";
    }

    @Override
    public String sentence() {
      return "%s %s, %d of 10.".formatted(capital(side.word()), region.word(), level);
    }
  }

  /** Many more hours than usual lie behind. */
  record HoursJumped(int minutes, int usualMinutes) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.WARN;
    }

    @Override
    public Place place() {
      return Place.WEEK;
    }

    @Override
    public String heading() {
      return "A jump in hours";
    }

    @Override
    public String sentence() {
      return "%s h in the last %d days, usually %s h."
          .formatted(hours(minutes), AttentionRules.DAYS, hours(usualMinutes));
    }

    private static String hours(int minutes) {
      return String.valueOf(Math.round(minutes / 60.0));
    }
  }

  /** The programme is to be looked at. */
  record ReviewDue(long days) implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.NOTE;
    }

    @Override
    public Place place() {
      return Place.PROGRESS;
    }

    @Override
    public String heading() {
      return "Review due";
    }

    @Override
    public String sentence() {
      return days == 0
          ? "The programme is to be looked at today."
          : "The programme was to be looked at %d %s ago."
              .formatted(days, days == 1 ? "day" : "days");
    }
  }

  /** Something stays out until the coach allows it again. */
  record WaitsForTheCoach(List<String> exercises) implements Attention {
    /** Copies the titles. */
    public WaitsForTheCoach {
      exercises = List.copyOf(exercises);
    }

    @Override
    public Urgency urgency() {
      return Urgency.WARN;
    }

    @Override
    public Place place() {
      return Place.PROGRESS;
    }

    @Override
    public String heading() {
      return "Waits for you";
    }

    @Override
    public String sentence() {
      return named(exercises) + ": stopped or paused until you allow it again.";
    }
  }

  /** Something has held so often that somebody should look. */
  record HeldForLong(List<String> exercises) implements Attention {
    /** Copies the titles. */
    public HeldForLong {
      exercises = List.copyOf(exercises);
    }

    @Override
    public Urgency urgency() {
      return Urgency.NOTE;
    }

    @Override
    public Place place() {
      return Place.PROGRESS;
    }

    @Override
    public String heading() {
      return "Held for long";
    }

    @Override
    public String sentence() {
      return "%s: no step for %d times running."
          .formatted(named(exercises), ProgressRules.HOLDS_TO_TELL);
    }
  }

  /** One more time that goes well, and there is a step. */
  record ReadyToStepUp(List<String> exercises) implements Attention {
    /** Copies the titles. */
    public ReadyToStepUp {
      exercises = List.copyOf(exercises);
    }

    @Override
    public Urgency urgency() {
      return Urgency.NOTE;
    }

    @Override
    public Place place() {
      return Place.PROGRESS;
    }

    @Override
    public String heading() {
      return "Ready to step up";
    }

    @Override
    public String sentence() {
      return named(exercises) + ".";
    }
  }

  /** Nothing is planned. */
  record NothingPlanned() implements Attention {
    @Override
    public Urgency urgency() {
      return Urgency.NOTE;
    }

    @Override
    public Place place() {
      return Place.PROGRAMME;
    }

    @Override
    public String heading() {
      return "Nothing planned";
    }

    @Override
    public String sentence() {
      return "No programme, and no block in the last %d days.".formatted(AttentionRules.DAYS);
    }
  }

  /** So many of several exercises are named (ours). */
  int NAMED = 2;

  /** The first of some titles, and how many more there are. */
  private static String named(List<String> titles) {
    int shown = Math.min(NAMED, titles.size());
    String first = String.join(", ", titles.subList(0, shown));
    int more = titles.size() - shown;
    return more == 0 ? first : "%s and %d more".formatted(first, more);
  }

  /** Several sessions were missed. */
  record Missed(int count, int days) implements Attention {
    @Override
    public Place place() {
      return Place.LOG;
    }

    @Override
    public Urgency urgency() {
      return Urgency.WARN;
    }

    @Override
    public String heading() {
      return count + " missed";
    }

    @Override
    public String sentence() {
      return "%d sessions in the last %d days did not happen.".formatted(count, days);
    }
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
