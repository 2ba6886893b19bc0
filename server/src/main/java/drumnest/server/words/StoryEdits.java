package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.StoryPhoto;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Words that come in as text. Done as one step. */
@Service
public class StoryEdits {

  private final OpenAlbums openAlbums;
  private final History history;

  StoryEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /**
   * Makes cards of a text. They go into the places of their chapter that are kept for words, in
   * reading order, as far as these reach; the others wait.
   *
   * @param chapter the photo of the chapter for what stands before the first heading, and for
   *     chapters of other names; null for none
   */
  public void bringIn(long albumId, long version, String text, @Nullable String chapter) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    List<StoryText.Part> parts = StoryText.read(text);
    if (parts.isEmpty()) {
      throw new UnprocessableException("text", "There is no card in it.");
    }
    AlbumChecks.requireRoom(album, "text", parts.size());
    WordsOrder order = WordsOrder.of(album);
    List<Change> changes = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    int key = album.nextEphemeraKey();
    for (StoryText.Part part : parts) {
      WordsOrder.InChapter in = chapter(order, part.chapter(), chapter);
      Slot slot = in == null ? null : kept(album, in, taken);
      List<String> about =
          slot != null
              ? CardEdits.beside(album, slot)
              : in == null || in.photos().isEmpty() ? List.of() : List.of(in.photos().get(0).id());
      CardWords words =
          CardWords.of(part.body(), album.rules())
              .saying(part.heading(), "", part.body())
              .about(about);
      changes.addAll(NewCard.of(album, key, slot, words));
      if (slot != null) {
        taken.add(slot.id());
      }
      key++;
    }
    history.step(seen, "bring in " + Words.counted(parts.size(), "card", "cards"), changes);
  }

  private static WordsOrder.@Nullable InChapter chapter(
      WordsOrder order, @Nullable String heading, @Nullable String otherwise) {
    return order.chapters().stream()
        .filter(
            each ->
                heading == null
                    ? each.id().equals(otherwise)
                    : each.title().equalsIgnoreCase(heading))
        .findFirst()
        .orElseGet(
            () ->
                order.chapters().stream()
                    .filter(each -> each.id().equals(otherwise))
                    .findFirst()
                    .orElse(null));
  }

  private static @Nullable Slot kept(
      AlbumModel album, WordsOrder.InChapter chapter, Set<String> taken) {
    Set<String> photos = new HashSet<>();
    for (StoryPhoto photo : chapter.photos()) {
      photos.add(photo.id());
    }
    return album.leaves().slots().stream()
        .filter(slot -> !taken.contains(slot.id()))
        .filter(
            slot -> album.reservation(slot).map(kept -> kept == Reservation.WORDS).orElse(false))
        .filter(slot -> CardEdits.beside(album, slot).stream().anyMatch(photos::contains))
        .findFirst()
        .orElse(null);
  }
}
