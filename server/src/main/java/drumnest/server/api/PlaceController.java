package drumnest.server.api;

import drumnest.core.album.Made;
import drumnest.core.album.Reservation;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Breathing;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingTask;
import drumnest.server.FieldProblemException;
import drumnest.server.edit.LeafPlans;
import drumnest.server.edit.PlaceEdits;
import drumnest.server.edit.Runs;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Placing many photos at once, why they are where they are, and which leaves they need. */
@RestController
@RequestMapping("/api/albums/{id}")
class PlaceController {

  private final AlbumViews albums;
  private final PlaceViews views;
  private final ProposalViews proposals;
  private final PlaceEdits edits;
  private final LeafPlans plans;
  private final Runs runs;

  PlaceController(
      AlbumViews albums,
      PlaceViews views,
      ProposalViews proposals,
      PlaceEdits edits,
      LeafPlans plans,
      Runs runs) {
    this.albums = albums;
    this.views = views;
    this.proposals = proposals;
    this.edits = edits;
    this.plans = plans;
    this.runs = runs;
  }

  @PostMapping("/place-again")
  Views.AlbumView placeAgain(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.PlaceAgain request) {
    AlbumPlacing.Request wish =
        wish(request.spread(), request.chapter(), request.order(), request.breathing());
    runs.run(
        request.run(),
        monitor -> {
          edits.placeAgain(id, request.version(), wish, monitor);
          return wish;
        });
    return albums.album(id, spread);
  }

  private static AlbumPlacing.Request wish(
      @Nullable Integer spread,
      @Nullable String chapter,
      @Nullable String order,
      @Nullable String breathing) {
    if (spread != null && chapter != null) {
      throw new FieldProblemException("chapter", "Name a spread or a chapter, not both.");
    }
    return new AlbumPlacing.Request(
        new PlacingTask.Scope(spread, chapter),
        order == null ? Placing.Order.STORY : choice("order", Placing.Order.class, order),
        breathing(breathing));
  }

  private static Breathing breathing(@Nullable String word) {
    return word == null ? Breathing.PACKED : choice("breathing", Breathing.class, word);
  }

  /** The constant that a word names. */
  private static <E extends Enum<E>> E choice(String field, Class<E> type, String word) {
    for (E each : type.getEnumConstants()) {
      if (Words.key(each).equals(word)) {
        return each;
      }
    }
    String accepted =
        Arrays.stream(type.getEnumConstants())
            .map(each -> "“" + Words.key(each) + "”")
            .collect(Collectors.joining(", "));
    throw new FieldProblemException(
        field, "“" + word + "” is unknown; accepted are " + accepted + ".");
  }

  @PostMapping("/set-aside")
  Views.AlbumView setAside(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.SetAside request) {
    Reservation aside =
        request.aside() == null ? null : choice("aside", Reservation.class, request.aside());
    edits.setAside(id, request.version(), request.slot(), aside);
    return albums.album(id, spread);
  }

  @PostMapping("/made")
  Views.AlbumView made(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.MadeSoFar request) {
    Made made = request.made() == null ? null : choice("made", Made.class, request.made());
    edits.made(id, request.version(), request.slot(), made);
    return albums.album(id, spread);
  }

  @GetMapping("/late")
  List<PlaceViews.LateView> late(@PathVariable("id") long id) {
    return views.late(id);
  }

  @PostMapping("/put-late")
  Views.AlbumView putLate(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Version request) {
    edits.putLate(id, request.version());
    return albums.album(id, spread);
  }

  /** What the open spread, a chapter or the album costs as it is, and what it could. */
  @GetMapping("/account")
  PlaceViews.AccountView account(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @RequestParam(name = "chapter", required = false) @Nullable String chapter,
      @RequestParam(name = "order", required = false) @Nullable String order,
      @RequestParam(name = "breathing", required = false) @Nullable String breathing) {
    return views.account(id, wish(spread, chapter, order, breathing));
  }

  /** Why the photo of a slot is there, and what its next best place costs. */
  @GetMapping("/why/{slot}")
  PlaceViews.WhyView why(
      @PathVariable("id") long id,
      @PathVariable("slot") String slot,
      @RequestParam(name = "order", required = false) @Nullable String order,
      @RequestParam(name = "breathing", required = false) @Nullable String breathing) {
    return views.why(id, slot, wish(null, null, order, breathing));
  }

  /** What would make room for a photo without a place. */
  @GetMapping("/room/{photo}")
  List<PlaceViews.RoomView> room(
      @PathVariable("id") long id,
      @PathVariable("photo") String photo,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread) {
    return views.room(id, photo, spread);
  }

  @PostMapping("/plans")
  ProposalViews.ProposalView plans(
      @PathVariable("id") long id, @Valid @RequestBody Requests.ProposeLeaves request) {
    return runs.run(
        request.run(), monitor -> proposals.view(plans.propose(id, wish(request), monitor)));
  }

  private static LeafPlans.Wish wish(Requests.ProposeLeaves request) {
    return new LeafPlans.Wish(
        request.kinds(),
        breathing(request.breathing()),
        request.mostLeaves(),
        request.freshPages(),
        request.undecided(),
        request.anew());
  }

  @PostMapping("/take-plan")
  Views.AlbumView takePlan(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.TakePlan request) {
    plans.take(id, request.version(), wish(request.wish()), request.number());
    return albums.album(id, spread);
  }
}
