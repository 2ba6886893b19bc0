package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.words.CardChain;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** The people and facts that are to be told. Every method is one step. */
@Service
public class FactEdits {

  private static final int MOST = 500;

  private final OpenAlbums openAlbums;
  private final History history;

  FactEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Notes something that is to be told. */
  public void note(long albumId, long version, Fact fact) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    if (fact.chapter() != null) {
      AlbumChecks.photo(album, "chapter", fact.chapter());
    }
    List<Fact> facts = new ArrayList<>(album.facts());
    if (facts.contains(fact)) {
      throw new UnprocessableException("text", "That is on the list already.");
    }
    if (facts.size() >= MOST) {
      throw new UnprocessableException("text", "An album has at most " + MOST + " facts.");
    }
    facts.add(fact);
    history.step(
        seen, "note “" + fact.text() + "”", List.of(new Change.OfFacts(album.facts(), facts)));
  }

  /** Takes something off the list. */
  public void strike(long albumId, long version, Fact fact) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<Fact> facts = new ArrayList<>(album.facts());
    if (!facts.remove(fact)) {
      throw new NotThereException("text", "That is not on the list.");
    }
    history.step(
        seen, "strike “" + fact.text() + "”", List.of(new Change.OfFacts(album.facts(), facts)));
  }

  /** Tells a fact on a card, at the end of its story. */
  public void tell(long albumId, long version, String text, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera.Card card = CardChain.of(album).first(CardEdits.card(album, key));
    CardWords words = card.card();
    String body = words.body().stripTrailing();
    String gap = body.isEmpty() ? "" : body.endsWith("\n") ? "" : endsSentence(body) ? " " : ". ";
    CardWords next = words.saying(words.heading(), words.date(), body + gap + text);
    history.step(
        seen,
        "tell “" + text + "”",
        List.of(new Change.OfEphemera(card.key(), card, card.saying(next))));
  }

  private static boolean endsSentence(String body) {
    return ".!?…,:;".indexOf(body.charAt(body.length() - 1)) >= 0;
  }
}
