package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** A copy is another in what it was asked for, and in nothing else. */
class CopiesTest {

  private static final Length INCH = Length.ofInches(1);
  private static final Size SMALL = Size.ofInches(2, 3);

  /** The components in which two records of one type differ. */
  private static List<String> differences(Record one, Record other) {
    assertThat(other).hasSameClassAs(one);
    List<String> differences = new ArrayList<>();
    for (RecordComponent component : one.getClass().getRecordComponents()) {
      try {
        component.getAccessor().setAccessible(true);
        if (!Objects.equals(
            component.getAccessor().invoke(one), component.getAccessor().invoke(other))) {
          differences.add(component.getName());
        }
      } catch (ReflectiveOperationException e) {
        throw new AssertionError(e);
      }
    }
    return differences;
  }

  private static void requireOnly(Record one, Record other, String... components) {
    assertThat(differences(one, other)).containsExactly(components);
  }

  @Test
  void of_the_words_of_a_card() {
    CardWords words = CardWords.of("Wind from the sea.", HouseRules.defaults());
    requireOnly(words, words.saying("The tide", "12 May", "Out."), "heading", "date", "body");
    requireOnly(words, words.written(new Lettering.ByHand(INCH, INCH)), "lettering");
    requireOnly(words, words.withMargin(INCH), "margin");
    requireOnly(words, words.about(List.of("p1")), "about");
    requireOnly(words, words.withArrow(true), "arrow");
    requireOnly(words, words.continuing(4), "continues");
    requireOnly(words, words.labelling("p2"), "label");
    requireOnly(words, words.withHidden(true), "hidden");
    assertThat(words.saying("The tide", " ", "Out.").text()).isEqualTo("The tide\nOut.");
    Lettering.ByHand hand = new Lettering.ByHand(INCH, INCH);
    requireOnly(hand, hand.withPitch(Length.ZERO), "pitch");
  }

  @Test
  void of_a_title() {
    TitleWords title =
        new TitleWords("Tide", "plain", null, INCH, INCH, false, false, null, null, false);
    requireOnly(title, title.saying("Wind"), "text");
    requireOnly(title, title.withStuck(true), "stuck");
    requireOnly(title, title.withSets("bold", "thin"), "set", "second");
    requireOnly(title, title.withSpacing(Length.ZERO), "spacing");
    assertThat(title.hidden()).isFalse();
  }

  @Test
  void of_ephemera() {
    CardWords words = CardWords.of("Low water at noon.", HouseRules.defaults());
    Ephemera.Card card = new Ephemera.Card(1, "Tides", SMALL, INCH, false, words);
    requireOnly(card, card.withKey(2), "key");
    requireOnly(card, card.sized(Size.ofInches(4, 6)), "size");
    requireOnly(card, card.saying(words.withArrow(true)), "card");
    requireOnly(card, card.named("Sand"), "name");
    assertThat(card.kind()).isEqualTo(EphemeraKind.CARD);
    assertThat(card.inscription()).isEqualTo(words);
    assertThat(card.words()).isEqualTo("Low water at noon.");
    TitleWords letters =
        new TitleWords("Tide", "plain", null, INCH, INCH, false, false, null, null, false);
    Ephemera.Title title = new Ephemera.Title(1, "Tide", SMALL, INCH, letters);
    requireOnly(title, title.withKey(2), "key");
    requireOnly(title, title.sized(Size.ofInches(4, 6)), "size");
    requireOnly(title, title.spelling(letters.saying("Wind")), "title");
    assertThat(title.kind()).isEqualTo(EphemeraKind.TITLE);
    assertThat(title.original()).isFalse();
    assertThat(title.words()).isEqualTo("Tide");
    Ephemera.Keepsake ticket = new Ephemera.Keepsake(1, "Ticket", SMALL, INCH, true);
    requireOnly(ticket, ticket.withKey(2), "key");
    requireOnly(ticket, ticket.sized(Size.ofInches(4, 6)), "size");
    assertThat(ticket.kind()).isEqualTo(EphemeraKind.KEEPSAKE);
    assertThat(ticket.words()).isEmpty();
  }

