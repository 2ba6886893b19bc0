package drumnest.server.leaves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.mover.LeafProposal;
import drumnest.core.place.Breathing;
import drumnest.core.place.ProgressMonitor;
import drumnest.server.RunningServer;
import drumnest.server.StaleVersionException;
import drumnest.server.album.OpenAlbums;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class ShownProposalsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static LeafProposal.Request request(Breathing breathing) {
    return new LeafProposal.Request(
        List.of("12x12-six-6x4"), breathing, null, true, true, true, false);
  }

  @Test
  void the_very_proposal_of_a_run_is_known_for_its_request_until_something_changes() {
    ShownProposals shown = SERVER.part(ShownProposals.class);
    String revision = SERVER.part(OpenAlbums.class).opened(1).revision();
    LeafProposal.Request full = request(Breathing.FULL);
    LeafProposal proposal =
        SERVER.part(LeafPlans.class).propose(1, full, "shown", ProgressMonitor.NONE);
    assertThat(shown.of(1, "shown", revision, full)).containsSame(proposal);
    assertThat(shown.of(1, "shown", revision, request(Breathing.AIRY))).isEmpty();
    assertThat(shown.of(1, "another", revision, full)).isEmpty();
    assertThat(shown.of(1, null, revision, full)).isEmpty();
    assertThat(shown.of(2, "shown", revision, full)).as("of another album").isEmpty();
    assertThatThrownBy(() -> shown.of(1, "shown", revision + "-later", full))
        .isInstanceOf(StaleVersionException.class);
  }
}
