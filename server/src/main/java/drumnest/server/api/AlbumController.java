package drumnest.server.api;

import drumnest.server.album.OpenAlbums;
import drumnest.server.edit.AlbumEdits;
import drumnest.server.edit.LeafEdits;
import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** An album and what a maker does to it. Every change answers with the album as it is then. */
@RestController
@RequestMapping("/api/albums")
class AlbumController {

  private final OpenAlbums albums;
  private final AlbumViews views;
  private final TicketViews tickets;
  private final AlbumEdits edits;
  private final LeafEdits leafEdits;

  AlbumController(
      OpenAlbums albums,
      AlbumViews views,
      TicketViews tickets,
      AlbumEdits edits,
      LeafEdits leafEdits) {
    this.albums = albums;
    this.views = views;
    this.tickets = tickets;
    this.edits = edits;
    this.leafEdits = leafEdits;
  }

  @GetMapping
  List<Views.AlbumName> shelf() {
    return albums.all().stream()
        .map(album -> new Views.AlbumName(album.id(), album.title()))
        .toList();
  }

  /** Something that differs whenever anything that a page shows of the album may differ. */
  record RevisionView(String revision) {}

  @GetMapping("/{id}/revision")
  RevisionView revision(@PathVariable("id") long id) {
    return new RevisionView(albums.revision(id));
  }

  @GetMapping("/{id}")
  Views.AlbumView album(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread) {
    return views.album(id, spread);
  }

  @GetMapping("/{id}/tickets/{slot}")
  Views.TicketView ticket(@PathVariable("id") long id, @PathVariable("slot") String slot) {
    return tickets.ticket(id, slot);
  }

  @PostMapping("/{id}/tickets/preview")
  TicketViews.PreviewView preview(
      @PathVariable("id") long id, @Valid @RequestBody Requests.Preview request) {
    return request.photo() == null
        ? tickets.kept(
            id, request.slot(), request.keep() == null ? null : request.keep().toBox("keep"))
        : tickets.held(id, request.slot(), request.photo());
  }

  @PostMapping("/{id}/put")
  Views.AlbumView put(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Put request) {
    edits.put(id, request.version(), request.photo(), request.slot());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/swap")
  Views.AlbumView swap(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Swap request) {
    edits.swap(id, request.version(), request.from(), request.to());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/take-out")
  Views.AlbumView takeOut(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.OfSlot request) {
    edits.takeOut(id, request.version(), request.slot());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/lock")
  Views.AlbumView lock(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Lock request) {
    edits.lock(id, request.version(), request.slot(), request.locked());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/turn")
  Views.AlbumView turn(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Turn request) {
    edits.turn(id, request.version(), request.slot(), request.turned());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/opening")
  Views.AlbumView opening(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Opening request) {
    edits.measure(id, request.version(), request.slot(), request.opening().toSize("opening."));
    return views.album(id, spread);
  }

  @PostMapping("/{id}/format")
  Views.AlbumView format(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Format request) {
    leafEdits.format(id, request.version(), request.format());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/title")
  Views.AlbumView title(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Title request) {
    edits.retitle(id, request.version(), request.title().strip());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/undo")
  Views.AlbumView undo(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Version request) {
    edits.undo(id, request.version());
    return views.album(id, spread);
  }

  @PostMapping("/{id}/redo")
  Views.AlbumView redo(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Version request) {
    edits.redo(id, request.version());
    return views.album(id, spread);
  }
}
