package org.nimblet.server.log;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.nimblet.core.anatomy.Region;
import org.nimblet.core.anatomy.Side;
import org.nimblet.core.exercise.Laterality;
import org.nimblet.core.exercise.Purpose;
import org.nimblet.core.progress.PainMoment;
import org.nimblet.core.progress.Shift;
import org.nimblet.core.progress.Shortfall;
import org.nimblet.core.routine.Sensation;
import org.nimblet.core.session.SessionEnding;
import org.nimblet.server.session.SessionForms.CheckInForm;
import org.nimblet.server.session.SessionForms.PainForm;
import org.nimblet.server.session.SessionForms.SessionForm;
import org.nimblet.server.session.SessionForms.StepForm;
import org.nimblet.server.session.SessionService.Told;
import org.nimblet.server.session.StepOutcome;
import org.nimblet.server.session.TighterSide;

/** Reads a log from comma-separated values; whatever does not read is named by line and column. */
final class LogReader {

  /** So many lines are read at once; five years of daily logs have fewer. */
  private static final int MOST_LINES = 20_000;

  private static final int MILLIS = 1000;
  private static final int WHOLE = 100;
  private static final int LONGEST_SECONDS = 24 * 3600;
  private static final int LONGEST_STEP_SECONDS = 2 * 3600;
  private static final int MOST_STEPS = 60;
  private static final int MOST_COMPLETE = 300;
  private static final int WORST = 10;
  private static final int LONGEST_WORDS = 280;
  private static final int LONGEST_DOSE = 200;

  /** What does not read, and what would. */
  record LineProblem(long line, String column, String message) {}

  /** What a file says: sessions, or what is wrong with it. */
  record Reading(List<Told> sessions, List<LineProblem> problems) {}

  private final ZoneId zone;
  private final Instant now;
  private final List<LineProblem> problems = new ArrayList<>();

  /**
   * A reader.
   *
   * @param zone of times without a distance from UTC
   * @param now nothing may have begun after it
   */
  LogReader(ZoneId zone, Instant now) {
    this.zone = zone;
    this.now = now;
  }

