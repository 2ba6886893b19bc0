package drumnest.server.gather;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.CropOffers;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.intake.CatchUp;
import java.util.List;
import org.springframework.stereotype.Component;

/** Shows crops that could follow what was found in their photos since they were placed. */
@Component
class CropViews {

  private final OpenAlbums openAlbums;
  private final CatchUp catchUp;

  CropViews(OpenAlbums openAlbums, CatchUp catchUp) {
    this.openAlbums = openAlbums;
    this.catchUp = catchUp;
  }

  /**
   * A crop that could follow its photo.
   *
   * @param now what is printed of it, as shares of the picture
   * @param then what would be
   * @param words what is won
   */
  record CropView(
      String photo,
      String name,
      Views.PixelsView pixels,
      Views.WhereView where,
      Views.ShareBoxView now,
      Views.ShareBoxView then,
      String words) {}

  /**
   * All such crops.
   *
   * @param looked how many photos that came in earlier were looked at for faces since the start
   * @param toLook of how many
   */
  record CropsView(List<CropView> crops, int looked, int toLook) {}

  CropsView crops(long albumId) {
    AlbumModel album = openAlbums.open(albumId);
    CatchUp.Progress progress = catchUp.progress();
    return new CropsView(
        CropOffers.of(album).stream().map(offer -> crop(album, offer)).toList(),
        progress.done(),
        progress.total());
  }

  private static CropView crop(AlbumModel album, CropOffers.Offer offer) {
    return new CropView(
        offer.photo().id(),
        offer.photo().name(),
        Views.PixelsView.of(offer.photo().pixels()),
        AlbumViews.where(album, offer.slot()),
        SlotDrawing.share(offer.now().crop(), offer.photo().pixels()),
        SlotDrawing.share(offer.then().crop(), offer.photo().pixels()),
        Words.counted(offer.saved(), "head more stays whole", "heads more stay whole"));
  }
}
