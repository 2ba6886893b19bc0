package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.TitleFit;
import drumnest.core.words.TitleFixes;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.type.ShippedTypefaces;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Titles of letters from a set: begun, changed, stuck. Every method is one step. */
@Service
public class TitleEdits {

  private final OpenAlbums openAlbums;
  private final History history;
  private final LetterStock stock;

  TitleEdits(OpenAlbums openAlbums, History history, LetterStock stock) {
    this.openAlbums = openAlbums;
    this.history = history;
    this.stock = stock;
  }

  /**
   * Begins a title, or says anew what one is.
   *
   * @param key null for a new one
   */
  public int save(long albumId, long version, @Nullable Integer key, TitleWords title) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Map<String, LetterSet> sets = stock.sets();
    requireSet(sets, "set", title.set());
    if (title.second() != null) {
      requireSet(sets, "second", title.second());
    }
    if (title.about() != null) {
      AlbumChecks.photo(album, "about", title.about());
    }
    if (key == null) {
      AlbumChecks.requireRoom(album, "text", 1);
      int next = album.nextEphemeraKey();
      history.step(
          seen,
          "title “" + title.text() + "”",
          List.of(new Change.OfEphemera(next, null, ephemera(album, next, title))));
      return next;
    }
    Ephemera.Title before = title(album, key);
    requireLoose(before);
    Ephemera.Title after = ephemera(album, key, title);
    if (!before.equals(after)) {
      history.step(
          seen,
          "change the title “" + before.name() + "”",
          List.of(new Change.OfEphemera(key, before, after)));
    }
    return key;
  }

  private static void requireSet(Map<String, LetterSet> sets, String field, String key) {
    if (!sets.containsKey(key)) {
      throw new FieldProblemException(field, "There is no such letter set on the shelf.");
    }
  }

  private static void requireLoose(Ephemera.Title title) {
    if (title.title().stuck()) {
      throw new UnprocessableException(
          "title", "This title is stuck, and letters do not come off. If it is not, say so first.");
    }
  }

  /** A title takes what its letters take, with their margins. */
  private Ephemera.Title ephemera(AlbumModel album, int key, TitleWords title) {
    TitleFit fit = Objects.requireNonNull(stock.before(album, key).fit(title));
    return new Ephemera.Title(key, title.text(), fit.border(), album.materials().letters(), title);
  }

  /** Says that a title is stuck, so that its letters are off the stock, or that it is not. */
  public void stick(long albumId, long version, int key, boolean stuck) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera.Title before = title(album, key);
    TitleWords title = before.title();
    if (stuck) {
      TitleFit fit = stock.before(album, key).fit(title);
      if (fit == null || !fit.missing().isEmpty()) {
        throw new UnprocessableException(
            "title", "It lacks letters, so it cannot be stuck whole yet.");
      }
    }
    history.step(
        seen,
        (stuck ? "stuck: “" : "not stuck: “") + before.name() + "”",
        List.of(new Change.OfEphemera(key, before, before.spelling(title.withStuck(stuck)))));
  }

  /**
   * Has a title be made to work.
   *
   * @param way the name of the fix, as it was offered
   */
  public void fix(long albumId, long version, int key, String way) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera.Title before = title(album, key);
    requireLoose(before);
    TitleWords title = before.title();
    LetterStock.Box box = stock.before(album, key);
    TitleFixes.Offer offer =
        TitleFixes.of(title, box.sets(), box.left(), ShippedTypefaces.ALL, album.rules()).stream()
            .filter(each -> TitleViews.way(each.fix()).equals(way))
            .findFirst()
            .orElseThrow(
                () ->
                    new UnprocessableException(
                        "fix", "That would not make it work any more. Look again."));
    List<Change> changes = new ArrayList<>();
    changes.add(
        new Change.OfEphemera(key, before, ephemera(album, key, offer.lines().get(0).title())));
    int next = album.nextEphemeraKey();
    offer.lines().stream()
        .skip(1)
        .map(line -> new Change.OfEphemera(next, null, ephemera(album, next, line.title())))
        .forEach(changes::add);
    history.step(seen, "make the title “" + before.name() + "” work", changes);
  }

  /** A title of this key. */
  static Ephemera.Title title(AlbumModel album, int key) {
    return album
        .ephemera(key)
        .filter(Ephemera.Title.class::isInstance)
        .map(Ephemera.Title.class::cast)
        .orElseThrow(
            () -> new NotThereException("title", "There is no title with the key " + key + "."));
  }
}
