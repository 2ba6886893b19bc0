package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.PageTemplate;
import drumnest.server.document.SheetPaper;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.Shelf;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
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
@RequestMapping("/api/albums/{id}")
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
  @GetMapping("/leaves/{leaf}")
  LeafViews.LeafDetail leaf(@PathVariable("id") long id, @PathVariable("leaf") int key) {
    AlbumModel album = openAlbums.open(id);
    String format = album.format();
    return LeafViews.detail(
        album,
        AlbumChecks.leaf(album, key),
        format == null ? null : shelf.find(format).map(Shelf.Entry::item).orElse(null));
  }

  @PostMapping("/leaves/add")
  Views.AlbumView add(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.AddLeaf request) {
    edits.add(id, request.version(), request.type(), request.at(), request.photo());
    return views.album(id, shown);
  }

  @PostMapping("/leaves/remove")
  Views.AlbumView remove(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.RemoveLeaf request) {
    edits.remove(id, request.version(), request.leaf(), Boolean.TRUE.equals(request.confirmed()));
    return views.album(id, shown);
  }

  @PostMapping("/leaves/move")
  Views.AlbumView move(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.MoveLeaf request) {
    edits.move(id, request.version(), request.leaf(), request.to());
    return views.album(id, shown);
  }

  @PostMapping("/leaves/turn-over")
  Views.AlbumView turnOver(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.OfLeaf request) {
    edits.turnOver(id, request.version(), request.leaf());
    return views.album(id, shown);
  }

  @PostMapping("/leaves/duplicate")
  Views.AlbumView duplicate(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.OfLeaf request) {
    edits.duplicate(id, request.version(), request.leaf());
    return views.album(id, shown);
  }

  @PostMapping("/leaves/drop")
  Views.AlbumView drop(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.DropLeaf request) {
    edits.drop(
        id,
        request.version(),
        request.leaf(),
        LengthReader.inUse().zeroOrMore("drop", request.drop()));
    return views.album(id, shown);
  }

  @PostMapping("/format")
  Views.AlbumView format(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.Format request) {
    edits.format(id, request.version(), request.format());
    return views.album(id, shown);
  }

  @PostMapping("/leaves/plan")
  Views.AlbumView plan(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody LeafRequests.Plan request) {
    edits.plan(
        id,
        request.version(),
        request.leaf(),
        request.side(),
        BlockRequest.blocks(request.blocks()));
    return views.album(id, shown);
  }

  /** The mounts that blocks would make; nothing is changed. */
  @PostMapping("/leaves/plan/preview")
  LeafViews.PlanView preview(
      @PathVariable("id") long id, @Valid @RequestBody LeafRequests.Plan request) {
    AlbumModel album = openAlbums.open(id);
    Side side = request.side();
    PagePlan plan =
        edits.planned(album, request.leaf(), side, BlockRequest.blocks(request.blocks()));
    Leaf leaf = AlbumChecks.leaf(album, request.leaf());
    return LeafViews.plan(plan, PlanViews.room(leaf, side, album.rules()));
  }

  /** Front and back at true size, with a control ruler. */
  @Hidden
  @GetMapping("/leaves/{leaf}/template.pdf")
  ResponseEntity<byte[]> template(
      @PathVariable("id") long id,
      @PathVariable("leaf") int key,
      @RequestParam(name = "paper", defaultValue = "whole") String paper)
      throws IOException {
    AlbumModel album = openAlbums.open(id);
    Leaf leaf = AlbumChecks.leaf(album, key);
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
}
