package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.SmallAlbum;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.photo.Choice;
import drumnest.core.place.Breathing;
import drumnest.core.place.LeafChoices;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Leaves for an album of two leaves with sixteen pairs of places, and eight photos. */
class LeafProposalTest {

  private static final int MOST = 100;

  /** As many leaves as anyone likes, and no sleeves. */
  private static final LeafProposal.Stock UNCOUNTED = stock(Map.of());

  private static LeafProposal.Stock stock(Map<String, Integer> leaves) {
    return new LeafProposal.Stock() {
      @Override
      public Map<String, Integer> leaves(AlbumModel staying) {
        return leaves;
      }

      @Override
      public List<Sleeves> sleeves(AlbumModel staying) {
        return List.of();
      }
    };
  }

  private static LeafProposal proposal(
      AlbumModel album, boolean undecided, boolean anew, LeafProposal.Stock stock) {
    LeafProposal.Request request =
        new LeafProposal.Request(
            List.of(Catalogue.SIX_WIDE), Breathing.PACKED, null, false, undecided, anew, false);
    LeafType type = (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
    return LeafProposal.of(
        album, request, Map.of(Catalogue.SIX_WIDE, type), stock, MOST, ProgressMonitor.NONE);
  }

  private static AlbumModel kept(AlbumModel album) {
    List<Change> changes = new ArrayList<>();
    album.photos().forEach(photo -> changes.add(Change.OfPhoto.decided(photo, Choice.KEEP)));
    return album.apply(changes);
  }

  private static AlbumModel put(AlbumModel album, String slot, Holding holding) {
    return album.apply(List.of(new Change.OfHolding(slot, null, holding)));
  }

  private static long placed(AlbumModel album) {
    return album.photos().stream().filter(photo -> album.slotOf(photo.id()).isPresent()).count();
  }

  @Test
  void what_nobody_kept_is_placed_only_where_that_is_asked_for() {
    AlbumModel album = SmallAlbum.begin();
    LeafProposal none = proposal(album, false, false, UNCOUNTED);
    assertThat(none.nothing()).isEqualTo(LeafProposal.Nothing.NONE_KEPT);
    assertThat(none.choices()).isEmpty();
    assertThat(proposal(album, true, false, UNCOUNTED).waiting()).hasSize(8);
    assertThat(proposal(kept(album), false, false, UNCOUNTED).waiting()).hasSize(8);
  }

  @Test
  void empty_places_are_filled_before_leaves_are_taken() {
    LeafProposal proposal = proposal(kept(SmallAlbum.begin()), false, false, UNCOUNTED);
    assertThat(proposal.goes()).isEmpty();
    assertThat(proposal.filled()).hasSize(8);
    assertThat(proposal.candidates()).isEmpty();
    LeafChoices.Choice only = proposal.choices().get(0);
    assertThat(only.plan().leaves()).isEmpty();
    AlbumModel with = proposal.with(only);
    assertThat(placed(with)).isEqualTo(8);
    assertThat(LeafProposal.added(with, only.plan())).isEmpty();
    proposal
        .filled()
        .forEach((slot, photo) -> assertThat(with.slotOf(photo).map(Slot::id)).contains(slot));
  }

  @Test
  void anew_only_what_is_settled_stays() {
    AlbumModel album = put(kept(SmallAlbum.begin()), "1-front-1", Holding.ofPhoto("photo0"));
    AlbumModel locked =
        put(kept(SmallAlbum.begin()), "1-front-1", Holding.ofPhoto("photo0").withLocked(true));
    LeafProposal all = proposal(album, false, true, UNCOUNTED);
    assertThat(all.goes()).extracting(Leaf::key).containsExactly(1, 2);
    assertThat(all.waiting()).hasSize(8);
    LeafChoices.Choice first = all.choices().get(0);
    AlbumModel with = all.with(first);
    List<Leaf> added = LeafProposal.added(with, first.plan());
    assertThat(added).isNotEmpty().extracting(Leaf::key).allMatch(key -> key > 2);
    assertThat(with.leaves().leaves()).isEqualTo(added);
    assertThat(placed(with)).isEqualTo(8);
    LeafProposal rest = proposal(locked, false, true, UNCOUNTED);
    assertThat(rest.goes()).extracting(Leaf::key).containsExactly(2);
    assertThat(rest.waiting()).hasSize(7);
  }

  @Test
  void no_more_leaves_are_taken_than_are_left() {
    AlbumModel album = kept(SmallAlbum.begin());
    LeafProposal none = proposal(album, false, true, stock(Map.of(Catalogue.SIX_WIDE, 0)));
    assertThat(none.choices()).allMatch(choice -> choice.plan().leaves().isEmpty());
    LeafProposal one = proposal(album, false, true, stock(Map.of(Catalogue.SIX_WIDE, 1)));
    assertThat(one.choices()).allMatch(choice -> choice.plan().leaves().size() <= 1);
    assertThat(placed(one.with(one.choices().get(0)))).isEqualTo(8);
  }

  @Test
  void where_all_have_a_place_nothing_is_proposed() {
    AlbumModel album = kept(SmallAlbum.begin());
    LeafProposal filling = proposal(album, false, false, UNCOUNTED);
    AlbumModel full = filling.with(filling.choices().get(0));
    assertThat(proposal(full, false, false, UNCOUNTED).nothing())
        .isEqualTo(LeafProposal.Nothing.KEPT_PLACED);
    assertThat(proposal(full, true, false, UNCOUNTED).nothing())
        .isEqualTo(LeafProposal.Nothing.ALL_PLACED);
  }
}