  @Test
  void of_a_holding() {
    Holding held = Holding.ofPhoto("p1");
    requireOnly(held, held.withPhoto("p2"), "content");
    requireOnly(held, held.withTurned(true), "turned");
    requireOnly(held, held.withWhole(true), "whole");
    requireOnly(held, held.withLocked(true), "locked");
    requireOnly(held, held.withMade(Made.STUCK), "made");
    requireOnly(held, held.putByHand(), "byHand");
    assertThat(held.isFixed()).isFalse();
    assertThat(held.withLocked(true).isFixed()).isTrue();
    assertThat(held.withMade(Made.STUCK).isFixed()).isTrue();
    Holding words = Holding.reserved(Reservation.WORDS, true);
    assertThat(words.isSomething()).isFalse();
    assertThat(words.reserved()).isEqualTo(Reservation.WORDS);
    assertThat(words.photo()).isNull();
    assertThat(words.ephemera()).isNull();
    assertThat(Holding.ofEphemera(3).ephemera()).isEqualTo(3);
  }

  @Test
  void of_the_head_of_an_album() {
    AlbumHead head = new AlbumHead(1, 0, "Album", null, null, 2, 3, List.of());
    requireOnly(head, head.withVersion(5), "version");
    requireOnly(head, head.withTitle("Tides"), "title");
    requireOnly(head, head.withFormat("12x12"), "format");
    requireOnly(head, head.withChapters(4), "chapters");
    requireOnly(head, head.withLeafKey(7), "lastLeafKey");
    requireOnly(head, head.withEphemeraKey(7), "lastEphemeraKey");
    assertThat(head.withLeafKey(1)).isEqualTo(head);
    assertThat(head.withEphemeraKey(1)).isEqualTo(head);
    requireOnly(head, head.withFacts(List.of(new Fact(Fact.Subject.WHO, "All", null))), "facts");
  }

  @Test
  void of_a_flap_and_a_mover() {
    Box box = Box.of(INCH, INCH, SMALL);
    Flap flap = Flap.sleeve("1", box, Edge.LEFT, new Attachment.OnProtector(INCH), Support.PAGE);
    requireOnly(flap, flap.withGrip(Grip.TAB), "grip");
    requireOnly(flap, flap.withHinge(Edge.TOP), "hinge");
    requireOnly(flap, flap.withClosed(box.moved(INCH, INCH)), "closed");
    requireOnly(flap, flap.moved(INCH, INCH), "closed");
    requireOnly(flap, flap.lyingOn("2"), "support");
    requireOnly(flap, flap.stuckTo("2"), "support");
    requireOnly(flap, flap.over("2"), "support");
    requireOnly(flap, flap.bound(), "attachment");
    requireOnly(flap, flap.throughSlit(), "attachment");
    assertThat(flap.throughSlit().strip()).isEqualTo(INCH);
    Flap inside = flap.with(new Support.Inside("9", null));
    assertThat(inside.over("8").support()).isEqualTo(new Support.Inside("9", "8"));
    assertThat(inside.over("8").renamed(id -> "x" + id, INCH, INCH).support())
        .isEqualTo(new Support.Inside("x9", "x8"));
    Mover mover = new Mover(1, box, Edge.LEFT, null, new Mechanism.Chain(2));
    requireOnly(mover, mover.with(new Mechanism.Chain(3)), "mechanism");
    requireOnly(mover, mover.withEdge(Edge.TOP), "edge");
    requireOnly(mover, mover.lying(box.moved(INCH, INCH)), "at");
    requireOnly(mover, mover.withGrip(Grip.STRING), "grip");
    requireOnly(mover, mover.numbered(5), "first");
  }
}
