package drumnest.server.gather;

import drumnest.core.measure.Size;
import drumnest.core.photo.Quad;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.SizeRequest;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Snaps of prints that lie on the table. */
@RestController
@RequestMapping("/api/albums/{id}")
class SnapController {

  private final Straightening straightening;
  private final AlbumViews views;

  SnapController(Straightening straightening, AlbumViews views) {
    this.straightening = straightening;
    this.views = views;
  }

  /** A corner, in pixels of the upright picture. */
  record CornerView(@NotNull Double x, @NotNull Double y) {}

  /**
   * The corners that were found in a snap.
   *
   * @param print the four corners of the print, from the top left to the right; those of the snap
   *     where none was found
   * @param sheet those of a sheet beside it; left out where there is none
   */
  record CornersView(List<CornerView> print, @Nullable List<CornerView> sheet) {}

  /** A print and a sheet beside it, of which the size is known. */
  record Measure(
      @NotNull List<@Valid @NotNull CornerView> print,
      @NotNull List<@Valid @NotNull CornerView> sheet,
      @NotNull SizeRequest size) {}

  /** A print of this size, to be cut out of its snap. */
  record Straighten(
      @NotNull Long version,
      @NotBlank String photo,
      @NotNull List<@Valid @NotNull CornerView> print,
      @NotNull SizeRequest size) {}

  @GetMapping("/photos/{photo}/corners")
  CornersView corners(@PathVariable("id") long id, @PathVariable("photo") String photo)
      throws IOException {
    Straightening.Found found = straightening.find(id, photo);
    return new CornersView(views(found.print()), found.sheet().map(this::views).orElse(null));
  }

  @PostMapping("/photos/{photo}/measure")
  Views.SizeView measure(
      @PathVariable("id") long id,
      @PathVariable("photo") String photo,
      @Valid @RequestBody Measure request) {
    return Views.SizeView.of(
        straightening.measure(
            id,
            photo,
            quad("print", request.print()),
            quad("sheet", request.sheet()),
            size(request.size())));
  }

  @PostMapping("/straighten")
  Views.AlbumView straighten(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody Straighten request)
      throws IOException {
    straightening.straighten(
        id,
        request.version(),
        request.photo(),
        quad("print", request.print()),
        size(request.size()));
    return views.album(id, shown);
  }

  private static Size size(SizeRequest request) {
    Size size = request.toSize("size.");
    if (size == null) {
      throw new FieldProblemException("size.w", "Its size is missing: write its width and height.");
    }
    return size;
  }

  private List<CornerView> views(Quad quad) {
    return quad.corners().stream().map(corner -> new CornerView(corner.x(), corner.y())).toList();
  }

  private static Quad quad(String field, List<CornerView> corners) {
    if (corners.size() != 4) {
      throw new FieldProblemException(field, "Something flat has four corners.");
    }
    List<Quad.Corner> all =
        corners.stream().map(corner -> new Quad.Corner(corner.x(), corner.y())).toList();
    return new Quad(all.get(0), all.get(1), all.get(2), all.get(3));
  }
}
