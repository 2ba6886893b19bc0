package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.SmallAlbum;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import org.junit.jupiter.api.Test;

class CardsFollowTest {

  private static Slot slot(AlbumModel album, int leaf, String size, int number) {
    return album.leaves().slots().stream()
        .filter(each -> each.leaf().key() == leaf && each.side() == Side.FRONT)
        .filter(each -> each.takes().equals(size(size)))
        .skip(number)
        .findFirst()
        .orElseThrow();
  }

  private static Size size(String text) {
    String[] sides = text.split("x");
    return new Size(Length.parse(sides[0]), Length.parse(sides[1]));
  }

  /** A card beside the photo that it tells about, on a leaf of wide pockets. */
  private static AlbumModel told(Size card) {
    AlbumModel album = SmallAlbum.begin();
    String photo = album.photos().get(0).id();
    Slot first = slot(album, 1, "6x4", 0);
    Slot beside =
        album.leaves().slots().stream()
            .filter(
                each -> each.leaf().key() == 1 && each.side() == Side.FRONT && first.touches(each))
            .findFirst()
            .orElseThrow();
    CardWords words = CardWords.of("Low water.", album.rules()).about(List.of(photo));
    return album.apply(
        List.of(
            new Change.OfEphemera(
                1, null, new Ephemera.Card(1, "Low", card, Length.ZERO, false, words)),
            new Change.OfHolding(beside.id(), null, Holding.ofEphemera(1)),
            new Change.OfHolding(first.id(), null, Holding.ofPhoto(photo))));
  }

  /** Its photo goes to a small pocket of the other leaf, around which other small ones are free. */
  private static CardsFollow.Following moved(AlbumModel album) {
    String photo = album.photos().get(0).id();
    Slot from = album.slotOf(photo).orElseThrow();
    Slot to =
        album.leaves().slots().stream()
            .filter(each -> each.leaf().key() == 2 && each.side() == Side.FRONT)
            .filter(each -> !each.takes().equals(size("6x4")))
            .filter(each -> touchesSmallOnesOnly(album, each))
            .findFirst()
            .orElseThrow();
    return CardsFollow.of(
        album,
        List.of(
            new Change.OfHolding(from.id(), album.held(from), null),
            new Change.OfHolding(to.id(), null, Holding.ofPhoto(photo))));
  }

  private static boolean touchesSmallOnesOnly(AlbumModel album, Slot slot) {
    return album.leaves().slotsOf(slot.leaf(), slot.side()).stream()
        .filter(slot::touches)
        .noneMatch(each -> each.takes().equals(size("6x4")));
  }

  @Test
  void a_card_that_fits_beside_its_photo_goes_with_it() {
    CardsFollow.Following following = moved(told(size("3x4")));
    assertThat(following.changes()).hasSize(2);
    assertThat(following.left()).isEmpty();
  }

  @Test
  void a_card_that_is_too_big_for_every_place_there_stays_and_is_named() {
    CardsFollow.Following following = moved(told(size("6x4")));
    assertThat(following.changes()).isEmpty();
    assertThat(following.left()).containsExactly("Low");
  }
}
