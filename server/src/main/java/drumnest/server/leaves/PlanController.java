package drumnest.server.leaves;

import drumnest.core.mover.LeafProposal;
import drumnest.core.place.Breathing;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Runs;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which leaves the photos need: proposals, and laying one. */
@RestController
@RequestMapping("/api/albums/{id}")
class PlanController {

  private final AlbumViews views;
  private final ProposalViews proposals;
  private final LeafPlans plans;
  private final Runs runs;

  PlanController(AlbumViews views, ProposalViews proposals, LeafPlans plans, Runs runs) {
    this.views = views;
    this.proposals = proposals;
    this.plans = plans;
    this.runs = runs;
  }

  @PostMapping("/plans")
  ProposalViews.ProposalView plans(
      @PathVariable("id") long id, @Valid @RequestBody LeafRequests.ProposeLeaves request) {
    return runs.run(
        request.run(),
        monitor -> proposals.view(plans.propose(id, planning(request), request.run(), monitor)));
  }

  private static LeafProposal.Request planning(LeafRequests.ProposeLeaves request) {
    return new LeafProposal.Request(
        request.kinds(),
        request.breathing() == null ? Breathing.PACKED : request.breathing(),
        request.mostLeaves(),
        request.freshPages(),
        request.undecided(),
        request.anew(),
        Boolean.TRUE.equals(request.sleeves()));
  }

  @PostMapping("/take-plan")
  Views.AlbumView takePlan(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.TakePlan request) {
    LeafRequests.ProposeLeaves asked = request.request();
    plans.take(id, request.version(), planning(asked), asked.run(), request.number());
    return views.album(id, shown);
  }
}
