package org.nimblet.server.log;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.nimblet.server.session.SessionLog.LogEntry;
import org.nimblet.server.session.SessionLog.LogStep;

/** The log as comma-separated values (RFC 4180), to be read by a spreadsheet and by us. */
final class LogWriter {

  /** What makes a spreadsheet take a text for a formula. */
  private static final String FORMULA = "=+-@\t\r";

  /** Stands before such a text, so that it is none. */
  static final String TEXT_MARK = "'";

  private static final int MILLIS = 1000;

  private LogWriter() {}

  static String write(List<LogEntry> entries, ZoneId zone) {
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(LogColumn.heads().toArray(String[]::new)).get();
    try (StringWriter text = new StringWriter();
        CSVPrinter printer = new CSVPrinter(text, format)) {
      for (LogEntry entry : entries) {
        for (LogStep step : entry.steps()) {
          Map<LogColumn, Object> cells = cells(entry, step, zone);
          printer.printRecord(Stream.of(LogColumn.values()).map(column -> text(cells.get(column))));
        }
      }
      return text.toString();
    } catch (IOException e) {
      throw new UncheckedIOException("a text in memory can be written", e);
    }
  }

  private static String text(Object cell) {
    String text = cell == null ? "" : cell.toString();
    boolean formula = !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0;
    return formula ? TEXT_MARK + text : text;
  }

  private static Map<LogColumn, Object> cells(LogEntry entry, LogStep step, ZoneId zone) {
    Map<LogColumn, Object> cells = new EnumMap<>(LogColumn.class);
    cells.put(LogColumn.SESSION, entry.id());
    cells.put(
        LogColumn.BEGAN, entry.date().atTime(entry.beganAt()).atZone(zone).toOffsetDateTime());
    cells.put(LogColumn.LASTED, entry.lastedMillis() / MILLIS);
    cells.put(LogColumn.PURPOSE, entry.purpose());
    cells.put(LogColumn.STATE, entry.state());
    cells.put(LogColumn.EFFORT, entry.effort());
    cells.put(LogColumn.TIGHTER, entry.tighterSide());
    cells.put(
        LogColumn.PAINS,
        entry.pains().stream()
            .map(
                pain ->
                    Stream.of(
                            pain.moment(),
                            pain.side(),
                            pain.region(),
                            pain.level(),
                            pain.sensation() == null ? "" : pain.sensation())
                        .map(Object::toString)
                        .collect(Collectors.joining(" "))
                        .strip())
            .collect(Collectors.joining("; ")));
    cells.put(LogColumn.WORDS, entry.words());
    cells.put(LogColumn.EXERCISE, step.exerciseId());
    cells.put(LogColumn.VERSION, step.exerciseVersion());
    cells.put(LogColumn.TITLE, step.title());
    cells.put(LogColumn.DOSE, step.dose());
    cells.put(LogColumn.LATERALITY, step.laterality());
    cells.put(LogColumn.SIDE, step.side());
    cells.put(LogColumn.PLANNED, step.plannedMillis() / MILLIS);
    cells.put(LogColumn.LEFT, step.leftPercent());
    cells.put(LogColumn.RIGHT, step.rightPercent());
    cells.put(LogColumn.SHORTFALL, step.shortfall());
    cells.put(LogColumn.COMPLETE, step.complete());
    cells.put(LogColumn.SHIFT, step.shift());
    if (step.account() != null && step.account().feltRegion() != null) {
      cells.put(LogColumn.FELT, step.account().feltSide() + " " + step.account().feltRegion());
    }
    if (step.result() != null) {
      cells.put(LogColumn.RESULT, step.result() + " " + step.resultUnit());
    }
    return cells;
  }
}
