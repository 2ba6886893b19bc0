package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.words.CardChain;
import drumnest.core.words.Unsaid;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.type.ShippedFont;
import drumnest.server.type.ShippedTypefaces;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The words of an album as the page shows them. */
final class WordsViews {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  private WordsViews() {}

  /**
   * The words of an album, one chapter of them in full.
   *
   * @param version how often the album was changed by steps
   * @param cards how many cards there are
   * @param typed how many of them are in type
   * @param tooLong how many of them are too long
   * @param faces the typefaces there are
   * @param usual how new cards are written, by hand and in type
   * @param sets the letter sets there are
   * @param silent how many photos with a place have no word near them
   */
  record WordsView(
      long version,
      int cards,
      int typed,
      int tooLong,
      int titles,
      int silent,
      List<WordsChapterName> chapters,
      @Nullable WordsChapterView chapter,
      List<ChoiceName> faces,
      UsualLetteringView usual,
      List<ChoiceName> sets) {}

  /** A chapter, and what words it has. */
  record WordsChapterName(String id, String title, int cards, int tooLong, int titles, int facts) {}

  /** Something that can be chosen. */
  record ChoiceName(String key, String name) {}

  /**
   * The words of a chapter.
   *
   * @param date the day it tells of; left out where its photos have none
   * @param rows the photos in time order with the cards that tell of them
   * @param free places that are kept for words and hold none
   * @param facts what is to be told in it, and in the whole album
   */
  record WordsChapterView(
      String id,
      String title,
      @Nullable String date,
      List<ThreadRowView> rows,
      List<TitleViews.TitleView> titles,
      List<FreePlaceView> free,
      List<FactView> facts) {}

  /** Photos, and the cards that tell of them; photos without words stand together. */
  record ThreadRowView(List<PhotoMini> photos, List<CardViews.CardView> cards) {}

  /**
   * @param shape its width by its height
   * @param silent whether it has a place and no word near it
   */
  record PhotoMini(
      String id,
      String name,
      double shape,
      @Nullable String where,
      String caption,
      boolean secret,
      boolean blank,
      boolean silent) {}

  /** A place that is kept for words. */
  record FreePlaceView(String slot, String label, Views.SizeView size, List<String> photos) {}

  /**
   * @param told whether it stands on a card or in a title
   */
  record FactView(Fact.Subject kind, String text, @Nullable String chapter, boolean told) {}

  static WordsView of(
      AlbumModel album, @Nullable String chapter, LetterStock stock, PrintGround ground) {
    WordsOrder order = WordsOrder.of(album);
    Unsaid unsaid = Unsaid.of(album);
    Set<Integer> tooLong = CardChain.tooLong(album, ShippedTypefaces.ALL);
    List<WordsChapterName> names = new ArrayList<>();
    for (WordsOrder.InChapter each : order.chapters()) {
      if (each.id().isEmpty() && each.isEmpty()) {
        continue;
      }
      names.add(
          new WordsChapterName(
              each.id(),
              each.title(),
              each.cards().size(),
              (int) each.cards().stream().filter(card -> tooLong.contains(card.key())).count(),
              each.titles().size(),
              (int) unsaid.facts().stream().filter(fact -> isOf(fact, each)).count()));
    }
    WordsOrder.InChapter open =
        order.chapters().stream()
            .filter(each -> each.id().equals(chapter == null ? "" : chapter))
            .filter(each -> names.stream().anyMatch(name -> name.id().equals(each.id())))
            .findFirst()
            .orElse(null);
    return new WordsView(
        album.version(),
        order.chapters().stream().mapToInt(each -> each.cards().size()).sum(),
        (int)
            order.chapters().stream()
                .flatMap(each -> each.cards().stream())
                .filter(card -> card.card().lettering() instanceof Lettering.Typed)
                .count(),
        tooLong.size(),
        order.chapters().stream().mapToInt(each -> each.titles().size()).sum(),
        unsaid.photos().size(),
        names,
        open == null ? null : chapter(album, order, open, unsaid, stock, ground),
        Arrays.stream(ShippedFont.values())
            .filter(ShippedFont::isForWords)
            .map(font -> new ChoiceName(font.key(), font.key()))
            .toList(),
        UsualLetteringView.of(album.rules()),
        stock.sets().entrySet().stream()
            .map(set -> new ChoiceName(set.getKey(), set.getValue().name()))
            .toList());
  }

  private static boolean isOf(Fact fact, WordsOrder.InChapter chapter) {
    return fact.chapter() == null
        ? chapter.id().isEmpty()
        : chapter.photos().stream().anyMatch(photo -> photo.id().equals(fact.chapter()));
  }

