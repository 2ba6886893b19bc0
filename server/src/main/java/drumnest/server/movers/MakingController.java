package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Mover;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Slot;
import drumnest.core.mover.Constructing;
import drumnest.core.mover.Construction;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.ConstructionPlan;
import drumnest.server.document.ConstructionSvg;
import drumnest.server.document.PaperModel;
import drumnest.server.document.SheetPaper;
import drumnest.server.frame.Words;
import drumnest.server.intake.ImageRenderer;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How movers are made, on paper: plans at true size, and paper models at half of it. */
@Hidden
@RestController
@RequestMapping("/api/albums/{id}/movers/{flap}")
class MakingController {

  private static final MediaType SVG = MediaType.valueOf("image/svg+xml");

  private final OpenAlbums openAlbums;
  private final ImageRenderer renderer;

  MakingController(OpenAlbums openAlbums, ImageRenderer renderer) {
    this.openAlbums = openAlbums;
    this.renderer = renderer;
  }

  /** A mover, or a single flap, as it is made. */
  private record Made(String title, Construction construction, List<MakingSteps.Step> steps) {}

  private static Made made(AlbumModel album, String flap) {
    Slot outside = MoverStep.outside(album, flap);
    PagePlan plan = MoverStep.plan(outside);
    String number = String.valueOf(outside.number());
    Optional<Mover> mover = plan.moverOf(number);
    String where = MoverStep.page(outside);
    if (mover.isEmpty()) {
      Flap single = plan.flap(number).orElseThrow();
      return new Made(
          "Flap " + number + where,
          Constructing.of(single, album.rules()),
          MakingSteps.of(single, album.rules()));
    }
    List<Flap> parts =
        mover.get().parts().stream().map(part -> plan.flap(part).orElseThrow()).toList();
    return new Made(
        Words.capital(mover.get().called()) + where,
        Constructing.of(mover.get(), parts, album.rules()),
        MakingSteps.of(mover.get(), parts, album.rules()));
  }

  /** Its pieces at true size, after the steps of making it. */
  @GetMapping("/plan.pdf")
  ResponseEntity<byte[]> plan(
      @PathVariable("id") long id,
      @PathVariable("flap") String flap,
      @RequestParam(name = "paper", defaultValue = "whole") String paper)
      throws IOException {
    Made made = made(openAlbums.open(id), flap);
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < made.steps().size(); i++) {
      lines.add(made.steps().get(i).line(i + 1));
    }
    return file(
        "plan.pdf",
        MediaType.APPLICATION_PDF,
        ConstructionPlan.of(made.title(), lines, made.construction(), SheetPaper.of(paper)));
  }

  /** Its pieces in millimetres, with what is cut, scored and glued in layers. */
  @GetMapping("/plan.svg")
  ResponseEntity<byte[]> svg(@PathVariable("id") long id, @PathVariable("flap") String flap) {
    Made made = made(openAlbums.open(id), flap);
    return file("plan.svg", SVG, ConstructionSvg.of(made.title(), made.construction()));
  }

  /** At half its size, with its pictures, to be folded from scrap. */
  @GetMapping("/model.pdf")
  ResponseEntity<byte[]> model(
      @PathVariable("id") long id,
      @PathVariable("flap") String flap,
      @RequestParam(name = "paper", defaultValue = "letter") String paper)
      throws IOException {
    AlbumModel album = openAlbums.open(id);
    Made made = made(album, flap);
    return file(
        "paper-model.pdf",
        MediaType.APPLICATION_PDF,
        PaperModel.of(
            made.title(),
            made.construction(),
            SheetPaper.sheet(paper),
            (part, outside) -> {
              String beside = FlapNames.beside(flap, part);
              return picture(album, outside ? FlapNames.outside(beside) : FlapNames.inside(beside));
            }));
  }

  private Optional<PaperModel.Picture> picture(AlbumModel album, String slotId) throws IOException {
    AlbumModel.Seated seated = album.slot(slotId).flatMap(album::seated).orElse(null);
    if (seated == null || !seated.photo().hasFile()) {
      return Optional.empty();
    }
    Pixels pixels = seated.photo().pixels();
    PixelBox seen = seated.measured().seen(pixels);
    return Optional.of(
        new PaperModel.Picture(
            renderer.forShowing(seated.photo().file(), seated.photo().choosing().secret()),
            share(seen.x(), pixels.w()),
            share(seen.y(), pixels.h()),
            share(seen.w(), pixels.w()),
            share(seen.h(), pixels.h()),
            seated.measured().turned()));
  }

  private static double share(int part, int whole) {
    return (double) part / whole;
  }

  private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(bytes);
  }
}
