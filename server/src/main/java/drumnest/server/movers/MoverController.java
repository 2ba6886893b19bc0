package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The movers of an album. Every change answers with the album as it is then. */
@RestController
@RequestMapping("/api/albums/{id}")
class MoverController {

  private final AlbumViews views;
  private final FlapEdits flaps;
  private final MoverEdits movers;
  private final EdgeEdits edges;
  private final SuggestionViews suggestions;
  private final OpenAlbums openAlbums;

  MoverController(
      AlbumViews views,
      FlapEdits flaps,
      MoverEdits movers,
      EdgeEdits edges,
      SuggestionViews suggestions,
      OpenAlbums openAlbums) {
    this.views = views;
    this.flaps = flaps;
    this.movers = movers;
    this.edges = edges;
    this.suggestions = suggestions;
    this.openAlbums = openAlbums;
  }

  /** A spread with these flaps open: what is seen, what may move next, and what is in the way. */
  @GetMapping("/spreads/{spread}/motion")
  MotionViews.MotionView motion(
      @PathVariable("id") long id,
      @PathVariable("spread") int spread,
      @RequestParam(name = "open", defaultValue = "") List<String> open) {
    AlbumModel album = openAlbums.open(id);
    return MotionViews.of(album, album.leaves().spread(spread), open);
  }

  @PostMapping("/flaps/add")
  Views.AlbumView addFlap(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.AddFlap request) {
    if (Boolean.TRUE.equals(request.whole())) {
      flaps.cover(id, request.version(), request.slot());
      return views.album(id, shown);
    }
    flaps.add(
        id,
        request.version(),
        request.slot(),
        request.hinge(),
        request.body() == null ? Flap.Body.SLEEVE : request.body(),
        request.insert() == null ? null : request.insert().toSize("insert"),
        request.photo());
    return views.album(id, shown);
  }

  @PostMapping("/flaps/change")
  Views.AlbumView changeFlap(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.ChangeFlap request) {
    flaps.change(id, request.version(), request.flap(), request.form());
    return views.album(id, shown);
  }

  @PostMapping("/flaps/remove")
  Views.AlbumView removeFlap(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.OfFlap request) {
    movers.remove(id, request.version(), request.flap());
    return views.album(id, shown);
  }

  @PostMapping("/movers/edge")
  Views.AlbumView moveEdge(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.MoveEdge request) {
    edges.move(id, request.version(), request.flap(), request.edge(), request.marks());
    return views.album(id, shown);
  }

  @PostMapping("/movers/mirror")
  Views.AlbumView mirror(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.OfFlap request) {
    movers.mirror(id, request.version(), request.flap());
    return views.album(id, shown);
  }

  /** The movers that could go over or behind a place, drawn to scale on its page. */
  @GetMapping("/movers/choices")
  ChoiceViews.ChoicesView choices(@PathVariable("id") long id, @RequestParam("slot") String slot) {
    return ChoiceViews.of(openAlbums.open(id), slot);
  }

  /** The movers that would take in what is left over, none in the way of another. */
  @GetMapping("/spreads/{spread}/suggested")
  SuggestionViews.SuggestionsView suggested(
      @PathVariable("id") long id, @PathVariable("spread") int spread) {
    AlbumModel album = openAlbums.open(id);
    return suggestions.of(album, album.leaves().spread(spread));
  }

  @PostMapping("/movers/add")
  Views.AlbumView add(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.AddMover request) {
    movers.add(
        id,
        request.version(),
        request.slot(),
        request.kind(),
        request.edge(),
        request.photos() == null ? List.of() : request.photos());
    return views.album(id, shown);
  }

  @PostMapping("/movers/change")
  Views.AlbumView change(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody MoverRequests.ChangeMover request) {
    movers.change(id, request.version(), request.flap(), request.form());
    return views.album(id, shown);
  }
}
