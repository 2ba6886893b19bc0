package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.words.CardChain;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The words of an album as plain text or Markdown, in and out. A heading of the first or second
 * level begins a chapter, one below that is the heading of its card; a blank line begins a card.
 */
final class StoryText {

  /**
   * A card that comes in.
   *
   * @param chapter the heading of its chapter; null before the first
   */
  record Part(@Nullable String chapter, String heading, String body) {}

  private StoryText() {}

  static List<Part> read(String text) {
    List<Part> parts = new ArrayList<>();
    String chapter = null;
    String heading = "";
    StringBuilder body = new StringBuilder();
    for (String line : (text + "\n\n").lines().toList()) {
      boolean begins = line.matches("#{1,2}\\s+\\S.*");
      boolean heads = line.matches("#{3,6}\\s+\\S.*");
      if (line.isBlank() || begins || heads) {
        if (!body.isEmpty()) {
          parts.add(new Part(chapter, heading, body.toString()));
          heading = "";
          body.setLength(0);
        }
        if (begins) {
          chapter = line.replaceFirst("#+\\s+", "").strip();
        } else if (heads) {
          heading = line.replaceFirst("#+\\s+", "").strip();
        }
      } else {
        body.append(body.isEmpty() ? "" : "\n").append(line.stripTrailing());
      }
    }
    if (!body.isEmpty()) {
      parts.add(new Part(chapter, heading, body.toString()));
    }
    if (!heading.isEmpty() && body.isEmpty()) {
      parts.add(new Part(chapter, heading, ""));
    }
    return parts;
  }

  /**
   * All words of an album as Markdown: what stands on cards that run on stands there once.
   *
   * @param forShow whether what is hidden is left out
   */
  static String write(AlbumModel album, boolean forShow) {
    StringBuilder text = new StringBuilder();
    WordsOrder order = WordsOrder.of(album);
    for (WordsOrder.InChapter chapter : order.chapters()) {
      if (chapter.isEmpty()) {
        continue;
      }
      text.append("# ").append(chapter.title()).append("\n\n");
      for (Ephemera.Title each : chapter.titles()) {
        TitleWords title = each.title();
        text.append("Title: ").append(title == null ? "" : title.text()).append("\n\n");
      }
      for (Ephemera.Card each : chapter.cards()) {
        CardWords words = each.card();
        boolean first = CardChain.of(album).first(each).key() == each.key();
        if (first && !(forShow && words.hidden())) {
          if (!words.heading().isBlank()) {
            text.append("### ").append(words.heading().strip()).append("\n\n");
          }
          if (!words.date().isBlank()) {
            text.append("*").append(words.date().strip()).append("*\n\n");
          }
          if (!words.body().isBlank()) {
            text.append(words.body().strip()).append("\n\n");
          }
        }
      }
    }
    return text.toString();
  }
}
