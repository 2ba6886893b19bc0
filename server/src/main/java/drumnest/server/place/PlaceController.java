package drumnest.server.place;

import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Breathing;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingTask;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.AlbumRequests;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Runs;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
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

/** Placing many photos at once, why they are where they are, and which leaves they need. */
@RestController
@RequestMapping("/api/albums/{id}")
class PlaceController {

  private final AlbumViews albums;
  private final PlaceViews views;
  private final RoomViews rooms;
  private final PlaceEdits edits;
  private final Runs runs;

  PlaceController(
      AlbumViews albums, PlaceViews views, RoomViews rooms, PlaceEdits edits, Runs runs) {
    this.albums = albums;
    this.views = views;
    this.rooms = rooms;
    this.edits = edits;
    this.runs = runs;
  }

  @PostMapping("/place-again")
  Views.AlbumView placeAgain(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.PlaceAgain request) {
    AlbumPlacing.Request asked =
        placing(request.spread(), request.chapter(), request.order(), request.breathing());
    runs.run(
        request.run(),
        monitor -> {
          edits.placeAgain(id, request.version(), asked, monitor);
          return asked;
        });
    return albums.album(id, shown);
  }

  private static AlbumPlacing.Request placing(
      @Nullable Integer spread,
      @Nullable String chapter,
      Placing.@Nullable Order order,
      @Nullable Breathing breathing) {
    if (spread != null && chapter != null) {
      throw new FieldProblemException("chapter", "Name a spread or a chapter, not both.");
    }
    return new AlbumPlacing.Request(
        new PlacingTask.Scope(spread, chapter),
        order == null ? Placing.Order.STORY : order,
        breathing == null ? Breathing.PACKED : breathing);
  }

  @PostMapping("/set-aside")
  Views.AlbumView setAside(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.SetAside request) {
    edits.setAside(id, request.version(), request.slot(), request.aside());
    return albums.album(id, shown);
  }

  @PostMapping("/made")
  Views.AlbumView made(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.MadeSoFar request) {
    edits.made(id, request.version(), request.slot(), request.made());
    return albums.album(id, shown);
  }

  @GetMapping("/late")
  List<RoomViews.LateView> late(@PathVariable("id") long id) {
    return rooms.late(id);
  }

  @PostMapping("/put-late")
  Views.AlbumView putLate(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody AlbumRequests.Version request) {
    edits.putLate(id, request.version());
    return albums.album(id, shown);
  }

  /** Tells what the open spread, a chapter or the album costs as it is, and what it could. */
  @GetMapping("/account")
  PlaceViews.AccountView account(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @RequestParam(name = "chapter", required = false) @Nullable String chapter,
      @RequestParam(name = "order", required = false) Placing.@Nullable Order order,
      @RequestParam(name = "breathing", required = false) @Nullable Breathing breathing) {
    return views.account(id, placing(spread, chapter, order, breathing));
  }

  /** Why the photo of a slot is there, and what its next best place costs. */
  @GetMapping("/why/{slot}")
  PlaceViews.WhyView why(
      @PathVariable("id") long id,
      @PathVariable("slot") String slot,
      @RequestParam(name = "order", required = false) Placing.@Nullable Order order,
      @RequestParam(name = "breathing", required = false) @Nullable Breathing breathing) {
    return views.why(id, slot, placing(null, null, order, breathing));
  }

  /** Tells what would make room for a photo without a place. */
  @GetMapping("/room/{photo}")
  List<RoomViews.RoomView> room(
      @PathVariable("id") long id,
      @PathVariable("photo") String photo,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread) {
    return rooms.room(id, photo, spread);
  }
}
