package drumnest.server.place;

import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Slots, what lies in them, and their tickets. Every step answers with the album as it is then. */
@RestController
@RequestMapping("/api/albums/{id}")
class SlotController {

  private final AlbumViews views;
  private final TicketViews tickets;
  private final SlotEdits edits;

  SlotController(AlbumViews views, TicketViews tickets, SlotEdits edits) {
    this.views = views;
    this.tickets = tickets;
    this.edits = edits;
  }

  @GetMapping("/tickets/{slot}")
  TicketView ticket(@PathVariable("id") long id, @PathVariable("slot") String slot) {
    return tickets.ticket(id, slot);
  }

  @PostMapping("/tickets/preview")
  TicketViews.PreviewView preview(
      @PathVariable("id") long id, @Valid @RequestBody PlaceRequests.Preview request) {
    return request.photo() == null
        ? tickets.kept(
            id, request.slot(), request.keep() == null ? null : request.keep().toBox("keep"))
        : tickets.held(id, request.slot(), request.photo());
  }

  @PostMapping("/put")
  Views.AlbumView put(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Put request) {
    edits.put(id, request.version(), request.photo(), request.slot());
    return views.album(id, shown);
  }

  @PostMapping("/swap")
  Views.AlbumView swap(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Swap request) {
    edits.swap(id, request.version(), request.from(), request.to());
    return views.album(id, shown);
  }

  @PostMapping("/take-out")
  Views.AlbumView takeOut(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.OfSlot request) {
    edits.takeOut(id, request.version(), request.slot());
    return views.album(id, shown);
  }

  @PostMapping("/lock")
  Views.AlbumView lock(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Lock request) {
    edits.lock(id, request.version(), request.slot(), request.locked());
    return views.album(id, shown);
  }

  @PostMapping("/turn")
  Views.AlbumView turn(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Turn request) {
    edits.turn(id, request.version(), request.slot(), request.turned());
    return views.album(id, shown);
  }

  @PostMapping("/whole")
  Views.AlbumView whole(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Whole request) {
    edits.showWhole(id, request.version(), request.slot(), request.whole());
    return views.album(id, shown);
  }

  @PostMapping("/opening")
  Views.AlbumView opening(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.Opening request) {
    edits.measure(id, request.version(), request.slot(), request.opening().toSize("opening."));
    return views.album(id, shown);
  }
}
