package drumnest.server.gather;

import drumnest.server.NotThereException;
import drumnest.server.PlainText;
import drumnest.server.intake.DerivedSize;
import drumnest.server.intake.ImageRenderer;
import drumnest.server.intake.PhotoIntake;
import drumnest.server.intake.TablePrints;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photos coming in, and the pictures of those that are there. */
@RestController
class PhotoController {

  private final PhotoIntake intake;
  private final ImageRenderer renderer;
  private final Photos photos;
  private final TablePrints prints;
  private final Sidecars sidecars;

  PhotoController(
      PhotoIntake intake,
      ImageRenderer renderer,
      Photos photos,
      TablePrints prints,
      Sidecars sidecars) {
    this.prints = prints;
    this.sidecars = sidecars;
    this.intake = intake;
    this.renderer = renderer;
    this.photos = photos;
  }

  /**
   * Takes in one file: the body is the file as it is, {@code name} what it is called. Behind a file
   * that the page decodes itself, HEIC and AVIF, comes its picture, upright, as a JPEG file of
   * {@code rendition} bytes.
   */
  @Operation(
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              required = true,
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                      schema = @Schema(type = "string", format = "binary"))))
  @PostMapping("/api/albums/{id}/photos")
  TakenView take(
      @PathVariable("id") long id,
      @RequestParam("name") String name,
      @RequestParam(name = "rendition", defaultValue = "0") long rendition,
      HttpServletRequest request)
      throws IOException {
    PhotoIntake.Taken taken =
        intake.take(
            id,
            fileName(name),
            request.getContentLengthLong(),
            rendition,
            request.getInputStream());
    return new TakenView(taken.sha256(), taken.hadAlready());
  }

  /** The last part of a path, as plain text. */
  private static String fileName(String name) {
    String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
    String clean = PlainText.of(last, false).strip();
    return clean.isEmpty() ? "unnamed" : clean;
  }

  /** A picture of a photo, {@code small} or {@code large}. */
  @GetMapping(value = "/api/photos/{photo}/{size}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<Resource> picture(
      @PathVariable("photo") String photo, @PathVariable("size") String size) throws IOException {
    DerivedSize derived =
        DerivedSize.find(size)
            .orElseThrow(() -> new NotThereException("size", "A picture is “small” or “large”."));
    PhotoEntity entity = photo(photo);
    Path picture = renderer.picture(entity.file(), derived);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(new FileSystemResource(picture));
  }

  private PhotoEntity photo(String id) {
    return photos
        .findById(id)
        .orElseThrow(() -> new NotThereException("photo", "There is no photo “" + id + "”."));
  }

  /** The picture in all its pixels, for looking closely. */
  @Hidden
  @GetMapping("/api/photos/{photo}/whole")
  ResponseEntity<Resource> whole(@PathVariable("photo") String photo) throws IOException {
    ImageRenderer.Shown shown = renderer.whole(photo(photo).file());
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(shown.mediaType()))
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(new FileSystemResource(shown.file()));
  }

  /** Takes in a print on the table of which there is no file. */
  @PostMapping("/api/albums/{id}/prints")
  TakenView print(
      @PathVariable("id") long id, @Valid @RequestBody GatherRequests.TablePrint request) {
    String photo = prints.add(id, request.name().strip(), request.size(), request.when());
    return new TakenView(photo, false);
  }

  /** Takes in a sidecar, XMP beside a photo: what it says is said of the photo on the line. */
  @Operation(
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              required = true,
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                      schema = @Schema(type = "string", format = "binary"))))
  @PostMapping("/api/albums/{id}/sidecars")
  TakenView sidecar(
      @PathVariable("id") long id, @RequestParam("name") String name, HttpServletRequest request)
      throws IOException {
    return new TakenView(sidecars.take(id, fileName(name), request.getInputStream()), false);
  }

  /** The fate of a file that came in. */
  record TakenView(String photo, boolean hadAlready) {}
}
