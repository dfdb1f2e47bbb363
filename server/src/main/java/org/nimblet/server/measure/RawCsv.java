package org.nimblet.server.measure;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tests as CSV (RFC 4180), a line a press, times in milliseconds. */
final class RawCsv {

  private RawCsv() {}

  static String of(TapTest test) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = printer(out, "ms", "hand", "finger", "velocity")) {
      for (TapTest.StoredTap tap : test.taps) {
        csv.printRecord(
            tap.at(),
            tap.side().word(),
            tap.digit().shortWord(),
            tap.velocity() == null ? "" : tap.velocity());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  static String of(LiftTest test) {
    StringWriter out = new StringWriter();
    try (CSVPrinter csv = printer(out, "ms", "hand", "finger", "what")) {
      for (LiftTest.Move move : test.moves) {
        csv.printRecord(
            move.at(),
            move.side().word(),
            move.digit().shortWord(),
            move.what().name().toLowerCase(Locale.ROOT));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static CSVPrinter printer(StringWriter out, String... header) throws IOException {
    return CSVFormat.RFC4180.builder().setHeader(header).get().print(out);
  }
}
