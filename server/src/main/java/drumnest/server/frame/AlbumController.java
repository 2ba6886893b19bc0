package drumnest.server.frame;

import drumnest.server.album.AlbumName;
import drumnest.server.album.OpenAlbums;
import jakarta.validation.Valid;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The albums, and what is done to one at every stage. Every step answers with the album then. */
@RestController
@RequestMapping("/api/albums")
class AlbumController {

  private final OpenAlbums albums;
  private final AlbumViews views;
  private final AlbumEdits edits;

  AlbumController(OpenAlbums albums, AlbumViews views, AlbumEdits edits) {
    this.albums = albums;
    this.views = views;
    this.edits = edits;
  }

  @GetMapping
  List<AlbumName> shelf() {
    return albums.names();
  }

  /** Something that differs whenever anything that a page shows of the album may differ. */
  record RevisionView(String revision) {}

  @GetMapping("/{id}/revision")
  RevisionView revision(@PathVariable("id") long id) {
    return new RevisionView(albums.opened(id).revision());
  }

  @GetMapping("/{id}")
  Views.AlbumView album(@PathVariable("id") long id, @ParameterObject Shown shown) {
    return views.album(id, shown);
  }

  @PostMapping("/{id}/title")
  Views.AlbumView title(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody AlbumRequests.Title request) {
    edits.retitle(id, request.version(), request.title().strip());
    return views.album(id, shown);
  }

  @PostMapping("/{id}/undo")
  Views.AlbumView undo(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody AlbumRequests.Version request) {
    edits.undo(id, request.version());
    return views.album(id, shown);
  }

  @PostMapping("/{id}/redo")
  Views.AlbumView redo(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody AlbumRequests.Version request) {
    edits.redo(id, request.version());
    return views.album(id, shown);
  }
}
