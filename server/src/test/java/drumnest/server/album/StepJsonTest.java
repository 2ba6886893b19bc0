package drumnest.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Showing;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Steps as they lie in the database: what is written is read, also what earlier versions wrote. */
class StepJsonTest {

  private static final Size SIZE = new Size(Length.parse("2 31/32"), Length.parse("4 1/16"));

  private static final PhotoAnnotations SAID =
      new PhotoAnnotations(
          LocalDateTime.of(2021, 6, 14, 12, 0),
          true,
          new PixelBox(1, 2, 3, 4),
          List.of(new PixelBox(5, 6, 7, 8)),
          Framing.CENTRED,
          SIZE,
          new Choosing(Choice.KEEP, true, false, true, Showing.OPENED, "The first gust"),
          new StoryPhoto.Grouping("a", "", StoryPhoto.Border.BEGINS, "Arriving"));

  private static final CardWords WORDS =
      new CardWords(
          "First up",
          "Saturday",
          "Flat as a plate.\n- two kites",
          new Lettering.Typed(
              "book", 39, new Lettering.Ruling(Length.parse("5/8"), Length.parse("1/4"))),
          Length.parse("1/8"),
          List.of("a", "b"),
          true,
          2,
          "a",
          true);

  private static final Ephemera TITLE =
      new Ephemera.Title(
          4,
          "BIG WIND",
          SIZE,
          Length.ZERO,
          new TitleWords(
              "BIG WIND",
              "own-1",
              null,
              Length.ofInches(8),
              Length.parse("-1/16"),
              false,
              true,
              "a",
              null,
              false));

  @Test
  void every_change_is_read_as_it_was_written() {
    Ephemera card = new Ephemera.Card(3, "Card", SIZE, Length.parse("1/32"), true, WORDS);
    List<Change> changes =
        List.of(
            new Change.OfHolding(
                "1-front-1",
                Holding.reserved(Reservation.WORDS, true),
                new Holding(new Holding.Content.OfPhoto("a"), true, true, true, true, Made.CUT)),
            new Change.OfHolding("1-front-2", null, Holding.ofEphemera(3)),
            new Change.OfPhoto("a", SAID, SAID.withKeep(null).withOnTable(null)),
            new Change.OfOpening("1-front-1", null, SIZE),
            new Change.OfTitle("before", "after"),
            new Change.OfFormat(null, "format-12x12"),
            new Change.OfLeaf(
                1, null, LeafState.of("plain-12x12").turnedOver().withDrop(Length.ofInches(2))),
            new Change.OfOrder(List.of(1, 2), List.of(2, 1)),
            new Change.OfEphemera(3, null, card),
            new Change.OfEphemera(4, null, TITLE),
            new Change.OfFacts(
                List.of(), List.of(new Fact(Fact.Subject.WEATHER, "14 knots, gusting", "a"))),
            new Change.OfEntry("plain-12x12", false, true),
            new Change.OfChapters(null, 4),
            new Change.OfClock("Maker One", Duration.ZERO, Duration.ofMinutes(67)));
    assertThat(StepJson.read(StepJson.write(changes))).isEqualTo(changes);
  }

  @Test
  void what_earlier_versions_wrote_is_read() {
    String earlier =
        "[{\"kind\":\"filling\",\"slot\":\"2-front-5\",\"before\":{\"photo\":null,\"turned\":false,"
            + "\"whole\":false,\"locked\":false,\"thing\":null,\"aside\":\"TITLE\",\"byHand\":true,\"made\":null},"
            + "\"after\":null},"
            + "{\"kind\":\"opening\",\"slot\":\"2-front-5\",\"before\":null,"
            + "\"after\":{\"w\":152400000,\"h\":101600000}},"
            + "{\"kind\":\"leaf\",\"leaf\":3,\"before\":null,\"after\":{\"type\":\"plain-12x12\","
            + "\"turned\":true,\"dropBy\":50800000,\"plan\":null,\"reversePlan\":null}},"
            + "{\"kind\":\"photo\",\"photo\":\"a\",\"before\":null,\"after\":{\"takenAt\":null,\"datedByMaker\":false,\"keep\":null,\"concealed\":[],\"framing\":\"FOLLOWS\",\"onTable\":null,\"choosing\":{\"choice\":\"OPEN\",\"hero\":false,\"secret\":false,\"flap\":false,\"caption\":\"\"},\"marks\":{\"stack\":\"s\",\"alternates\":null,\"border\":null,\"chapterName\":null}}},"
            + "{\"kind\":\"thing\",\"thing\":1,\"before\":null,\"after\":{\"kind\":\"KEEPSAKE\","
            + "\"name\":\"Ring\",\"w\":25400000,\"h\":25400000,\"thickness\":0,\"original\":true,"
            + "\"words\":\"\"}},"
            + "{\"kind\":\"thing\",\"thing\":2,\"before\":null,\"after\":{\"kind\":\"CARD\","
            + "\"name\":\"Card\",\"w\":25400000,\"h\":25400000,\"thickness\":0,\"original\":false,"
            + "\"words\":\"Hello\"}},"
            + "{\"kind\":\"clock\",\"camera\":\"One\",\"before\":0,\"after\":4020}]";
    assertThat(StepJson.read(earlier))
        .containsExactly(
            new Change.OfHolding("2-front-5", Holding.reserved(Reservation.TITLE, true), null),
            new Change.OfOpening(
                "2-front-5", null, new Size(Length.ofInches(6), Length.ofInches(4))),
            new Change.OfLeaf(
                3, null, LeafState.of("plain-12x12").turnedOver().withDrop(Length.ofInches(2))),
            new Change.OfPhoto(
                "a",
                null,
                new PhotoAnnotations(
                    null,
                    false,
                    null,
                    List.of(),
                    Framing.FOLLOWS,
                    null,
                    Choosing.OPEN,
                    new StoryPhoto.Grouping("s", null, null, null))),
            new Change.OfEphemera(
                1,
                null,
                new Ephemera.Keepsake(
                    1,
                    "Ring",
                    new Size(Length.ofInches(1), Length.ofInches(1)),
                    Length.ZERO,
                    true)),
            new Change.OfEphemera(
                2,
                null,
                new Ephemera.Card(
                    2,
                    "Card",
                    new Size(Length.ofInches(1), Length.ofInches(1)),
                    Length.ZERO,
                    false,
                    CardWords.of("Hello", HouseRules.defaults()))),
            new Change.OfClock("One", Duration.ZERO, Duration.ofSeconds(4020)));
  }
}
