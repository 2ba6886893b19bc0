package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.words.CardChain;
import drumnest.server.frame.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Cards and titles in reading order, by chapters. A card belongs to the chapter of the first photo
 * that it tells about, or else of the first on its page; one that runs on follows the one before
 * it; what belongs to none comes after the last chapter.
 */
final class WordsOrder {

  /**
   * The words of a chapter.
   *
   * @param id the photo by which it is known; empty for what belongs to no chapter
   */
  record InChapter(
      String id,
      String title,
      List<StoryPhoto> photos,
      List<Ephemera.Card> cards,
      List<Ephemera.Title> titles) {

    boolean isEmpty() {
      return cards.isEmpty() && titles.isEmpty();
    }
  }

  private final AlbumModel album;
  private final CardChain chain;
  private final Map<String, Integer> chapterOf = new HashMap<>();
  private final Map<String, Integer> lineOf = new HashMap<>();
  private final List<InChapter> chapters = new ArrayList<>();

  private WordsOrder(AlbumModel album) {
    this.album = album;
    this.chain = CardChain.of(album);
    List<Chapter> divided = album.chapters();
    List<String> titles = Words.chapters(divided.stream().map(Chapter::begin).toList());
    for (int i = 0; i < divided.size(); i++) {
      Chapter chapter = divided.get(i);
      String name = chapter.name();
      List<StoryPhoto> photos =
          chapter.photos().stream().filter(photo -> isOnLine(photo.id())).toList();
      for (StoryPhoto photo : chapter.photos()) {
        chapterOf.put(photo.id(), i);
        lineOf.put(photo.id(), lineOf.size());
      }
      chapters.add(
          new InChapter(
              chapter.photos().get(0).id(),
              name == null ? titles.get(i) : name,
              photos,
              new ArrayList<>(),
              new ArrayList<>()));
    }
    chapters.add(
        new InChapter("", "In no chapter", List.of(), new ArrayList<>(), new ArrayList<>()));
    deal();
  }

  static WordsOrder of(AlbumModel album) {
    return new WordsOrder(album);
  }

  private boolean isOnLine(String photo) {
    return album.photo(photo).map(each -> !each.isOut()).orElse(false);
  }

  /** The cards as they run on. */
  CardChain chain() {
    return chain;
  }

  List<InChapter> chapters() {
    return chapters;
  }

  private void deal() {
    album.allEphemera().stream()
        .filter(Ephemera.Card.class::isInstance)
        .map(Ephemera.Card.class::cast)
        .filter(card -> chain.first(card).key() == card.key())
        .sorted(Comparator.comparingInt(this::photoRank).thenComparingInt(this::slotRank))
        .forEach(card -> chapters.get(chapter(card)).cards().addAll(chain.from(card)));
    for (Ephemera each : album.allEphemera()) {
      if (each instanceof Ephemera.Title lettered) {
        TitleWords title = lettered.title();
        String photo = title.about() != null ? title.about() : title.chapter();
        chapters
            .get(photo == null ? chapters.size() - 1 : chapterOf.getOrDefault(photo, last()))
            .titles()
            .add(lettered);
      }
    }
  }

  private int last() {
    return chapters.size() - 1;
  }

  /** Where the photo stands on the line that a card is read with. */
  private int photoRank(Ephemera.Card card) {
    String photo = photo(card);
    return photo == null ? Integer.MAX_VALUE : lineOf.getOrDefault(photo, Integer.MAX_VALUE);
  }

  private int slotRank(Ephemera.Card card) {
    return album.slotOfEphemera(card.key()).map(Slot::rank).orElse(Integer.MAX_VALUE);
  }

  private int chapter(Ephemera.Card card) {
    String photo = photo(card);
    return photo == null ? last() : chapterOf.getOrDefault(photo, last());
  }

  /** The photo by which the chapter of a card is known; empty for none. */
  String chapterOf(Ephemera.Card card) {
    return chapters.get(chapter(chain.first(card))).id();
  }

  /** The photo that a card is read with: the first it tells about, or the first on its page. */
  @Nullable String photo(Ephemera.Card card) {
    CardWords words = card.card();
    if (!words.about().isEmpty()) {
      return words.about().get(0);
    }
    Optional<Slot> slot = album.slotOfEphemera(card.key());
    return slot.flatMap(
            at ->
                album.leaves().slotsOf(at.leaf(), at.side()).stream()
                    .map(album::held)
                    .filter(held -> held != null && held.photo() != null)
                    .map(held -> held.photo())
                    .findFirst())
        .orElse(null);
  }
}
