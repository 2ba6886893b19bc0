package drumnest.server.api;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Leaf;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Side;
import drumnest.core.measure.Length;
import drumnest.server.FieldProblemException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.PageTemplate;
import drumnest.server.edit.LeafEdits;
import drumnest.server.shelf.Shelf;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The leaves of an album. Every change answers with the album as it is then. */
@RestController
@RequestMapping("/api/albums/{id}/leaves")
class LeafController {

  private final AlbumViews views;
  private final LeafEdits edits;
  private final OpenAlbums openAlbums;
  private final Shelf shelf;

  LeafController(AlbumViews views, LeafEdits edits, OpenAlbums openAlbums, Shelf shelf) {
    this.shelf = shelf;
    this.views = views;
    this.edits = edits;
    this.openAlbums = openAlbums;
  }

  /** Both sides of a leaf, what is planned on them, and where it lies. */
  @GetMapping("/{leaf}")
  LeafViews.LeafDetail leaf(@PathVariable("id") long id, @PathVariable("leaf") int key) {
    AlbumModel album = openAlbums.open(id);
    String format = album.format();
    return LeafViews.detail(
        album,
        LeafEdits.leaf(album, key),
        format == null ? null : shelf.find(format).map(Shelf.Entry::item).orElse(null));
  }

  @PostMapping("/add")
  Views.AlbumView add(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.AddLeaf request) {
    edits.add(id, request.version(), request.type(), request.at());
    return views.album(id, spread);
  }

  @PostMapping("/remove")
  Views.AlbumView remove(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.RemoveLeaf request) {
    edits.remove(id, request.version(), request.leaf(), Boolean.TRUE.equals(request.confirmed()));
    return views.album(id, spread);
  }

  @PostMapping("/move")
  Views.AlbumView move(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.MoveLeaf request) {
    edits.move(id, request.version(), request.leaf(), request.to());
    return views.album(id, spread);
  }

  @PostMapping("/turn-over")
  Views.AlbumView turnOver(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.OfLeaf request) {
    edits.turnOver(id, request.version(), request.leaf());
    return views.album(id, spread);
  }

  @PostMapping("/duplicate")
  Views.AlbumView duplicate(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.OfLeaf request) {
    edits.duplicate(id, request.version(), request.leaf());
    return views.album(id, spread);
  }

  @PostMapping("/drop")
  Views.AlbumView drop(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.DropLeaf request) {
    Length drop = Requests.anyLength("drop", request.drop());
    if (drop.isNegative()) {
      throw new FieldProblemException("drop", "A leaf lies level with the page or lower.");
    }
    edits.drop(id, request.version(), request.leaf(), drop);
    return views.album(id, spread);
  }

  @PostMapping("/plan")
  Views.AlbumView plan(
      @PathVariable("id") long id,
      @RequestParam(name = "spread", required = false) @Nullable Integer spread,
      @Valid @RequestBody Requests.Plan request) {
    edits.plan(
        id,
        request.version(),
        request.leaf(),
        side(request.side()),
        BlockForm.blocks(request.blocks()));
    return views.album(id, spread);
  }

  /** The mounts that blocks would make; nothing is changed. */
  @PostMapping("/plan/preview")
  LeafViews.PlanView preview(
      @PathVariable("id") long id, @Valid @RequestBody Requests.Plan request) {
    AlbumModel album = openAlbums.open(id);
    Side side = side(request.side());
    PagePlan plan = edits.planned(album, request.leaf(), side, BlockForm.blocks(request.blocks()));
    Leaf leaf = LeafEdits.leaf(album, request.leaf());
    return LeafViews.plan(plan, PlanViews.room(leaf, side, album.rules()));
  }

  /** Front and back at true size, with a control ruler. */
  @Hidden
  @GetMapping("/{leaf}/template.pdf")
  ResponseEntity<byte[]> template(
      @PathVariable("id") long id,
      @PathVariable("leaf") int key,
      @RequestParam(name = "paper", defaultValue = "whole") String paper)
      throws IOException {
    AlbumModel album = openAlbums.open(id);
    Leaf leaf = LeafEdits.leaf(album, key);
    PageTemplate.Paper sheet = SheetPaper.of(paper);
    byte[] pdf =
        PageTemplate.of(
            "Leaf " + leaf.number() + " of " + album.title(),
            List.of(LeafViews.side(leaf, Side.FRONT), LeafViews.side(leaf, Side.BACK)),
            sheet);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("leaf-" + leaf.number() + ".pdf")
                .build()
                .toString())
        .body(pdf);
  }

  private static Side side(String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "front" -> Side.FRONT;
      case "back" -> Side.BACK;
      default -> throw new FieldProblemException("side", "A side is front or back.");
    };
  }
}
