package drumnest.core.album;

import drumnest.core.album.leaf.LeafState;
import drumnest.core.fit.FitQuestion;
import drumnest.core.measure.Length;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * An album of two leaves, of six wide pockets and of one wide with ten small ones, and eight photos
 * on its line, none of which has a place.
 */
public final class SmallAlbum {

  static final String CAMERA = "one camera";
  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  private SmallAlbum() {}

  private static LeafType type(String key) {
    return (LeafType) Catalogue.beginning().get(key).item();
  }

  static AlbumPhoto photo(int number) {
    return new AlbumPhoto(
        new PhotoFile("photo" + number, "jpg", new Pixels(3000, 2000)),
        "photo" + number + ".jpg",
        null,
        1,
        Focus.NONE,
        number % 2 == 0
            ? FileWords.NONE
            : new FileWords(null, null, null, CAMERA, null, "", "", ""),
        null,
        new PhotoAnnotations(
            NOON.plusMinutes(number),
            false,
            null,
            List.of(),
            Framing.FOLLOWS,
            null,
            Choosing.OPEN,
            StoryPhoto.Grouping.NONE),
        Duration.ZERO);
  }

  public static AlbumModel begin() {
    Length paper = Length.ofInches(1, 1, 64);
    Map<Integer, LeafState> leaves = new LinkedHashMap<>();
    leaves.put(1, LeafState.of(Catalogue.SIX_WIDE));
    leaves.put(2, LeafState.of(Catalogue.ONE_WIDE_TEN_SMALL));
    return new AlbumModel(
        new AlbumHead(1, 0, "Album", null, null, 2, 0, List.of()),
        new AlbumParts(
            leaves,
            IntStream.range(0, 8).mapToObj(SmallAlbum::photo).toList(),
            Map.of(),
            Map.of(),
            Map.of(),
            new TreeMap<>()),
        new Supplies(
            Map.of(
                Catalogue.SIX_WIDE, type(Catalogue.SIX_WIDE),
                Catalogue.ONE_WIDE_TEN_SMALL, type(Catalogue.ONE_WIDE_TEN_SMALL)),
            Map.of(),
            new Supplies.Materials(paper, paper, paper, paper, paper),
            HouseRules.defaults()),
        FitQuestion.Answers.WORKED_OUT);
  }
}
