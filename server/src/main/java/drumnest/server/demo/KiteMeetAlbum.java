package drumnest.server.demo;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.server.album.OpenAlbums;
import drumnest.server.gather.PhotoEdits;
import drumnest.server.intake.PhotoIntake;
import drumnest.server.place.PlaceEdits;
import drumnest.server.place.SlotEdits;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Fills the demo album the way a maker would: photos in, keep boxes drawn, a pocket measured. */
@Component
class KiteMeetAlbum {

  /** A group that may be cropped: else it fits wide pockets only, and the spread ends before it. */
  private static final String ANY_CROP = "pebble-05.jpg";

  private final PhotoIntake intake;
  private final SlotEdits edits;
  private final PlaceEdits places;
  private final PhotoEdits photoEdits;
  private final OpenAlbums albums;
  private final KiteMeetChoices choices;
  private final KiteMeetLeaves more;
  private final KiteMeetMovers movers;
  private final KiteMeetWords words;

  KiteMeetAlbum(
      PhotoIntake intake,
      SlotEdits edits,
      PlaceEdits places,
      PhotoEdits photoEdits,
      OpenAlbums albums,
      KiteMeetChoices choices,
      KiteMeetLeaves more,
      KiteMeetMovers movers,
      KiteMeetWords words) {
    this.words = words;
    this.choices = choices;
    this.photoEdits = photoEdits;
    this.intake = intake;
    this.edits = edits;
    this.places = places;
    this.albums = albums;
    this.more = more;
    this.movers = movers;
  }

  void fill(long albumId) {
    List<String[]> shots =
        new String(bytes("shots.csv"), StandardCharsets.UTF_8)
            .lines()
            .filter(line -> !line.startsWith("#"))
            .map(line -> line.split(",", -1))
            .toList();
    Map<String, String> photos = new LinkedHashMap<>();
    shots.parallelStream()
        .map(shot -> Map.entry(shot[0], take(albumId, shot[0])))
        .toList()
        .forEach(taken -> photos.put(taken.getKey(), taken.getValue()));
    for (String[] shot : shots) {
      tell(albumId, photos.get(shot[0]), shot);
    }
    choices.choose(albumId);
    place(albumId, 1);
    more.leaves(albumId);
    place(albumId, 3);
    movers.movers(albumId);
    movers.everyKind(albumId);
    more.allEphemera(albumId);
    words.words(albumId);
    edits.measure(albumId, version(albumId), "2-front-5", inches("2 31/32", "4 1/16"));
  }

  private void place(long albumId, int spread) {
    AlbumPlacing.Request request = AlbumPlacing.Request.story(PlacingTask.Scope.spread(spread));
    places.placeAgain(albumId, version(albumId), request, ProgressMonitor.NONE);
  }

  private void tell(long albumId, String photo, String[] shot) {
    if (!shot[1].isEmpty() && !shot[0].equals(ANY_CROP)) {
      int[] box = Arrays.stream(shot, 1, 5).mapToInt(Integer::parseInt).toArray();
      photoEdits.keep(
          albumId, version(albumId), photo, new PixelBox(box[0], box[1], box[2], box[3]));
    }
    if (!shot[5].isEmpty()) {
      String[] size = shot[5].split("x");
      photoEdits.onTable(albumId, version(albumId), photo, inches(size[0], size[1]));
    }
  }

  private static Size inches(String w, String h) {
    return new Size(Length.parse(w), Length.parse(h));
  }

  private long version(long albumId) {
    return albums.open(albumId).version();
  }

  private String take(long albumId, String file) {
    try (InputStream in = open(file)) {
      return intake.take(albumId, file, -1, 0, in).sha256();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] bytes(String file) {
    try (InputStream in = open(file)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static InputStream open(String file) {
    InputStream in = KiteMeetAlbum.class.getResourceAsStream("/demo/" + file);
    if (in == null) {
      throw new IllegalStateException("The demo picture " + file + " is missing.");
    }
    return in;
  }
}
