package drumnest.bench;

import drumnest.core.measure.Size;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Lab;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Place;
import drumnest.core.place.Weights;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Seeded lines of photos, rows of places and requests for leaves. */
final class PlacingCase {

  private static final int[][] SHAPES = {{6000, 4000}, {4000, 6000}, {4000, 3000}, {3000, 3000}};
  private static final int[][] PRINTS = {{6, 4}, {4, 6}, {3, 4}, {4, 4}};

  private PlacingCase() {}

  static List<Candidate> photos(int count, Random random) {
    List<Candidate> photos = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int[] shape = SHAPES[random.nextInt(SHAPES.length)];
      PixelBox keep =
          i % 3 == 0 ? new PixelBox(shape[0] / 4, shape[1] / 4, shape[0] / 3, shape[1] / 3) : null;
      photos.add(
          new Candidate(
              "p" + i,
              new Pixels(shape[0], shape[1]),
              keep,
              Focus.NONE,
              3,
              i % 9 < 3 ? "burst" + i / 9 : null,
              i % 20 < 2 ? "version" + i / 20 : null,
              null,
              new Candidate.PlacementHints(i % 40 == 0, false, i % 50 == 0, i % 15 == 0),
              new Look(
                  new Fingerprint(random.nextLong()),
                  new Fingerprint(random.nextLong()),
                  null,
                  new Lab(random.nextInt(100), random.nextInt(40), random.nextInt(40)),
                  new Lab(50, 0, 0),
                  100,
                  new Light(120, 0, 0),
                  new Pixels(shape[0], shape[1]))));
    }
    return photos;
  }

  static List<Place> places(int count, Random random) {
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int[] print = PRINTS[random.nextInt(PRINTS.length)];
      places.add(
          new Place(
              "s" + i,
              Size.ofInches(print[0], print[1]),
              random.nextInt(10) == 0,
              false,
              new Place.At((i / 8 + 1) / 2, i / 8, 0.5, i < 8, i % 2 == 0, false)));
    }
    return places;
  }

  static LeafPlanning.Request request(HouseRules rules, Integer owned, Random random) {
    List<Candidate> photos = photos(200, random);
    List<List<Candidate>> chapters = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      chapters.add(photos.subList(25 * i, 25 * i + 25));
    }
    List<LeafPlanning.LeafKind> kinds = new ArrayList<>();
    Catalogue.beginning()
        .forEach(
            (key, entry) -> {
              if (kinds.size() < 10
                  && entry.item() instanceof LeafType type
                  && type.pattern() != null) {
                kinds.add(
                    new LeafPlanning.LeafKind(
                        key,
                        page(type.pattern()),
                        page(type.pattern().mirrored()),
                        kinds.size() < 6 ? owned : null));
              }
            });
    return new LeafPlanning.Request(
        chapters, kinds, Breathing.FULL, 60, true, 0, 3, Weights.of(rules), rules);
  }

  /** The same with sleeves of three sizes over every page, for so many pictures. */
  static LeafPlanning.Request sleeved(HouseRules rules, int most, Random random) {
    LeafPlanning.Request plain = request(rules, null, random);
    List<LeafPlanning.LeafKind> kinds =
        plain.kinds().stream()
            .map(
                kind ->
                    new LeafPlanning.LeafKind(
                        kind.key(),
                        kind.front(),
                        kind.back(),
                        kind.owned(),
                        LeafPlanning.SLACK,
                        LeafPlanning.SLACK))
            .toList();
    List<Size> inserts = List.of(Size.ofInches(3, 4), Size.ofInches(4, 4), Size.ofInches(4, 6));
    return new LeafPlanning.Request(
        plain.chapters(),
        kinds,
        new LeafPlanning.Sleeves(inserts, most),
        plain.breathing(),
        plain.mostLeaves(),
        plain.freshPages(),
        plain.leavesBefore(),
        plain.plans(),
        plain.weights(),
        plain.rules());
  }

  private static List<Place> page(PocketPattern pattern) {
    return pattern.pockets().stream()
        .map(pocket -> new Place("", pocket.named(), false, false))
        .toList();
  }
}
