package drumnest.server.words;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Lab;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.QuietArea;
import drumnest.core.words.QuietPlaces;
import drumnest.server.intake.DerivedSize;
import drumnest.server.intake.ImageRenderer;
import drumnest.server.store.PhotoDetails;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;

/** Where words can lie on a print, and what colour it has there. */
@Component
class PrintGround implements QuietPlaces {

  private static final int MOST = 500;

  private record Part(String photo, PixelBox box) {}

  private final PhotoDetails details;
  private final ImageRenderer renderer;
  private final Cache<Part, Lab> colours = Caffeine.newBuilder().maximumSize(MOST).build();

  PrintGround(PhotoDetails details, ImageRenderer renderer) {
    this.details = details;
    this.renderer = renderer;
  }

  @Override
  public Optional<Box> on(AlbumModel album, String photo) {
    AlbumModel.Seated seated = album.slotOf(photo).flatMap(album::seated).orElse(null);
    return seated == null
        ? Optional.empty()
        : quiet(album, seated).flatMap(box -> seated.measured().onPrint(box, pixels(seated)));
  }

  /** The mean colour of the part of a photo on which a label lies. */
  Optional<Lab> colour(AlbumModel album, String photo) {
    Slot slot = album.slotOf(photo).orElse(null);
    AlbumModel.Seated seated = slot == null ? null : album.seated(slot).orElse(null);
    if (seated == null || !seated.photo().hasFile()) {
      return Optional.empty();
    }
    return quiet(album, seated)
        .map(box -> colours.get(new Part(photo, box), part -> mean(seated.photo(), box)));
  }

  private Optional<PixelBox> quiet(AlbumModel album, AlbumModel.Seated seated) {
    AlbumPhoto photo = seated.photo();
    return details
        .findById(photo.id())
        .flatMap(
            map ->
                QuietArea.of(
                    map.detail(),
                    photo.pixels(),
                    seated.measured().seen(photo.pixels()),
                    photo.notToBeCovered(),
                    album.rules()));
  }

  private static Pixels pixels(AlbumModel.Seated seated) {
    return seated.photo().pixels();
  }

  private Lab mean(AlbumPhoto photo, PixelBox box) {
    try {
      BufferedImage small =
          ImageIO.read(renderer.picture(photo.file(), DerivedSize.SMALL).toFile());
      double across = (double) small.getWidth() / photo.pixels().w();
      double down = (double) small.getHeight() / photo.pixels().h();
      int right = Math.min(small.getWidth(), (int) Math.ceil(box.right() * across));
      int bottom = Math.min(small.getHeight(), (int) Math.ceil(box.bottom() * down));
      long[] sums = new long[3];
      long count = 0;
      for (int y = (int) (box.y() * down); y < bottom; y++) {
        for (int x = (int) (box.x() * across); x < right; x++) {
          int rgb = small.getRGB(x, y);
          sums[0] += rgb >> 16 & 0xff;
          sums[1] += rgb >> 8 & 0xff;
          sums[2] += rgb & 0xff;
          count++;
        }
      }
      long all = Math.max(1, count);
      return Lab.ofSrgb(
          (int) (sums[0] / all) << 16 | (int) (sums[1] / all) << 8 | (int) (sums[2] / all));
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }
}
