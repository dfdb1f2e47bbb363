package org.nimblet.server.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.nimblet.core.routine.RoutineDifference;
import org.nimblet.server.routine.Bench.BenchStep;
import org.nimblet.server.routine.Bench.CheckView;
import org.nimblet.server.routine.Bench.CompareForm;
import org.nimblet.server.routine.Bench.CompareView;
import org.nimblet.server.routine.Bench.CoverageRow;
import org.nimblet.server.routine.Bench.CoverageView;
import org.nimblet.server.routine.Bench.StrandView;
import org.springframework.stereotype.Component;

/** Two routines beside each other: what the core finds different, in words. */
@Component
class BenchComparison {

  /** So many targets are set side by side (ours). */
  private static final int TARGETS = 6;

  /** A difference of so many points of a hundred is told (ours). */
  private static final int TOLD_FROM = 8;

  private static final int TOLD = 4;

  private final DraftReader reader;
  private final BenchService bench;

  BenchComparison(DraftReader reader, BenchService bench) {
    this.reader = reader;
    this.bench = bench;
  }

  CompareView of(CompareForm form) {
    ReadDraft first = reader.read(form.a());
    ReadDraft second = reader.read(form.b());
    RoutineDifference difference = RoutineDifference.between(first.plain(), second.plain());
    CheckView a = bench.check(first);
    CheckView b = bench.check(second);
    List<CoverageRow> rows = coverage(a, b);
    return new CompareView(
        a,
        b,
        difference.ties().stream()
            .map(tie -> new StrandView(tie.first(), tie.second(), tie.sameDose()))
            .toList(),
        changes(difference, a, b),
        rows.stream().limit(TARGETS).toList(),
        cost(rows));
  }

  private static List<String> changes(RoutineDifference difference, CheckView a, CheckView b) {
    List<String> changes = new ArrayList<>();
    for (int place : difference.onlyInFirst()) {
      changes.add("Only in A: " + words(a.steps().get(place)));
    }
    for (int place : difference.onlyInSecond()) {
      changes.add("Only in B: " + words(b.steps().get(place)));
    }
    difference.ties().stream()
        .filter(tie -> !tie.sameDose())
        .map(
            tie ->
                "%s: %s in A, %s in B"
                    .formatted(
                        a.steps().get(tie.first()).title(),
                        a.steps().get(tie.first()).doseWords(),
                        b.steps().get(tie.second()).doseWords()))
        .forEach(changes::add);
    return changes;
  }

  private static String words(BenchStep step) {
    return "%s, %s".formatted(step.title(), step.doseWords());
  }

  private static List<CoverageRow> coverage(CheckView a, CheckView b) {
    Map<String, Integer> wanted = means(a, CoverageView::wanted);
    Map<String, Integer> givenByA = means(a, CoverageView::given);
    Map<String, Integer> givenByB = means(b, CoverageView::given);
    return wanted.entrySet().stream()
        .map(
            e ->
                new CoverageRow(
                    e.getKey(),
                    givenByA.get(e.getKey()),
                    givenByB.getOrDefault(e.getKey(), 0),
                    e.getValue()))
        .sorted(Comparator.comparingInt(CoverageRow::wanted).reversed())
        .toList();
  }

  /** What the second gives less and more of what is wanted, for people. */
  private static String cost(List<CoverageRow> rows) {
    String less =
        targets(rows, row -> Math.min(row.a(), row.wanted()) - Math.min(row.b(), row.wanted()));
    String more =
        targets(rows, row -> Math.min(row.b(), row.wanted()) - Math.min(row.a(), row.wanted()));
    if (less.isEmpty() && more.isEmpty()) {
      return "B serves the same as A.";
    }
    return less.isEmpty()
        ? "B serves nothing less than A, and more: %s.".formatted(more)
        : "B serves less of: %s".formatted(less)
            + (more.isEmpty() ? "." : "; more of: %s.".formatted(more));
  }

  private static String targets(List<CoverageRow> rows, ToIntFunction<CoverageRow> by) {
    return rows.stream()
        .filter(row -> by.applyAsInt(row) >= TOLD_FROM)
        .sorted(Comparator.comparingInt(by).reversed())
        .limit(TOLD)
        .map(CoverageRow::word)
        .collect(Collectors.joining(", "));
  }

  private static Map<String, Integer> means(CheckView view, ToIntFunction<CoverageView> part) {
    Map<String, List<Integer>> bySide = new LinkedHashMap<>();
    view.coverage()
        .forEach(
            c -> bySide.computeIfAbsent(c.word(), w -> new ArrayList<>()).add(part.applyAsInt(c)));
    Map<String, Integer> means = new LinkedHashMap<>();
    bySide.forEach(
        (word, values) ->
            means.put(
                word,
                (int) Math.round(values.stream().mapToInt(Integer::intValue).average().orElse(0))));
    return means;
  }
}
