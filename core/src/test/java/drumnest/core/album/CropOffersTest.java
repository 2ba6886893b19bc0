package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.leaf.LeafState;
import drumnest.core.fit.FitQuestion;
import drumnest.core.measure.Length;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Framing;
import drumnest.core.photo.Looks;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class CropOffersTest {

  private static final PixelBox AT_THE_EDGE = new PixelBox(2500, 500, 400, 600);
  private static final PixelBox IN_THE_MIDDLE = new PixelBox(1400, 500, 400, 600);
  private static final String NARROW = "1-front-2";

  private static AlbumPhoto photo(Framing framing, PixelBox head, PixelBox keep) {
    return new AlbumPhoto(
        new PhotoFile("photo", "jpg", new Pixels(3000, 2000)),
        "photo.jpg",
        null,
        1,
        new Focus(List.of(head), head, true, List.of()),
        FileWords.NONE,
        null,
        Looks.NOTHING_SAID.withKeep(keep).withFraming(framing),
        Duration.ZERO);
  }

  private static AlbumModel album(AlbumPhoto photo, Holding holding) {
    Length paper = Length.ofInches(1, 1, 64);
    return new AlbumModel(
        new AlbumHead(1, 0, "Album", null, null, 1, 0, List.of()),
        new AlbumParts(
            Map.of(1, LeafState.of(Catalogue.ONE_WIDE_TEN_SMALL)),
            List.of(photo),
            Map.of(),
            Map.of(NARROW, holding),
            Map.of(),
            new TreeMap<>()),
        new Supplies(
            Map.of(
                Catalogue.ONE_WIDE_TEN_SMALL,
                (LeafType) Catalogue.beginning().get(Catalogue.ONE_WIDE_TEN_SMALL).item()),
            Map.of(),
            new Supplies.Materials(paper, paper, paper, paper, paper),
            HouseRules.defaults()),
        FitQuestion.Answers.WORKED_OUT);
  }

  private static List<CropOffers.Offer> offers(AlbumPhoto photo) {
    return CropOffers.of(album(photo, Holding.ofPhoto("photo")));
  }

  @Test
  void a_crop_settled_before_the_head_was_found_may_follow_it() {
    List<CropOffers.Offer> offers = offers(photo(Framing.AS_BEFORE, AT_THE_EDGE, null));
    assertThat(offers).hasSize(1);
    assertThat(offers.get(0).saved()).isEqualTo(1);
    assertThat(offers.get(0).now().crop()).isEqualTo(new PixelBox(750, 0, 1500, 2000));
    assertThat(offers.get(0).then().crop()).isEqualTo(new PixelBox(1500, 0, 1500, 2000));
  }

  @Test
  void what_is_as_good_as_it_is_or_as_the_maker_wants_it_is_left_alone() {
    assertThat(offers(photo(Framing.AS_BEFORE, IN_THE_MIDDLE, null))).isEmpty();
    assertThat(offers(photo(Framing.CENTRED, AT_THE_EDGE, null))).isEmpty();
    assertThat(offers(photo(Framing.FOLLOWS, AT_THE_EDGE, null))).isEmpty();
    assertThat(offers(photo(Framing.AS_BEFORE, AT_THE_EDGE, IN_THE_MIDDLE))).isEmpty();
  }

  @Test
  void what_is_cut_from_its_paper_already_is_left_alone() {
    AlbumPhoto photo = photo(Framing.AS_BEFORE, AT_THE_EDGE, null);
    assertThat(CropOffers.of(album(photo, Holding.ofPhoto("photo").withMade(Made.CUT)))).isEmpty();
  }
}
