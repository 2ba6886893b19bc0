package drumnest.server.leaves;

import drumnest.core.album.leaf.Side;
import drumnest.core.place.Breathing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Requests to do something with leaves. Each step names the version of the album it has seen. */
final class LeafRequests {

  private LeafRequests() {}

  /**
   * Proposes leaves.
   *
   * @param kinds the kinds of leaves that may be used
   * @param mostLeaves how many leaves may be used; null for as many as needed
   * @param freshPages whether every chapter begins on a page of its own, or only those that are
   *     worth one
   * @param undecided whether undecided photos are placed too
   * @param anew whether leaves on which nothing is settled are taken out first
   * @param sleeves whether sleeves over pages are counted on, as many as there are; not where it is
   *     left out
   * @param run what the run is called, so that it can be watched and stopped, and a plan that it
   *     has found be laid
   */
  record ProposeLeaves(
      @NotEmpty List<@NotBlank String> kinds,
      @Nullable Breathing breathing,
      @Nullable @Min(1) @Max(200) Integer mostLeaves,
      @NotNull Boolean freshPages,
      @NotNull Boolean undecided,
      @NotNull Boolean anew,
      @Nullable Boolean sleeves,
      @Nullable @jakarta.validation.constraints.Size(max = 60) String run) {}

  /** Lays the leaves of a proposal. */
  record TakePlan(
      @NotNull Long version, @NotNull @Valid ProposeLeaves request, @NotNull Integer number) {}

  /**
   * Adds a leaf.
   *
   * @param photo a photo without a place that goes onto its front, in the same step
   */
  record AddLeaf(
      @NotNull Long version, @NotBlank String type, @NotNull Integer at, @Nullable String photo) {}

  record OfLeaf(@NotNull Long version, @NotNull Integer leaf) {}

  /** Takes a leaf out; what is on it must be known to be lost. */
  record RemoveLeaf(@NotNull Long version, @NotNull Integer leaf, @Nullable Boolean confirmed) {}

  record MoveLeaf(@NotNull Long version, @NotNull Integer leaf, @NotNull Integer to) {}

  record DropLeaf(@NotNull Long version, @NotNull Integer leaf, @NotNull String drop) {}

  record Format(@NotNull Long version, @Nullable String format) {}

  /** The blocks of a side as the maker says them. */
  record Plan(
      @NotNull Long version,
      @NotNull Integer leaf,
      @NotNull Side side,
      @NotNull List<@NotNull @Valid BlockRequest> blocks) {}
}
