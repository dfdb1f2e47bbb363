package org.nimblet.server.routine;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.nimblet.core.exercise.Exercise;
import org.nimblet.core.exercise.Kind;
import org.nimblet.core.routine.CueSheet;
import org.nimblet.core.routine.CueSheetWriter;
import org.nimblet.core.routine.RoutineLines;
import org.nimblet.core.routine.RoutineLines.EmptyLine;
import org.nimblet.core.routine.RoutineLines.Line;
import org.nimblet.core.routine.RoutineLines.StepsLine;
import org.nimblet.core.routine.RoutineLines.UnreadLine;
import org.nimblet.core.routine.Step;
import org.nimblet.server.platform.InvalidFieldException;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.stereotype.Service;

/** A routine on the bench as lines of words, and back. */
@Service
class BenchLines {

  private static final int LONGEST = RoutineLines.MOST_LINES * (RoutineLines.LONGEST_LINE + 1);
  private static final long SECOND = 1000;

  private final DraftReader reader;

  BenchLines(DraftReader reader) {
    this.reader = reader;
  }

  /** Lines for a draft. */
  record LinesForm(
      @NotNull(message = "The draft.") @Valid Draft draft,
      @NotNull(message = "The lines, or nothing.")
          @Size(max = LONGEST, message = "At most 60 lines of up to 200 characters.")
          String text) {}

  /**
   * Lines, read.
   *
   * @param steps what they say, in order
   * @param lengthMillis how long that takes, the time kept for lines that are not read included
   */
  record LinesView(List<LineView> lines, List<StepDraft> steps, long lengthMillis) {}

  /**
   * A line, read.
   *
   * @param title what is done; empty if it is not read
   * @param millis what it takes, or what is kept for it
   * @param wrong why it is not read; null if it is
   * @param near what it may mean instead
   */
  record LineView(
      String title,
      @Schema(nullable = true) Kind kind,
      String doseWords,
      long millis,
      @Schema(nullable = true) String wrong,
      List<NearView> near) {}

  /**
   * What a line may mean instead.
   *
   * @param line the line that says so
   */
  record NearView(String title, String line) {}

  /** Lines of text. */
  record WrittenView(String text) {}

  /** Reads lines; whatever is not read stays, with the reason. */
  LinesView read(LinesForm form) {
    ReadDraft read = reader.read(form.draft());
    RoutineLines grammar = new RoutineLines(read.library().library(), read.request());
    List<Line> lines;
    try {
      lines = grammar.read(form.text());
    } catch (IllegalArgumentException e) {
      throw new InvalidFieldException("text", e.getMessage() + ".");
    }
    List<Step> steps = lines.stream().flatMap(BenchLines::steps).toList();
    CueSheet cues = CueSheetWriter.write(steps, read.facts().pace(), read.facts().notation());
    List<LineView> views = new ArrayList<>();
    int at = 0;
    long kept = 0;
    for (Line line : lines) {
      int own = (int) steps(line).count();
      long millis = 0;
      for (int i = at; i < at + own; i++) {
        millis += cues.stepMillis(i);
      }
      at += own;
      if (line instanceof UnreadLine unread) {
        kept += unread.seconds() * SECOND;
      }
      views.add(view(read, grammar, line, millis));
    }
    return new LinesView(views, read.drafts(steps), cues.lengthMillis() + kept);
  }

  private static Stream<Step> steps(Line line) {
    return line instanceof StepsLine said ? said.steps().stream() : Stream.empty();
  }

  private static LineView view(ReadDraft read, RoutineLines grammar, Line line, long millis) {
    if (line instanceof StepsLine said) {
      List<Step> once = said.steps().stream().distinct().toList();
      int rounds = said.steps().size() / once.size();
      String dose =
          once.size() == 1
              ? once.get(0).doseWords(read.facts().method(), read.facts().notation())
              : "in turn, %s".formatted(rounds == 1 ? "once" : rounds + " rounds");
      return new LineView(
          String.join(" / ", once.stream().map(step -> step.exercise().title()).toList()),
          once.get(0).exercise().kind(),
          dose,
          millis,
          null,
          near(grammar, line, said.others()));
    }
    if (line instanceof UnreadLine unread) {
      return new LineView(
          "",
          null,
          "",
          unread.seconds() * SECOND,
          unread.wrong(),
          near(grammar, line, unread.near()));
    }
    EmptyLine empty = (EmptyLine) line;
    return new LineView(empty.text().strip(), null, "", 0, null, List.of());
  }

  private static List<NearView> near(RoutineLines grammar, Line line, List<Exercise> exercises) {
    return exercises.stream()
        .map(one -> new NearView(one.title(), grammar.renamed(line.text(), one)))
        .toList();
  }

  /** Writes a draft as lines. */
  WrittenView written(Draft draft) {
    ReadDraft read = reader.read(draft);
    return new WrittenView(
        new RoutineLines(read.library().library(), read.request()).write(read.plain()));
  }
}