  private static WordsChapterView chapter(
      AlbumModel album,
      WordsOrder order,
      WordsOrder.InChapter open,
      Unsaid unsaid,
      LetterStock stock,
      PrintGround ground) {
    Set<String> silent = new HashSet<>(unsaid.photos());
    return new WordsChapterView(
        open.id(),
        open.title(),
        date(album, open),
        rows(album, order, open, silent, ground),
        open.titles().stream().map(title -> TitleViews.of(album, title, stock)).toList(),
        free(album, open),
        album.facts().stream()
            .filter(fact -> fact.chapter() == null || isOf(fact, open))
            .map(
                fact ->
                    new FactView(
                        fact.kind(), fact.text(), fact.chapter(), !unsaid.facts().contains(fact)))
            .toList());
  }

  private static @Nullable String date(AlbumModel album, WordsOrder.InChapter open) {
    return open.photos().stream()
        .map(photo -> album.photo(photo.id()).map(AlbumPhoto::takenAt).orElse(null))
        .filter(Objects::nonNull)
        .findFirst()
        .map((LocalDateTime when) -> DAY.format(when))
        .orElse(null);
  }

  private static List<ThreadRowView> rows(
      AlbumModel album,
      WordsOrder order,
      WordsOrder.InChapter open,
      Set<String> silent,
      PrintGround ground) {
    CardChain chain = order.chain();
    List<ThreadRowView> rows = new ArrayList<>();
    List<PhotoMini> alone = new ArrayList<>();
    Set<Integer> shown = new HashSet<>();
    for (StoryPhoto each : open.photos()) {
      List<Ephemera.Card> cards =
          open.cards().stream()
              .filter(card -> each.id().equals(order.photo(chain.first(card))))
              .toList();
      PhotoMini mini = mini(album, each.id(), silent);
      if (cards.isEmpty()) {
        if (mini.where() != null) {
          alone.add(mini);
        }
        continue;
      }
      flush(rows, alone);
      List<PhotoMini> photos = new ArrayList<>();
      photos.add(mini);
      cards.get(0).card().about().stream()
          .filter(photo -> !photo.equals(each.id()) && album.photo(photo).isPresent())
          .forEach(photo -> photos.add(mini(album, photo, silent)));
      cards.forEach(card -> shown.add(card.key()));
      rows.add(
          new ThreadRowView(
              photos,
              cards.stream().map(card -> CardViews.of(album, order, card, ground)).toList()));
    }
    flush(rows, alone);
    List<Ephemera.Card> others =
        open.cards().stream().filter(card -> !shown.contains(card.key())).toList();
    if (!others.isEmpty()) {
      rows.add(
          new ThreadRowView(
              List.of(),
              others.stream().map(card -> CardViews.of(album, order, card, ground)).toList()));
    }
    return rows;
  }

  private static void flush(List<ThreadRowView> rows, List<PhotoMini> alone) {
    if (!alone.isEmpty()) {
      rows.add(new ThreadRowView(List.copyOf(alone), List.of()));
      alone.clear();
    }
  }

  private static PhotoMini mini(AlbumModel album, String id, Set<String> silent) {
    AlbumPhoto photo = album.photo(id).orElseThrow();
    return new PhotoMini(
        id,
        photo.name(),
        (double) photo.pixels().w() / photo.pixels().h(),
        album.slotOf(id).map(slot -> AlbumViews.where(album, slot).label()).orElse(null),
        photo.choosing().caption(),
        photo.choosing().secret(),
        !photo.hasFile(),
        silent.contains(id));
  }

  private static List<FreePlaceView> free(AlbumModel album, WordsOrder.InChapter open) {
    return open.photos().stream()
        .map(photo -> album.slotOf(photo.id()).orElse(null))
        .filter(Objects::nonNull)
        .map(slot -> slot.parent().page())
        .distinct()
        .flatMap(page -> album.leaves().slotsOf(page.leaf(), page.side()).stream())
        .filter(
            slot -> album.reservation(slot).map(kept -> kept == Reservation.WORDS).orElse(false))
        .distinct()
        .map(slot -> free(album, slot))
        .toList();
  }

  private static FreePlaceView free(AlbumModel album, Slot slot) {
    return new FreePlaceView(
        slot.id(),
        SlotNames.of(slot) + ", leaf " + slot.leaf().number() + " " + SlotNames.of(slot.side()),
        Views.SizeView.of(slot.takes()),
        CardEdits.beside(album, slot));
  }
}
