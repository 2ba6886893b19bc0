package drumnest.server.demo;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import drumnest.core.photo.Chapter;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.FreePlaces;
import drumnest.server.album.OpenAlbums;
import drumnest.server.stock.Shelf;
import drumnest.server.words.CardEdits;
import drumnest.server.words.FactEdits;
import drumnest.server.words.TitleEdits;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The words of the kite meet: facts, cards by hand and in type, a title along and one down. */
@Component
class KiteMeetWords {

  private static final String BLOCK = "Block letters, 1 1/4 high";
  private static final String SMALL = "Small letters, 1/2 high";

  private final CardEdits cards;
  private final TitleEdits titles;
  private final FactEdits facts;
  private final Shelf shelf;
  private final OpenAlbums albums;

  KiteMeetWords(
      CardEdits cards, TitleEdits titles, FactEdits facts, Shelf shelf, OpenAlbums albums) {
    this.cards = cards;
    this.titles = titles;
    this.facts = facts;
    this.shelf = shelf;
    this.albums = albums;
  }

  void words(long album) {
    letterSets();
    String arriving = chapter(album, 0);
    note(album, Fact.Subject.WEATHER, "Wind turned at six", arriving);
    note(album, Fact.Subject.WHO, "Who mended the tail", arriving);
    note(album, Fact.Subject.WEATHER, "14 knots, gusting", arriving);
    note(album, Fact.Subject.THANKS, "The ferryman, for waiting", null);
    List<String> placed = placed(album, arriving);
    card(
        album,
        placed.subList(0, 1),
        hand(
            "First up, nine o'clock",
            "",
            "Flat as a plate, hardly a breath. Only the lightest" + " ones would stay up at all."));
    card(
        album,
        placed.subList(2, 3),
        hand(
            "",
            "",
            "Then the box kite went up and took the whole line with it. Three of us held on, and"
                + " somebody laughed so hard that she let go. We walked half an hour along the"
                + " water to find it again, upside down on the far bank, with not a stick of it"
                + " broken and a gull asleep on top. Nobody had a thread long enough to mend the"
                + " line, so we knotted what there was, and it flew with eleven knots in it until"
                + " the evening. The smallest one counted them aloud."));
    tellOfNeighbours(album);
    card(
        album,
        placed.subList(4, 5),
        typed(
            "Where the lines crossed",
            "Typed for a clear label. It lies over the quiet sky of its photo.\n- two tails lost\n"
                + "- one found again"));
    String morning = chapter(album, 1);
    note(album, Fact.Subject.OVERHEARD, "“It only wants to go home”", morning);
    note(album, Fact.Subject.WHERE, "The far bank, beyond the second groyne", morning);
    card(
        album,
        placed(album, morning).subList(0, 1),
        typed("The second day", "It only wants to go home, said the smallest of us, and let go."));
    title(album, "BIG WIND", key(BLOCK), "8", false, null, arriving);
    title(album, "GUSTS", key(BLOCK), "6", true, placed.get(0), arriving);
  }

  /** The card that lies on a page already tells of the photos beside it. */
  private void tellOfNeighbours(long album) {
    AlbumModel now = albums.open(album);
    for (Ephemera each : now.allEphemera()) {
      Slot at = now.slotOfEphemera(each.key()).orElse(null);
      CardWords words = each.card();
      if (at != null && words != null && words.about().isEmpty()) {
        cards.set(
            album,
            version(album),
            each.key(),
            null,
            before -> before.about(CardEdits.beside(now, at)).withArrow(true));
      }
    }
  }

  private void letterSets() {
    shelf.addNew(
        List.of(
            new LetterSet(
                BLOCK,
                Length.parse("1 1/4"),
                Map.of(
                    "B", Length.parse("7/8"),
                    "I", Length.parse("7/16"),
                    "W", Length.parse("1 1/4"),
                    "D", Length.parse("15/16")),
                counted("AABBCDDEEEFGGHIKLMNNOOPRRSSSTTUUVWZ"),
                "#10262c"),
            new LetterSet(
                SMALL,
                Length.parse("1/2"),
                Map.of("a", Length.parse("3/8"), "M", Length.parse("9/16")),
                null,
                "#d8412b")));
  }

  private static Map<String, Integer> counted(String letters) {
    Map<String, Integer> counted = new TreeMap<>();
    letters
        .codePoints()
        .forEach(letter -> counted.merge(Character.toString(letter), 1, Integer::sum));
    return counted;
  }

  private String key(String set) {
    return shelf.all().stream()
        .filter(entry -> entry.item() instanceof LetterSet each && each.name().equals(set))
        .findFirst()
        .orElseThrow()
        .key();
  }

  private String chapter(long album, int number) {
    Chapter chapter = albums.open(album).chapters().get(number);
    return chapter.photos().get(0).id();
  }

  /** The photos of a chapter that have a place, in time order. */
  private List<String> placed(long album, String chapter) {
    AlbumModel now = albums.open(album);
    return now.chapters().stream()
        .filter(each -> each.photos().get(0).id().equals(chapter))
        .flatMap(each -> each.photos().stream())
        .map(photo -> photo.id())
        .filter(photo -> now.slotOf(photo).isPresent())
        .toList();
  }

  private void note(long album, Fact.Subject kind, String text, @Nullable String chapter) {
    facts.note(album, version(album), new Fact(kind, text, chapter));
  }

  private static CardWords hand(String heading, String date, String body) {
    return CardWords.of(body, HouseRules.defaults())
        .written(new Lettering.ByHand(Length.parse("1/10"), Length.parse("1/4")))
        .saying(heading, date, body);
  }

  private static CardWords typed(String heading, String body) {
    return CardWords.of(body, HouseRules.defaults())
        .written(new Lettering.Typed("book", 40, null))
        .saying(heading, "", body);
  }

  /** In a free place beside its photo; without a place where there is none. */
  private void card(long album, List<String> about, CardWords words) {
    AlbumModel now = albums.open(album);
    Slot slot = now.slotOf(about.get(0)).flatMap(at -> FreePlaces.beside(now, at)).orElse(null);
    cards.begin(album, version(album), slot == null ? null : slot.id(), about, words);
  }

  private void title(
      long album,
      String text,
      String set,
      String run,
      boolean stacked,
      @Nullable String about,
      String chapter) {
    titles.save(
        album,
        version(album),
        null,
        new TitleWords(
            text,
            set,
            null,
            Length.parse(run),
            Length.parse("1/16"),
            stacked,
            false,
            about,
            chapter,
            false));
  }

  private long version(long album) {
    return albums.open(album).version();
  }
}
