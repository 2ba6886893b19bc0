package drumnest.server.place;

import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import drumnest.server.stock.RulesInForce;
import jakarta.validation.Valid;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cards and keepsakes. Every change answers with the album as it is then. */
@RestController
@RequestMapping("/api/albums/{id}/ephemera")
class EphemeraController {

  private final AlbumViews views;
  private final EphemeraEdits edits;
  private final RulesInForce rules;

  EphemeraController(AlbumViews views, EphemeraEdits edits, RulesInForce rules) {
    this.views = views;
    this.edits = edits;
    this.rules = rules;
  }

  /** Adds one, or says anew what the one with the given key is. */
  @PostMapping("/save")
  Views.AlbumView save(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.EphemeraForm request) {
    if (request.ephemera() == null) {
      edits.add(id, request.version(), request.toEphemera(rules.rules()));
    } else {
      edits.change(id, request.version(), request.toEphemera(rules.rules()));
    }
    return views.album(id, shown);
  }

  @PostMapping("/remove")
  Views.AlbumView remove(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.OfEphemera request) {
    edits.remove(id, request.version(), request.ephemera());
    return views.album(id, shown);
  }

  @PostMapping("/lay")
  Views.AlbumView lay(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody PlaceRequests.LayEphemera request) {
    edits.lay(id, request.version(), request.ephemera(), request.slot());
    return views.album(id, shown);
  }
}
