package drumnest.core.album;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Tells in which slot a change makes what was measured there out of date; null where in none.
 * Leaves, openings and clocks are compared as they are, and so need not be told.
 *
 * @param slotsOfPhotos where photos are, by their identities
 */
record RemeasuredSlot(Map<String, String> slotsOfPhotos)
    implements Change.Visitor<@Nullable String> {

  @Override
  public @Nullable String holding(Change.OfHolding change) {
    return change.slot();
  }

  @Override
  public @Nullable String photo(Change.OfPhoto change) {
    return slotsOfPhotos.get(change.photo());
  }

  @Override
  public @Nullable String opening(Change.OfOpening change) {
    return null;
  }

  @Override
  public @Nullable String title(Change.OfTitle change) {
    return null;
  }

  @Override
  public @Nullable String format(Change.OfFormat change) {
    return null;
  }

  @Override
  public @Nullable String leaf(Change.OfLeaf change) {
    return null;
  }

  @Override
  public @Nullable String order(Change.OfOrder change) {
    return null;
  }

  @Override
  public @Nullable String ephemera(Change.OfEphemera change) {
    return null;
  }

  @Override
  public @Nullable String entry(Change.OfEntry change) {
    return null;
  }

  @Override
  public @Nullable String chapters(Change.OfChapters change) {
    return null;
  }

  @Override
  public @Nullable String facts(Change.OfFacts change) {
    return null;
  }

  @Override
  public @Nullable String clock(Change.OfClock change) {
    return null;
  }
}
