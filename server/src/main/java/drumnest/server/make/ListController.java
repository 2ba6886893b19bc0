package drumnest.server.make;

import drumnest.server.document.CsvLists;
import drumnest.server.document.PdfLists;
import drumnest.server.document.SheetPaper;
import drumnest.server.http.Attachment;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The print list and the trim list, on screen and as files. */
@RestController
@RequestMapping("/api/albums/{id}")
class ListController {

  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final Lists lists;
  private final PdfLists pdf;

  ListController(Lists lists, PdfLists pdf) {
    this.lists = lists;
    this.pdf = pdf;
  }

  @GetMapping("/lists")
  Lists.ListsView lists(@PathVariable("id") long id) {
    return lists.of(id).view();
  }

  @Hidden
  @GetMapping("/prints.csv")
  ResponseEntity<byte[]> printsCsv(@PathVariable("id") long id) {
    return Attachment.of(
        "print-list.csv",
        CSV,
        CsvLists.prints(lists.of(id).prints()).getBytes(StandardCharsets.UTF_8));
  }

  @Hidden
  @GetMapping("/trims.csv")
  ResponseEntity<byte[]> trimsCsv(@PathVariable("id") long id) {
    return Attachment.of(
        "trim-list.csv",
        CSV,
        CsvLists.trims(lists.of(id).trims()).getBytes(StandardCharsets.UTF_8));
  }

  @Hidden
  @GetMapping("/prints.pdf")
  ResponseEntity<byte[]> printsPdf(
      @PathVariable("id") long id, @RequestParam(name = "paper", defaultValue = "a4") String paper)
      throws IOException {
    Lists.OfAlbum album = lists.of(id);
    return Attachment.of(
        "print-list.pdf",
        MediaType.APPLICATION_PDF,
        pdf.prints(album.title(), album.prints(), album.left(), SheetPaper.sheet(paper)));
  }

  @Hidden
  @GetMapping("/trims.pdf")
  ResponseEntity<byte[]> trimsPdf(
      @PathVariable("id") long id, @RequestParam(name = "paper", defaultValue = "a4") String paper)
      throws IOException {
    Lists.OfAlbum album = lists.of(id);
    return Attachment.of(
        "trim-list.pdf",
        MediaType.APPLICATION_PDF,
        pdf.trims(album.title(), album.trims(), album.cautions(), SheetPaper.sheet(paper)));
  }
}
