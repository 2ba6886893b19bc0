package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.TitleFit;
import drumnest.server.album.OpenAlbums;
import drumnest.server.stock.Shelf;
import drumnest.server.type.ShippedTypefaces;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The letter sets of the house, and how many letters are left of each: what is in the box less what
 * stuck titles have taken, in whichever album, and less what the titles of the same album take that
 * come before.
 */
@Component
class LetterStock {

  private final Shelf shelf;
  private final OpenAlbums albums;

  LetterStock(Shelf shelf, OpenAlbums albums) {
    this.shelf = shelf;
    this.albums = albums;
  }

  /** The letter sets by their keys, those off the shelf among them. */
  Map<String, LetterSet> sets() {
    Map<String, LetterSet> sets = new LinkedHashMap<>();
    shelf
        .all()
        .forEach(
            entry -> {
              if (entry.item() instanceof LetterSet set) {
                sets.put(entry.key(), set);
              }
            });
    return sets;
  }

  /** Letters that are left, while titles take theirs in turn. */
  static final class Box {

    private final Map<String, LetterSet> sets;
    private final Map<LetterSet, Map<String, Integer>> left = new LinkedHashMap<>();
    private final HouseRules rules;

    private Box(Map<String, LetterSet> sets, HouseRules rules) {
      this.sets = sets;
      this.rules = rules;
      sets.values()
          .forEach(
              set -> {
                if (set.letters() != null) {
                  left.put(set, new LinkedHashMap<>(set.letters()));
                }
              });
    }

    Map<String, LetterSet> sets() {
      return sets;
    }

    Map<LetterSet, Map<String, Integer>> left() {
      return left;
    }

    /** How a title stands with what is left; nothing is taken. Null where its set is gone. */
    @Nullable TitleFit fit(TitleWords title) {
      LetterSet set = sets.get(title.set());
      LetterSet second = title.second() == null ? null : sets.get(title.second());
      return set == null
          ? null
          : TitleFit.of(title, set, second, left, ShippedTypefaces.ALL, rules);
    }

    /** Takes the letters of a title out. */
    void take(TitleWords title) {
      TitleFit fit = fit(title);
      if (fit != null) {
        left.forEach(
            (set, letters) ->
                TitleFit.used(fit, set)
                    .forEach((letter, count) -> letters.merge(letter, -count, Integer::sum)));
      }
    }
  }

  /**
   * The box as a title of an album finds it.
   *
   * @param key the key of that title; null for one that comes after all others
   */
  Box before(AlbumModel album, @Nullable Integer key) {
    Box box = new Box(sets(), album.rules());
    for (AlbumModel each : albums.all()) {
      for (Ephemera other : each.allEphemera()) {
        TitleWords title = other.title();
        boolean itself = each.id() == album.id() && key != null && other.key() == key;
        if (title != null && title.stuck() && !itself) {
          box.take(title);
        }
      }
    }
    for (Ephemera other : album.allEphemera()) {
      TitleWords title = other.title();
      if (title != null && !title.stuck() && (key == null || other.key() < key)) {
        box.take(title);
      }
    }
    return box;
  }
}
