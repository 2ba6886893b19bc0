package drumnest.server.album;

import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Length;
import drumnest.server.stock.PlanJson;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.util.StdConverter;

/**
 * A leaf as it is stored in a step: lengths in nanometres, plans as JSON.
 *
 * @param type the key of its kind in the catalogue
 * @param turned whether it was turned over
 * @param dropBy how far its top lies below that of the album's page
 * @param plan what is planned on its first face
 * @param reversePlan what is planned on its second face
 */
record StoredLeaf(
    String type, boolean turned, long dropBy, @Nullable String plan, @Nullable String reversePlan) {

  static final class Write extends StdConverter<LeafState, StoredLeaf> {
    @Override
    public StoredLeaf convert(LeafState leaf) {
      return new StoredLeaf(
          leaf.type(),
          leaf.turned(),
          leaf.drop().toNanometres(),
          PlanJson.write(leaf.plan()),
          PlanJson.write(leaf.reversePlan()));
    }
  }

  static final class Read extends StdConverter<StoredLeaf, LeafState> {
    @Override
    public LeafState convert(StoredLeaf leaf) {
      return new LeafState(
          leaf.type(),
          leaf.turned(),
          Length.ofNanometres(leaf.dropBy()),
          PlanJson.read(leaf.plan()),
          PlanJson.read(leaf.reversePlan()));
    }
  }
}
