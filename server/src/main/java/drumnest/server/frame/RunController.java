package drumnest.server.frame;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far long runs are, and stopping them. */
@RestController
@RequestMapping("/api/runs/{run}")
class RunController {

  private final Runs runs;

  RunController(Runs runs) {
    this.runs = runs;
  }

  /**
   * How far a run is.
   *
   * @param progress 0 to 1; left out where the run has ended or not begun
   */
  record RunView(@Nullable Double progress) {}

  @GetMapping
  RunView progress(@PathVariable("run") String run) {
    return new RunView(runs.progress(run).orElse(null));
  }

  /** Stops a run: it answers with the best so far. */
  @PostMapping("/stop")
  RunView stop(@PathVariable("run") String run) {
    runs.stop(run);
    return progress(run);
  }
}
