package drumnest.server.demo;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.Block;
import drumnest.core.album.leaf.Shape;
import drumnest.core.album.leaf.Side;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.server.album.OpenAlbums;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.place.EphemeraEdits;
import java.util.List;
import org.springframework.stereotype.Component;

/** The smaller leaves and plain pages of the kite meet, and what is no photo in it. */
@Component
class KiteMeetLeaves {

  private static final Length THREE = Length.ofInches(3);
  private static final Length FOUR = Length.ofInches(4);
  private static final Length SIX = Length.ofInches(6);
  private static final Length EIGHTH = Length.parse("1/8");

  private final LeafEdits leaves;
  private final EphemeraEdits allEphemera;
  private final OpenAlbums albums;

  KiteMeetLeaves(LeafEdits leaves, EphemeraEdits allEphemera, OpenAlbums albums) {
    this.leaves = leaves;
    this.allEphemera = allEphemera;
    this.albums = albums;
  }

  /**
   * Leaves 3 to 7: a narrow one before a plain page, an inset, one of nine, a last one of movers.
   */
  void leaves(long album) {
    leaves.add(album, version(album), "6x12-three-6x4", 3);
    leaves.add(album, version(album), "plain-12x12", 4);
    leaves.add(album, version(album), "6x8-four-3x4", 5);
    leaves.add(album, version(album), "12x12-nine-4x4", 6);
    leaves.add(album, version(album), "plain-12x12", 7);
    leaves.plan(album, version(album), 7, Side.FRONT, uprightsAndWide());
    leaves.plan(album, version(album), 7, Side.BACK, fourUprights());
    leaves.plan(album, version(album), 4, Side.FRONT, front());
    leaves.plan(album, version(album), 4, Side.BACK, back());
    leaves.drop(album, version(album), 5, Length.ofInches(2));
  }

  /** Four mounts in the middle of a page, with room for what opens between them. */
  private static List<Block> fourUprights() {
    return List.of(grid(1, new Size(THREE, FOUR), 2, Anchor.Along.MIDDLE, Length.ZERO));
  }

  /** Two uprights above two wide ones. */
  private static List<Block> uprightsAndWide() {
    return List.of(
        grid(1, new Size(FOUR, SIX), 1, Anchor.Along.START, Length.ofInches(1)),
        grid(2, new Size(FOUR, THREE), 1, Anchor.Along.END, Length.ofInches(1)));
  }

  private static Block grid(int key, Size cell, int rows, Anchor.Along down, Length off) {
    return new Block(
        key,
        new Shape.InGrid(2, rows, cell, Length.ofInches(1), Length.ZERO),
        new Anchor.OnPage(Anchor.Along.MIDDLE, Length.ZERO, down, off),
        Holds.PHOTO,
        Length.ZERO);
  }

  /** An upright and a wide one with three squares under it, and a strip for words above. */
  private static List<Block> front() {
    Size upright = Size.ofInches(4, 6);
    Size wide = Size.ofInches(6, 4);
    Block mixed =
        new Block(
            1,
            new Shape.Mixed(upright, wide, 3, EIGHTH, true, false),
            new Anchor.OnPage(
                Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.MIDDLE, Length.ofInches(1)),
            Holds.PHOTO,
            Length.ZERO);
    Block words =
        new Block(
            2,
            new Shape.Single(Size.ofInches(6, 2)),
            new Anchor.OfBlock(1, Anchor.Beside.ABOVE, Length.parse("1/2"), Anchor.Along.END),
            Holds.WORDS,
            Length.ZERO);
    return List.of(mixed, words);
  }

  /** Two matted uprights with round corners side by side, and a place for a keepsake. */
  private static List<Block> back() {
    Block pair =
        new Block(
            1,
            new Shape.InGrid(
                2,
                1,
                new Size(Length.parse("4 1/2"), Length.parse("6 1/2")),
                Length.parse("1/2"),
                Length.ZERO),
            new Anchor.OnPage(
                Anchor.Along.MIDDLE, Length.ZERO, Anchor.Along.START, Length.ofInches(1)),
            Holds.PHOTO,
            new Outline.Rounded(Length.parse("1/2")),
            Length.parse("1/4"));
    Block ticket =
        new Block(
            2,
            new Shape.Single(new Size(Length.parse("5 1/2"), Length.parse("2 1/4"))),
            new Anchor.OfBlock(1, Anchor.Beside.BELOW, Length.ofInches(1), Anchor.Along.MIDDLE),
            Holds.KEEPSAKE,
            Length.ZERO);
    return List.of(pair, ticket);
  }

  void allEphemera(long album) {
    int card =
        allEphemera.add(
            album,
            version(album),
            new Ephemera.Card(
                0,
                "Why the big one would not rise",
                Size.ofInches(6, 2),
                Length.parse(".011"),
                false,
                CardWords.of(
                    "Too wet, the line too short, and everybody pulling at once. At six the wind"
                        + " turned, and up it went.",
                    HouseRules.defaults())));
    allEphemera.lay(album, version(album), card, "4-front-2.1");
    allEphemera.add(
        album,
        version(album),
        new Ephemera.Keepsake(
            0,
            "Ferry ticket",
            new Size(Length.parse("5 1/2"), Length.parse("2 1/8")),
            Length.parse(".008"),
            true));
    allEphemera.add(
        album,
        version(album),
        new Ephemera.Keepsake(
            0,
            "Brass line ring",
            new Size(Length.parse("1 1/4"), Length.parse("1 1/4")),
            Length.parse("3/32"),
            false));
  }

  private long version(long album) {
    return albums.open(album).version();
  }
}
