package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.stock.HouseRule;
import drumnest.core.words.CardChain;
import drumnest.core.words.PrinterOffset;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import drumnest.server.stock.PrinterInUse;
import drumnest.server.stock.RulesInForce;
import drumnest.server.type.ShippedTypefaces;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The words of an album. Every change answers with the album as it is then. */
@RestController
@RequestMapping("/api")
class WordsController {

  private final AlbumViews views;
  private final OpenAlbums openAlbums;
  private final CardEdits cards;
  private final TitleEdits titles;
  private final FactEdits facts;
  private final StoryEdits stories;
  private final LetterStock stock;
  private final PrinterInUse printer;
  private final PrintGround ground;
  private final RulesInForce rules;

  WordsController(
      AlbumViews views,
      OpenAlbums openAlbums,
      CardEdits cards,
      TitleEdits titles,
      FactEdits facts,
      StoryEdits stories,
      LetterStock stock,
      PrinterInUse printer,
      PrintGround ground,
      RulesInForce rules) {
    this.rules = rules;
    this.ground = ground;
    this.views = views;
    this.openAlbums = openAlbums;
    this.cards = cards;
    this.titles = titles;
    this.facts = facts;
    this.stories = stories;
    this.stock = stock;
    this.printer = printer;
  }

  /** The words of an album, those of one chapter in full. */
  @GetMapping("/albums/{id}/words")
  WordsViews.WordsView words(
      @PathVariable("id") long id,
      @RequestParam(name = "chapter", required = false) @Nullable String chapter) {
    return WordsViews.of(openAlbums.open(id), chapter, stock, ground);
  }

  /** A card as it is. */
  @GetMapping("/albums/{id}/words/cards/{card}")
  CardViews.CardView card(@PathVariable("id") long id, @PathVariable("card") int card) {
    AlbumModel album = openAlbums.open(id);
    return CardViews.of(album, WordsOrder.of(album), CardEdits.card(album, card), ground);
  }

  /** How a card and those on which it runs on would stand with other words; nothing is kept. */
  @PostMapping("/albums/{id}/words/measure")
  MeasuredCardsView measure(
      @PathVariable("id") long id, @Valid @RequestBody WordsRequests.CardDraft draft) {
    AlbumModel album = openAlbums.open(id);
    Ephemera.Card card = CardEdits.card(album, draft.card());
    CardWords before = card.card();
    CardWords after =
        before.saying(
            draft.heading(), draft.date(), before.continues() == null ? draft.body() : "");
    CardChain chain = CardChain.of(album);
    List<Ephemera.Card> drafted = new ArrayList<>();
    for (Ephemera.Card each : chain.from(chain.first(card))) {
      drafted.add(each.key() == card.key() ? each.saying(after) : each);
    }
    String story = drafted.get(0).card().body();
    List<CardChain.OnCard> laid = CardChain.laid(drafted, ShippedTypefaces.ALL, album);
    return new MeasuredCardsView(laid.stream().map(on -> CardViews.layout(on, story)).toList());
  }

  /** The cards of a chain, laid out. */
  record MeasuredCardsView(List<CardViews.CardLayoutView> cards) {}

  @PostMapping("/albums/{id}/words/begin")
  Views.AlbumView begin(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.BeginCard request) {
    cards.begin(id, request.version(), request.slot(), request.photos(), null);
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/words/write")
  Views.AlbumView write(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.WriteCard request) {
    cards.write(
        id, request.version(), request.card(), request.heading(), request.date(), request.body());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/words/set")
  Views.AlbumView set(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.SetCard request) {
    cards.set(id, request.version(), request.card(), request.size().toSize("size."), request::of);
    return views.album(id, shown);
  }

  /** Has new cards written as a card is, by a house rule each; that is no step. */
  @PostMapping("/albums/{id}/words/usual")
  Views.AlbumView usual(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.UsualCard request) {
    AlbumModel album = openAlbums.seen(id, request.version()).album();
    CardWords words = CardEdits.card(album, request.card()).card();
    rules.change(HouseRule.CARD_MARGIN, words.margin().toNanometres());
    if (words.lettering() instanceof Lettering.ByHand hand) {
      rules.change(HouseRule.HAND_LETTER, hand.letter().toNanometres());
      rules.change(HouseRule.HAND_PITCH, hand.pitch().toNanometres());
    }
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/words/mark")
  Views.AlbumView mark(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.MarkCard request) {
    cards.set(id, request.version(), request.card(), null, request::of);
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/words/about")
  Views.AlbumView tellOf(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.TellOf request) {
    cards.set(id, request.version(), request.card(), null, words -> words.about(request.photos()));
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/words/fix")
  Views.AlbumView fix(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.TakeWordsFix request) {
    cards.fix(id, request.version(), request.key(), request.fix());
    return views.album(id, shown);
  }

  /** Makes a card of the words of a photo. */
  @PostMapping("/albums/{id}/words/of-photo")
  Views.AlbumView ofPhoto(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.WordsOfPhoto request) {
    cards.ofCaption(id, request.version(), request.photo());
    return views.album(id, shown);
  }

  /** Gives the words of a card to its photo, and takes the card away. */
  @PostMapping("/albums/{id}/words/to-photo")
  Views.AlbumView toPhoto(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.OfCard request) {
    cards.toCaption(id, request.version(), request.card());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/titles/save")
  Views.AlbumView saveTitle(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.SaveTitle request) {
    titles.save(id, request.version(), request.key(), request.toTitle());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/titles/stick")
  Views.AlbumView stickTitle(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.StickTitle request) {
    titles.stick(id, request.version(), request.key(), request.stuck());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/titles/fix")
  Views.AlbumView fixTitle(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.TakeWordsFix request) {
    titles.fix(id, request.version(), request.key(), request.fix());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/facts/note")
  Views.AlbumView note(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.FactForm request) {
    facts.note(id, request.version(), request.toFact());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/facts/strike")
  Views.AlbumView strike(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.FactForm request) {
    facts.strike(id, request.version(), request.toFact());
    return views.album(id, shown);
  }

  @PostMapping("/albums/{id}/facts/tell")
  Views.AlbumView tell(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.TellFact request) {
    facts.tell(id, request.version(), request.text(), request.card());
    return views.album(id, shown);
  }

  /** Makes cards of plain text or Markdown. */
  @PostMapping("/albums/{id}/words/bring-in")
  Views.AlbumView bringIn(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody WordsRequests.BringIn request) {
    stories.bringIn(id, request.version(), request.text(), request.chapter());
    return views.album(id, shown);
  }

  /** How the printer prints. */
  record PrinterView(
      Views.LengthView right, Views.LengthView down, String percent, boolean measured) {}

  @GetMapping("/printer")
  PrinterView printer() {
    PrinterOffset now = printer.now();
    return new PrinterView(
        Views.LengthView.of(now.right()),
        Views.LengthView.of(now.down()),
        now.percent().toPlainString(),
        !now.equals(PrinterOffset.NONE));
  }

  @PostMapping("/printer")
  PrinterView printer(@Valid @RequestBody WordsRequests.Printer request) {
    printer.measured(request.toOffset());
    return printer();
  }
}
