package org.nimblet.server.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
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
    return new CompareView(
        a,
        b,
        difference.ties().stream()
            .map(tie -> new StrandView(tie.first(), tie.second(), tie.sameDose()))
            .toList(),
        changes(difference, a, b),
        coverage(a, b));
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
        .limit(TARGETS)
        .toList();
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