  Reading read(String text) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .get();
    Map<UUID, List<CSVRecord>> bySession = new LinkedHashMap<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      for (LogColumn column : LogColumn.values()) {
        if (column.isNeeded() && !parser.getHeaderMap().containsKey(column.head())) {
          problem(1, column, "is missing; a log has the columns %s.".formatted(LogColumn.heads()));
        }
      }
      if (problems.isEmpty()) {
        for (CSVRecord line : parser) {
          if (line.getRecordNumber() > MOST_LINES) {
            problem(
                lineOf(line), LogColumn.SESSION, "At most %d lines at once.".formatted(MOST_LINES));
            break;
          }
          UUID session = session(line);
          if (session != null) {
            bySession.computeIfAbsent(session, id -> new ArrayList<>()).add(line);
          }
        }
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      problem(1, LogColumn.SESSION, "No comma-separated values: %s".formatted(e.getMessage()));
    }
    List<Told> told = new ArrayList<>();
    bySession.forEach((id, lines) -> told.add(session(id, lines)));
    return problems.isEmpty()
        ? new Reading(List.copyOf(told), List.of())
        : new Reading(List.of(), List.copyOf(problems));
  }

  private UUID session(CSVRecord line) {
    try {
      return UUID.fromString(cell(line, LogColumn.SESSION));
    } catch (IllegalArgumentException e) {
      problem(line, LogColumn.SESSION, "a UUID, the same in every line of a session");
      return null;
    }
  }

  private Told session(UUID id, List<CSVRecord> lines) {
    CSVRecord first = lines.get(0);
    if (lines.size() > MOST_STEPS) {
      problem(first, LogColumn.SESSION, "in at most %d lines, one a step".formatted(MOST_STEPS));
    }
    Instant began = began(first);
    Integer lasted = number(first, LogColumn.LASTED, 0, LONGEST_SECONDS);
    List<StepForm> steps = lines.stream().map(this::step).toList();
    Map<PainMoment, List<PainForm>> pains = pains(first);
    Integer effort = number(first, LogColumn.EFFORT, 0, WORST);
    TighterSide tighter = word(first, LogColumn.TIGHTER, TighterSide.class);
    String words = cell(first, LogColumn.WORDS);
    if (words.length() > LONGEST_WORDS) {
      problem(first, LogColumn.WORDS, "at most %d characters".formatted(LONGEST_WORDS));
    }
    List<PainForm> after = pains.getOrDefault(PainMoment.AFTER, List.of());
    boolean checkedIn = effort != null || tighter != null || !words.isEmpty() || !after.isEmpty();
    return new Told(
        id,
        new SessionForm(
            null,
            null,
            word(first, LogColumn.PURPOSE, Purpose.class),
            began,
            began.plusSeconds(lasted == null ? 0 : lasted),
            Math.max(1, steps.stream().mapToLong(StepForm::plannedMillis).sum()),
            word(first, LogColumn.STATE, SessionEnding.class),
            steps,
            pains.getOrDefault(PainMoment.DURING, List.of()),
            pains.get(PainMoment.BEFORE)),
        checkedIn ? new CheckInForm(effort, after, tighter, words, null) : null);
  }

  private StepForm step(CSVRecord line) {
    Integer left = number(line, LogColumn.LEFT, 0, WHOLE);
    Integer right = number(line, LogColumn.RIGHT, 0, WHOLE);
    Integer planned = number(line, LogColumn.PLANNED, 1, LONGEST_STEP_SECONDS);
    Integer version = number(line, LogColumn.VERSION, 0, Integer.MAX_VALUE);
    Side side = word(line, LogColumn.SIDE, Side.class);
    Shortfall shortfall = word(line, LogColumn.SHORTFALL, Shortfall.class);
    String dose = cell(line, LogColumn.DOSE);
    if (dose.isEmpty() || dose.length() > LONGEST_DOSE) {
      problem(line, LogColumn.DOSE, "a dose of 1 to %d characters".formatted(LONGEST_DOSE));
    }
    int done =
        side == Side.LEFT ? or(left, 0) : side == Side.RIGHT ? or(right, 0) : both(left, right);
    return new StepForm(
        cell(line, LogColumn.EXERCISE),
        or(version, 0),
        dose,
        word(line, LogColumn.LATERALITY, Laterality.class),
        (long) or(planned, 1) * MILLIS,
        done,
        shortfall == Shortfall.HURT
            ? StepOutcome.HURT
            : done >= WHOLE ? StepOutcome.DONE : StepOutcome.SKIPPED,
        side,
        left,
        right,
        shortfall,
        number(line, LogColumn.COMPLETE, 0, MOST_COMPLETE),
        word(line, LogColumn.SHIFT, Shift.class),
        null);
  }

  private static int or(Integer value, int otherwise) {
    return value == null ? otherwise : value;
  }

  private static int both(Integer left, Integer right) {
    return (or(left, 0) + or(right, 0)) / 2;
  }

  private Instant began(CSVRecord line) {
    String cell = cell(line, LogColumn.BEGAN);
    Instant began = null;
    try {
      began = OffsetDateTime.parse(cell).toInstant();
    } catch (DateTimeParseException withoutDistance) {
      try {
        began = LocalDateTime.parse(cell.replace(' ', 'T')).atZone(zone).toInstant();
      } catch (DateTimeParseException e) {
        problem(line, LogColumn.BEGAN, "a date and a time such as 2026-03-01T08:30:00+01:00");
      }
    }
    if (began != null && began.isAfter(now)) {
      problem(line, LogColumn.BEGAN, "not in the future");
    }
    return began == null ? now : began;
  }

  private Map<PainMoment, List<PainForm>> pains(CSVRecord line) {
    Map<PainMoment, List<PainForm>> pains = new LinkedHashMap<>();
    for (String told : cell(line, LogColumn.PAINS).split(";")) {
      String[] parts = told.strip().split("\\s+");
      if (told.isBlank()) {
        continue;
      }
      try {
        int level = Integer.parseInt(parts[3]);
        if (level < 0 || level > WORST) {
          throw new IllegalArgumentException("level");
        }
        pains
            .computeIfAbsent(PainMoment.valueOf(upper(parts[0])), m -> new ArrayList<>())
            .add(
                new PainForm(
                    Side.valueOf(upper(parts[1])),
                    Region.valueOf(upper(parts[2])),
                    level,
                    parts.length > 4 ? Sensation.valueOf(upper(parts[4])) : null));
      } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
        problem(
            line,
            LogColumn.PAINS,
            "pains by semicolons, each as moment (BEFORE, DURING, AFTER), side, region, 0 to 10 and"
                + " perhaps a kind, such as DURING LEFT RING_FINGER 3 PULL");
      }
    }
    return pains;
  }

  private static String upper(String word) {
    return word.toUpperCase(Locale.ROOT).replace('-', '_');
  }

  /** A number; null where the column may be empty and is. */
  private Integer number(CSVRecord line, LogColumn column, int least, int most) {
    String cell = cell(line, column);
    if (cell.isEmpty() && !column.isNeeded()) {
      return null;
    }
    try {
      int number = Integer.parseInt(cell);
      if (number >= least && number <= most) {
        return number;
      }
    } catch (NumberFormatException e) {
      // Said below, as for a number out of bounds.
    }
    problem(line, column, "a whole number from %d to %d".formatted(least, most));
    return null;
  }

  private <E extends Enum<E>> E word(CSVRecord line, LogColumn column, Class<E> words) {
    String cell = cell(line, column);
    if (cell.isEmpty() && !column.isNeeded()) {
      return null;
    }
    try {
      return Enum.valueOf(words, upper(cell));
    } catch (IllegalArgumentException e) {
      problem(
          line,
          column,
          "one of "
              + Arrays.stream(words.getEnumConstants())
                  .map(Enum::name)
                  .collect(Collectors.joining(", ")));
      return null;
    }
  }

  private static String cell(CSVRecord line, LogColumn column) {
    String cell = line.isSet(column.head()) ? line.get(column.head()) : "";
    return cell.startsWith(LogWriter.TEXT_MARK) ? cell.substring(1) : cell;
  }

  private void problem(CSVRecord line, LogColumn column, String allowed) {
    problem(lineOf(line), column, "(%s) must be %s.".formatted(cell(line, column), allowed));
  }

  private void problem(long line, LogColumn column, String message) {
    problems.add(new LineProblem(line, column.head(), message));
  }

  private static long lineOf(CSVRecord line) {
    return line.getRecordNumber() + 1;
  }
}
