package drumnest.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.words.CardLayout;
import drumnest.core.words.PrinterOffset;
import drumnest.server.document.CardPages;
import drumnest.server.type.ShippedFont;
import drumnest.server.type.ShippedTypefaces;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.LineBreakMeasurer;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The lines of a card against two that know nothing of ours: PDFBox, which reads the printed card
 * back, and the line breaker of the JDK ({@link LineBreakMeasurer}), which measures the font file
 * itself.
 */
class CardLinesReferenceTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final String[] WORDS =
      "kite line wind gust the a of and tail tails upside-down reel sand flat's box storm evening Öl I W iii"
          .split(" ");
  private static final int TEXTS = 500;
  private static final int BATCHES = 20;

  /** A text on a card. */
  private record Sample(String text, CardWords words, Size size, CardLayout layout) {}

  private static Sample sample(long seed) {
    Random random = new Random(seed);
    String text =
        random
            .ints(1 + random.nextInt(60), 0, WORDS.length)
            .mapToObj(i -> WORDS[i] + (random.nextInt(9) == 0 ? ".\n" : ""))
            .collect(Collectors.joining(" "))
            .replace("\n ", "\n")
            .strip();
    ShippedFont[] fonts = {ShippedFont.PLAIN, ShippedFont.BOOK, ShippedFont.TYPEWRITER};
    Lettering typed =
        new Lettering.Typed(fonts[random.nextInt(3)].key(), 28 + random.nextInt(30), null);
    CardWords words = CardWords.of(text, RULES).written(typed);
    Size size = Size.ofInches(2 + random.nextInt(4), 20);
    return new Sample(text, words, size, CardLayout.of(words, size, ShippedTypefaces.ALL, RULES));
  }

  static List<Integer> batches() {
    return IntStream.range(0, BATCHES).boxed().toList();
  }

  private static List<Sample> samples(int batch) {
    int each = TEXTS / BATCHES;
    return IntStream.range(batch * each, (batch + 1) * each)
        .mapToObj(seed -> sample(seed))
        .toList();
  }

  private static CardPages.Card page(Sample sample) {
    Lettering.Typed typed = (Lettering.Typed) sample.words().lettering();
    return new CardPages.Card(
        "card",
        sample.size(),
        ShippedFont.of(typed.face()).orElseThrow(),
        sample.layout().lines().stream()
            .map(
                line ->
                    new CardPages.PrintedLine(
                        line.text(),
                        sample.words().margin().plus(line.indent()),
                        line.baseline(),
                        typed.quarterPoints() / 4.0))
            .toList(),
        List.of(),
        null);
  }

  @ParameterizedTest(name = "texts {0}")
  @MethodSource("batches")
  void pdfbox_reads_the_lines_that_were_laid(int batch) throws IOException {
    List<Sample> samples = samples(batch);
    byte[] pdf =
        CardPages.oneByOne(
            "cards",
            samples.stream().map(CardLinesReferenceTest::page).toList(),
            PrinterOffset.NONE);
    try (PDDocument document = Loader.loadPDF(pdf)) {
      for (int i = 0; i < samples.size(); i++) {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(i + 1);
        stripper.setEndPage(i + 1);
        List<String> read =
            stripper.getText(document).lines().filter(line -> !line.isBlank()).toList();
        List<String> laid =
            samples.get(i).layout().lines().stream()
                .map(CardLayout.TextLine::text)
                .filter(line -> !line.isBlank())
                .toList();
        assertThat(read).as(samples.get(i).text()).isEqualTo(laid);
      }
    }
  }

  @ParameterizedTest(name = "texts {0}")
  @MethodSource("batches")
  void the_line_breaker_of_the_jdk_breaks_where_ours_does(int batch) throws Exception {
    for (Sample sample : samples(batch)) {
      assertThat(sample.layout().lines().stream().map(CardLayout.TextLine::text))
          .as(sample.text())
          .containsExactlyElementsOf(reference(sample));
    }
  }

  private static List<String> reference(Sample sample) throws IOException, FontFormatException {
    Lettering.Typed typed = (Lettering.Typed) sample.words().lettering();
    Font font = font(typed);
    // In thousandths of an inch, so that rounding inside it does not count.
    float width =
        (float)
            (sample.size().w().minus(sample.words().margin().times(2)).toNanometres()
                / (double) Length.NANOMETRES_PER_INCH
                * 72
                * SCALE);
    List<String> lines = new ArrayList<>();
    for (String paragraph : sample.text().split("\n", -1)) {
      AttributedString text = new AttributedString(paragraph);
      text.addAttribute(TextAttribute.FONT, font);
      LineBreakMeasurer measurer =
          new LineBreakMeasurer(text.getIterator(), new FontRenderContext(null, true, true));
      while (measurer.getPosition() < paragraph.length()) {
        int from = measurer.getPosition();
        measurer.nextLayout(width);
        lines.add(paragraph.substring(from, measurer.getPosition()).stripTrailing());
      }
    }
    return lines;
  }

  private static final float SCALE = 20;

  private static Font font(Lettering.Typed typed) throws IOException, FontFormatException {
    try (InputStream in = ShippedFont.of(typed.face()).orElseThrow().open()) {
      return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(typed.quarterPoints() / 4f * SCALE);
    }
  }

  @Test
  void forty_narrow_letters_take_fewer_lines_than_forty_wide_ones() {
    Size card = Size.ofInches(3, 4);
    Lettering typed = new Lettering.Typed(ShippedFont.PLAIN.key(), 48, null);
    int narrow = lines("i".repeat(40), typed, card);
    int wide = lines("W".repeat(40), typed, card);
    assertThat(narrow).isEqualTo(1);
    assertThat(wide).isGreaterThan(2);
  }

  private static int lines(String text, Lettering typed, Size card) {
    return CardLayout.of(
            CardWords.of(text, RULES).written(typed), card, ShippedTypefaces.ALL, RULES)
        .needed();
  }

  /** On a ruled card the letters stand on its lines, wherever the printer would have put them. */
  @Test
  void letters_stand_on_the_lines_of_a_ruled_card_within_a_fifth_of_a_millimetre()
      throws IOException {
    Lettering ruled =
        new Lettering.Typed(
            ShippedFont.BOOK.key(),
            40,
            new Lettering.Ruling(Length.parse("17 mm"), Length.parse("7.1 mm")));
    Size size = Size.ofInches(4, 6);
    CardWords words =
        CardWords.of("one two three four five six ".repeat(8).strip(), RULES).written(ruled);
    Sample sample =
        new Sample(
            words.body(), words, size, CardLayout.of(words, size, ShippedTypefaces.ALL, RULES));
    PrinterOffset printer =
        new PrinterOffset(Length.parse("1.5 mm"), Length.parse("0.8 mm"), new BigDecimal("99.6"));
    byte[] pdf = CardPages.oneByOne("card", List.of(page(sample)), printer);
    List<Double> printed = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      new PDFTextStripper() {
        @Override
        protected void writeString(String text, List<TextPosition> letters) {
          // What the printer makes of it: 99.6 % as large, 0.8 mm further down.
          printed.add(letters.get(0).getYDirAdj() / 72 * 25.4 * 0.996 + 0.8);
        }
      }.getText(document);
    }
    assertThat(printed).hasSizeGreaterThan(3);
    for (int i = 0; i < printed.size(); i++) {
      assertThat(printed.get(i)).isCloseTo(17 + 7.1 * i, within(0.2));
    }
  }
}
