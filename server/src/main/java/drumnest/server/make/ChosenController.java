package drumnest.server.make;

import drumnest.core.album.AlbumModel;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Choice;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.StoryPhoto;
import drumnest.server.album.OpenAlbums;
import drumnest.server.data.Home;
import drumnest.server.document.ChosenFiles;
import drumnest.server.document.ChosenRow;
import drumnest.server.document.CsvLists;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Words;
import drumnest.server.intake.ToldInXmp;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The chosen photos as files: the originals with their sidecars, and as a list. */
@RestController
@RequestMapping("/api/albums/{id}")
class ChosenController {

  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
  private static final String ZIP = "application/zip";

  private final OpenAlbums openAlbums;
  private final Home home;

  ChosenController(OpenAlbums openAlbums, Home home) {
    this.openAlbums = openAlbums;
    this.home = home;
  }

  /** The kept photos; those marked private only if they are asked for. */
  @Hidden
  @GetMapping("/chosen.zip")
  StreamingResponseBody zip(
      @PathVariable("id") long id,
      @RequestParam(name = "private", defaultValue = "false") boolean withPrivate,
      HttpServletResponse response)
      throws IOException {
    List<ChosenFiles.Photo> photos = new ArrayList<>();
    for (AlbumPhoto photo : openAlbums.open(id).photos()) {
      boolean shown = withPrivate || !photo.choosing().secret();
      if (photo.choosing().choice() == Choice.KEEP && shown && photo.hasFile()) {
        photos.add(
            new ChosenFiles.Photo(
                photo.name(), home.original(photo.id(), photo.file().format()), sidecar(photo)));
      }
    }
    response.setContentType(ZIP);
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment("chosen-photos.zip"));
    // The thread that writes the archive must not come upon this one while it still writes headers.
    response.flushBuffer();
    return out -> ChosenFiles.write(photos, out);
  }

  private static byte[] sidecar(AlbumPhoto photo) {
    FileWords said = photo.words();
    FileWords words =
        new FileWords(
            null,
            null,
            null,
            null,
            photo.rating(),
            said.title(),
            photo.choosing().caption(),
            said.keywords());
    return new ToldInXmp(words, photo.choosing(), photo.keep()).write();
  }

  /** All photos of the line with what was decided of them; who is private only if asked for. */
  @Hidden
  @GetMapping("/chosen.csv")
  ResponseEntity<byte[]> csv(
      @PathVariable("id") long id,
      @RequestParam(name = "private", defaultValue = "false") boolean withPrivate) {
    AlbumModel album = openAlbums.open(id);
    List<Chapter> chapters = album.chapters();
    List<String> titles = Words.chapters(chapters.stream().map(Chapter::begin).toList());
    List<ChosenRow> lines = new ArrayList<>();
    for (int i = 0; i < chapters.size(); i++) {
      String name = chapters.get(i).name();
      for (StoryPhoto each : chapters.get(i).photos()) {
        AlbumPhoto photo = album.photo(each.id()).orElseThrow();
        lines.add(
            new ChosenRow(
                lines.size() + 1,
                name == null ? titles.get(i) : name,
                photo.name(),
                photo.choosing(),
                photo.takenAt() == null ? "" : photo.takenAt().withNano(0).toString(),
                photo.pixels(),
                photo.onTable(),
                photo.rating(),
                withPrivate || !photo.choosing().secret(),
                album
                    .slotOf(each.id())
                    .map(slot -> AlbumViews.where(album, slot).label())
                    .orElse("")));
      }
    }
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment("photos.csv"))
        .body(CsvLists.chosen(lines).getBytes(StandardCharsets.UTF_8));
  }

  private static String attachment(String name) {
    return ContentDisposition.attachment().filename(name).build().toString();
  }
}
