package org.nimblet.server.routine;

import jakarta.validation.Valid;
import java.util.List;
import org.nimblet.server.platform.Preview;
import org.nimblet.server.routine.Bench.CheckView;
import org.nimblet.server.routine.Bench.CompareForm;
import org.nimblet.server.routine.Bench.CompareView;
import org.nimblet.server.routine.Bench.ComposeForm;
import org.nimblet.server.routine.Bench.ComposeView;
import org.nimblet.server.routine.Bench.Draft;
import org.nimblet.server.routine.Bench.OffersView;
import org.nimblet.server.routine.Bench.RepairForm;
import org.nimblet.server.routine.Bench.SidesForm;
import org.nimblet.server.routine.Bench.TurnForm;
import org.nimblet.server.routine.Bench.WhyNotForm;
import org.nimblet.server.routine.Bench.WhyNotView;
import org.nimblet.server.routine.BenchLines.LinesForm;
import org.nimblet.server.routine.BenchLines.LinesView;
import org.nimblet.server.routine.BenchLines.WrittenView;
import org.nimblet.server.routine.RoutineViews.RoutineView;
import org.nimblet.server.routine.StepDrafts.StepDraft;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bench")
class BenchController {

  private final BenchService bench;
  private final Playing playing;
  private final BenchComparison comparison;
  private final BenchLines lines;

  BenchController(
      BenchService bench, Playing playing, BenchComparison comparison, BenchLines lines) {
    this.bench = bench;
    this.playing = playing;
    this.comparison = comparison;
    this.lines = lines;
  }

  @PostMapping("/check")
  CheckView check(@Valid @RequestBody Draft draft) {
    return bench.check(draft);
  }

  /** Two drafts beside each other, with what differs. */
  @PostMapping("/compare")
  CompareView compare(@Valid @RequestBody CompareForm form) {
    return comparison.of(form);
  }

  /** What can be done about each finding of the check, in its order, in words. */
  @PostMapping("/repairs")
  List<String> repairs(@Valid @RequestBody Draft draft) {
    return bench.repairs(draft);
  }

  @PostMapping("/repair")
  List<StepDraft> repair(@Valid @RequestBody RepairForm form) {
    return bench.repair(form);
  }

  @PostMapping("/compose")
  ComposeView compose(@Valid @RequestBody ComposeForm form) {
    return bench.compose(form);
  }

  @PostMapping("/offers")
  OffersView offers(@Valid @RequestBody Draft draft) {
    return bench.offers(draft);
  }

  @PostMapping("/why-not")
  WhyNotView whyNot(@Valid @RequestBody WhyNotForm form) {
    return bench.whyNot(form);
  }

  @PostMapping("/sides")
  List<StepDraft> sides(@Valid @RequestBody SidesForm form) {
    return bench.sides(form);
  }

  /** Steps in turn, by themselves again, or arm by arm. */
  @PostMapping("/turn")
  List<StepDraft> turn(@Valid @RequestBody TurnForm form) {
    return bench.turn(form);
  }

  /** Reads a routine that is said in lines. */
  @PostMapping("/lines")
  Preview<LinesView> lines(@Valid @RequestBody LinesForm form) {
    return Preview.of(lines.read(form));
  }

  /** Writes a draft as such lines. */
  @PostMapping("/lines/written")
  WrittenView written(@Valid @RequestBody Draft draft) {
    return lines.written(draft);
  }

  @PostMapping("/play")
  RoutineView play(@Valid @RequestBody Draft draft) {
    return playing.play(draft);
  }
}
