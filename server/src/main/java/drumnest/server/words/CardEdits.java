package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.words.CardChain;
import drumnest.core.words.CardFix;
import drumnest.core.words.CardFixes;
import drumnest.core.words.FreePlaces;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.PlainText;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.album.StepTaken;
import drumnest.server.frame.SlotNames;
import drumnest.server.movers.FlapEdits;
import drumnest.server.type.ShippedTypefaces;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Cards: begun, written, set in another way, made to fit. Every method is one step. */
@Service
public class CardEdits {

  private static final int LONGEST_NAME = 120;
  private static final int LONGEST_CAPTION = 2_000;

  private final OpenAlbums openAlbums;
  private final History history;
  private final FlapEdits flaps;
  private final PrintGround ground;

  CardEdits(OpenAlbums openAlbums, History history, FlapEdits flaps, PrintGround ground) {
    this.ground = ground;
    this.openAlbums = openAlbums;
    this.history = history;
    this.flaps = flaps;
  }

  /**
   * Begins a card.
   *
   * @param slotId where it goes; null for nowhere yet
   * @param photos the photos it tells about; null for those that touch its place
   * @param words what is on it already; null for nothing
   * @return its key
   */
  public int begin(
      long albumId,
      long version,
      @Nullable String slotId,
      @Nullable List<String> photos,
      @Nullable CardWords words) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumChecks.requireRoom(album, "card", 1);
    Slot slot = slotId == null ? null : AlbumChecks.slot(album, "slot", slotId);
    List<String> about = photos != null ? photos : slot == null ? List.of() : beside(album, slot);
    about.forEach(photo -> AlbumChecks.photo(album, "photos", photo));
    CardWords written = (words == null ? CardWords.of("", album.rules()) : words).about(about);
    int key = album.nextEphemeraKey();
    history.step(
        seen,
        slot == null ? "a card" : "a card in " + SlotNames.of(slot),
        NewCard.of(album, key, slot, written));
    return key;
  }

  /** The photos that touch a place, in reading order. */
  public static List<String> beside(AlbumModel album, Slot slot) {
    return album.leaves().slotsOf(slot.leaf(), slot.side()).stream()
        .filter(slot::touches)
        .map(album::held)
        .filter(Objects::nonNull)
        .map(Holding::photo)
        .filter(Objects::nonNull)
        .toList();
  }

  /** Writes on a card; what was written before the last sentence ended is a step of its own. */
  public void write(long albumId, long version, int key, String heading, String date, String body) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    Ephemera.Card card = card(seen.album(), key);
    CardWords before = card.card();
    CardWords after = before.saying(heading, date, before.continues() == null ? body : "");
    if (before.equals(after)) {
      return;
    }
    Ephemera.Card next = renamed(card, before, after);
    history.write(seen, "write “" + next.name() + "”", new Change.OfEphemera(key, card, next));
  }

  /** A card that was called after its words is called after its new ones. */
  private static Ephemera.Card renamed(Ephemera.Card card, CardWords before, CardWords after) {
    String name = card.name().equals(NewCard.name(before)) ? NewCard.name(after) : card.name();
    return card.named(PlainText.beginning(name, LONGEST_NAME)).saying(after);
  }

  /**
   * Has a card be of another size, or its words be set in another way.
   *
   * @param size null for the size it has
   */
  public void set(
      long albumId, long version, int key, @Nullable Size size, UnaryOperator<CardWords> way) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    Ephemera.Card card = card(seen.album(), key);
    CardWords next = way.apply(card.card());
    if (next.lettering() instanceof Lettering.Typed typed) {
      requireFace(typed.face());
    }
    next.about().forEach(photo -> AlbumChecks.photo(seen.album(), "photos", photo));
    Ephemera.Card after = card.sized(size == null ? card.size() : size).saying(next);
    if (!after.equals(card)) {
      history.step(seen, "set " + card.name(), List.of(new Change.OfEphemera(key, card, after)));
    }
  }

  private static void requireFace(String face) {
    try {
      ShippedTypefaces.ALL.face(face);
    } catch (IllegalArgumentException unknown) {
      throw new FieldProblemException("face", "A typeface is plain, book, typewriter or pen.");
    }
  }

  /**
   * Has a card be made to fit.
   *
   * @param way the name of the fix, as it was offered
   */
  public void fix(long albumId, long version, int key, String way) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera.Card card = card(album, key);
    CardFix fix =
        CardFixes.of(album, card, ShippedTypefaces.ALL, ground).stream()
            .map(CardFixes.Offer::fix)
            .filter(each -> FixViews.way(each).equals(way))
            .findFirst()
            .orElseThrow(
                () ->
                    new UnprocessableException(
                        "fix", "That would not make it fit any more. Look again."));
    fix.accept(new FixStep(seen, card));
  }

  /** Takes the step that a fix is; each kind of fix says which. */
  private final class FixStep implements CardFix.Visitor<StepTaken> {

    private final SeenAlbum seen;
    private final Ephemera.Card card;
    private final CardWords words;
    private final String label;

    FixStep(SeenAlbum seen, Ephemera.Card card) {
      this.seen = seen;
      this.card = card;
      this.words = card.card();
      this.label = "make “" + card.name() + "” fit";
    }

    @Override
    public StepTaken smallerType(CardFix.SmallerType smaller) {
      Lettering.Typed typed = (Lettering.Typed) words.lettering();
      return rewrite(seen, card, words.written(typed.withSize(smaller.quarterPoints())), label);
    }

    @Override
    public StepTaken closerLines(CardFix.CloserLines closer) {
      Lettering.ByHand hand = (Lettering.ByHand) words.lettering();
      return rewrite(seen, card, words.written(hand.withPitch(closer.pitch())), label);
    }

    @Override
    public StepTaken typed(CardFix.Typed typed) {
      Lettering next = new Lettering.Typed(typed.face(), typed.quarterPoints(), null);
      return rewrite(seen, card, words.written(next), label);
    }

    @Override
    public StepTaken largerCard(CardFix.LargerCard larger) {
      return history.step(seen, label, moved(seen.album(), card, larger));
    }

    @Override
    public StepTaken runOn(CardFix.RunOn on) {
      Slot slot = AlbumChecks.slot(seen.album(), "slot", on.slot());
      return CardEdits.this.runOn(seen, card, slot, on.size(), label);
    }

    @Override
    public StepTaken secondCard(CardFix.SecondCard second) {
      return CardEdits.this.runOn(seen, card, null, second.size(), label);
    }

    @Override
    public StepTaken behindFlap(CardFix.BehindFlap flap) {
      return flaps.addBehind(seen, flap.slot(), card);
    }

    @Override
    public StepTaken label(CardFix.Label on) {
      return history.step(seen, label, labelled(seen.album(), card, on));
    }
  }

  private StepTaken rewrite(SeenAlbum seen, Ephemera.Card card, CardWords next, String label) {
    return history.step(
        seen, label, List.of(new Change.OfEphemera(card.key(), card, card.saying(next))));
  }

  private static List<Change> moved(
      AlbumModel album, Ephemera.Card card, CardFix.LargerCard larger) {
    Slot to = AlbumChecks.slot(album, "slot", larger.slot());
    Slot from = album.slotOfEphemera(card.key()).orElse(null);
    Holding held = from == null ? null : album.held(from);
    Holding there = album.held(to);
    List<Change> changes = new ArrayList<>();
    changes.add(
        new Change.OfEphemera(
            card.key(), card, card.sized(larger.size()).saying(card.card().labelling(null))));
    if (from != null) {
      AlbumChecks.requireUnlocked("card", held);
      changes.add(new Change.OfHolding(from.id(), held, there));
    }
    changes.add(
        new Change.OfHolding(
            to.id(), there, held == null ? Holding.ofEphemera(card.key()) : held.withMade(null)));
    return changes;
  }

  /** A label lies on its photo, so the card's place is free for something else. */
  private static List<Change> labelled(AlbumModel album, Ephemera.Card card, CardFix.Label on) {
    List<Change> changes = new ArrayList<>();
    Slot from = album.slotOfEphemera(card.key()).orElse(null);
    if (from != null) {
      Holding held = album.held(from);
      AlbumChecks.requireUnlocked("card", held);
      changes.add(new Change.OfHolding(from.id(), held, null));
    }
    Lettering typed = new Lettering.Typed(on.face(), on.quarterPoints(), null);
    CardWords words = card.card().written(typed).withArrow(false).labelling(on.photo());
    changes.add(new Change.OfEphemera(card.key(), card, card.sized(on.size()).saying(words)));
    return changes;
  }

  private StepTaken runOn(
      SeenAlbum seen, Ephemera.Card card, @Nullable Slot slot, Size size, String label) {
    AlbumModel album = seen.album();
    AlbumChecks.requireRoom(album, "card", 1);
    int key = album.nextEphemeraKey();
    CardWords next =
        card.card().saying("", "", "").withArrow(false).labelling(null).continuing(card.key());
    return history.step(seen, label, NewCard.of(album, key, slot, size, next));
  }

  /** Makes a card of a photo's caption, in the free place beside it that is best for it. */
  public int ofCaption(long albumId, long version, String photoId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    AlbumChecks.requireRoom(album, "card", 1);
    AlbumPhoto photo = AlbumChecks.photo(album, "photo", photoId);
    Slot slot = album.slotOf(photoId).flatMap(at -> FreePlaces.beside(album, at)).orElse(null);
    CardWords words =
        CardWords.of(photo.choosing().caption(), album.rules()).about(List.of(photoId));
    int key = album.nextEphemeraKey();
    List<Change> changes = new ArrayList<>(NewCard.of(album, key, slot, words));
    if (!photo.choosing().caption().isBlank()) {
      changes.add(captioned(photo, ""));
    }
    history.step(seen, "the words of a photo onto a card", changes);
    return key;
  }

  /** Makes a caption of a card's words, and takes the card away. */
  public void toCaption(long albumId, long version, int key) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Ephemera.Card card = card(album, key);
    CardWords words = card.card();
    AlbumPhoto photo =
        words.about().stream()
            .findFirst()
            .flatMap(album::photo)
            .orElseThrow(
                () ->
                    new UnprocessableException(
                        "card", "This card tells about no photo. Say which one first."));
    String text = words.text().strip();
    if (text.length() > LONGEST_CAPTION) {
      throw new UnprocessableException(
          "card",
          "The words of a photo have at most 2 000 letters; this card has "
              + text.length()
              + ". It stays.");
    }
    if (!CardChain.without(album, card).isEmpty() || words.continues() != null) {
      throw new UnprocessableException(
          "card", "This card runs on from one to another, so it cannot be a caption.");
    }
    List<Change> changes = new ArrayList<>();
    Slot slot = album.slotOfEphemera(key).orElse(null);
    if (slot != null) {
      Holding held = album.held(slot);
      AlbumChecks.requireUnlocked("card", held);
      changes.add(new Change.OfHolding(slot.id(), held, null));
    }
    changes.add(new Change.OfEphemera(key, card, null));
    changes.add(captioned(photo, text));
    history.step(seen, "the words of a card to its photo", changes);
  }

  private static Change captioned(AlbumPhoto photo, String caption) {
    PhotoAnnotations before = photo.annotations();
    return new Change.OfPhoto(
        photo.id(), before, before.withChoosing(before.choosing().withCaption(caption)));
  }

  /** A card of this key. */
  static Ephemera.Card card(AlbumModel album, int key) {
    return album
        .ephemera(key)
        .filter(Ephemera.Card.class::isInstance)
        .map(Ephemera.Card.class::cast)
        .orElseThrow(
            () -> new NotThereException("card", "There is no card with the key " + key + "."));
  }
}
