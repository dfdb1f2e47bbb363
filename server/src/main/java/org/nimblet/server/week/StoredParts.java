package org.nimblet.server.week;

import java.util.List;
import org.nimblet.core.schedule.BlockPart;
import org.nimblet.core.schedule.BlockPart.Certainty;

/** Parts of a block as they are stored: {@code 25/10/GUESSED/Round}. */
final class StoredParts {

  private static final int FIELDS = 4;

  private StoredParts() {}

  static List<String> write(List<BlockPart> parts) {
    return parts.stream()
        .map(
            part ->
                "%d/%d/%s/%s"
                    .formatted(part.minutes(), part.restMinutes(), part.certainty(), part.title()))
        .toList();
  }

  static List<BlockPart> read(List<String> stored) {
    return stored.stream()
        .map(text -> text.split("/", FIELDS))
        .map(
            fields ->
                new BlockPart(
                    fields[3],
                    Integer.parseInt(fields[0]),
                    Integer.parseInt(fields[1]),
                    Certainty.valueOf(fields[2])))
        .toList();
  }
}
