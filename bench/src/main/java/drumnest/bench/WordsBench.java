package drumnest.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long words take: brings 200 cards into the first album of a running Drum Nest, has them
 * typed, then asks for the verdict after each of many keys, keeps some, and makes the sheets.
 */
public final class WordsBench {

  private static final int CARDS = 200;
  private static final int KEYS = 300;
  private static final int SHEETS = 10;
  private static final String SENTENCE =
      "Then the box kite went up and took the whole line with it. ";
  private static final Pattern KEY = Pattern.compile("\"key\":(\\d+),\"kind\":\"card\"");

  private WordsBench() {}

  public static void main(String[] arguments) throws Exception {
    RunningAlbum bench = new RunningAlbum(arguments);
    bench.step(
        "words/bring-in",
        ",\"text\":\"" + (SENTENCE.repeat(6).strip() + "\\n\\n").repeat(CARDS) + "\"");
    List<String> cards = new ArrayList<>();
    Matcher key = KEY.matcher(bench.get("/line"));
    while (key.find()) {
      cards.add(key.group(1));
    }
    for (String card : cards) {
      bench.step(
          "words/set",
          ",\"card\":"
              + card
              + ",\"size\":{},\"margin\":\"1/8\",\"way\":\"type\",\"face\":\"book\",\"points\":\"9\"");
    }
    String first = cards.get(0);
    int[] letters = {1};
    bench.say(
        "verdict after a key, " + cards.size() + " cards",
        KEYS,
        () ->
            bench.post(
                "/words/measure",
                "{\"card\":"
                    + first
                    + ",\"heading\":\"\",\"date\":\"\",\"body\":\""
                    + SENTENCE.repeat(6).substring(0, letters[0]++)
                    + "\"}"));
    bench.say(
        "keep what was typed",
        60,
        () ->
            bench.step(
                "words/write",
                ",\"card\":"
                    + first
                    + ",\"heading\":\"\",\"date\":\"\",\"body\":\""
                    + SENTENCE.substring(0, letters[0]++ % SENTENCE.length())
                    + "\""));
    bench.say("words of a chapter", 60, () -> bench.get("/words?chapter="));
    bench.say(
        "sheets of " + cards.size() + " cards", SHEETS, () -> bench.get("/cards.pdf?paper=letter"));
  }
}
