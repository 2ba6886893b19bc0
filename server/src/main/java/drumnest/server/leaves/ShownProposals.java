package drumnest.server.leaves;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import drumnest.core.mover.LeafProposal;
import drumnest.server.StaleVersionException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The proposals that pages show, by the names of the runs that found them. What is laid is what was
 * shown, also where the run was stopped before its end, and nothing is worked out twice.
 */
@Component
class ShownProposals {

  /** Each holds on to an album as it was. */
  private static final int MOST = 3;

  private record Run(long album, String name) {}

  private record Found(String revision, LeafProposal proposal) {}

  private final Cache<Run, Found> found = Caffeine.newBuilder().maximumSize(MOST).build();

  /**
   * @param run the run that found it; null where nobody gave it a name
   * @param revision of the album that it is for
   */
  void add(@Nullable String run, String revision, LeafProposal proposal) {
    if (run != null) {
      found.put(new Run(proposal.album().id(), run), new Found(revision, proposal));
    }
  }

  /**
   * Tells what a run has found; nothing where that is not known any more, or was for another
   * request.
   *
   * @param revision of the album as it is now
   * @throws StaleVersionException if it was for the album as it was before something changed
   */
  Optional<LeafProposal> of(
      long album, @Nullable String run, String revision, LeafProposal.Request request) {
    Found there = run == null ? null : found.getIfPresent(new Run(album, run));
    if (there == null || !there.proposal().request().equals(request)) {
      return Optional.empty();
    }
    if (!there.revision().equals(revision)) {
      throw new StaleVersionException();
    }
    return Optional.of(there.proposal());
  }
}
