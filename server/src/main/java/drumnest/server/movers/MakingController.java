package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Slot;
import drumnest.core.mover.kind.Constructing;
import drumnest.core.mover.kind.Construction;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.ConstructionPlan;
import drumnest.server.document.ConstructionSvg;
import drumnest.server.document.FacePicture;
import drumnest.server.document.PaperModel;
import drumnest.server.document.PrintedStrips;
import drumnest.server.document.SheetPaper;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.PieceDrawing;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.http.Attachment;
import drumnest.server.intake.ImageRenderer;
import drumnest.server.movers.kind.MakingStep;
import drumnest.server.movers.kind.MoverWords;
import drumnest.server.stock.PrinterInUse;
import io.swagger.v3.oas.annotations.Hidden;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
  private final PrinterInUse printer;

  MakingController(OpenAlbums openAlbums, ImageRenderer renderer, PrinterInUse printer) {
    this.openAlbums = openAlbums;
    this.renderer = renderer;
    this.printer = printer;
  }

  /** A mover, or a single flap, as it is made. */
  private record Made(String title, Construction construction, List<MakingStep> steps) {}

  private static Made made(AlbumModel album, String flap) {
    Slot side = MoverStep.side(album, flap);
    PagePlan plan = MoverStep.plan(side);
    String number = String.valueOf(side.number());
    Mover mover = plan.moverOf(number).orElse(null);
    List<MakingStep> steps =
        mover == null
            ? MoverWords.steps(plan, plan.flap(number).orElseThrow(), album.rules())
            : MoverWords.of(plan, mover, album.rules()).steps();
    return new Made(
        Words.capital(MoverNames.whole(plan, number)) + MoverStep.page(side),
        Constructing.of(plan, number, side.leaf().size(), album.rules()),
        steps);
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
    return Attachment.of(
        "plan.pdf",
        MediaType.APPLICATION_PDF,
        ConstructionPlan.of(made.title(), lines, made.construction(), SheetPaper.of(paper)));
  }

  /** Its pieces in millimetres, with what is cut, scored and glued in layers. */
  @GetMapping("/plan.svg")
  ResponseEntity<byte[]> svg(@PathVariable("id") long id, @PathVariable("flap") String flap) {
    Made made = made(openAlbums.open(id), flap);
    return Attachment.of("plan.svg", SVG, ConstructionSvg.of(made.title(), made.construction()));
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
    return Attachment.of(
        "paper-model.pdf",
        MediaType.APPLICATION_PDF,
        PaperModel.of(
            made.title(),
            made.construction(),
            SheetPaper.sheet(paper),
            pictures(
                album,
                flap,
                photo ->
                    new ImageRenderer.Printable(
                        renderer.forShowing(photo.file(), photo.choosing().secret()),
                        new AffineTransform()))));
  }

  /** The strips of an accordion with their pictures on both sides, at true size. */
  @GetMapping("/strips.pdf")
  ResponseEntity<byte[]> strips(
      @PathVariable("id") long id,
      @PathVariable("flap") String flap,
      @RequestParam(name = "private", defaultValue = "false") boolean withPrivate)
      throws IOException {
    AlbumModel album = openAlbums.open(id);
    Made made = made(album, flap);
    return Attachment.of(
        "strips.pdf",
        MediaType.APPLICATION_PDF,
        PrintedStrips.of(
            made.title(),
            made.construction(),
            pictures(
                album,
                flap,
                photo ->
                    renderer.forPrinting(photo.file(), photo.choosing().secret() && !withPrivate)),
            printer.now()));
  }

  /** Which file a photo is printed from. */
  private interface Files {
    ImageRenderer.Printable of(AlbumPhoto photo) throws IOException;
  }

  /** Tells what is on the sides of the parts of a mover. */
  private static FacePicture.Source pictures(AlbumModel album, String flap, Files files) {
    Slot side = MoverStep.side(album, flap);
    PagePlan plan = MoverStep.plan(side);
    String number = String.valueOf(side.number());
    List<String> parts = plan.moverOf(number).map(Mover::parts).orElse(List.of(number));
    return (piece, outside) -> {
      String part = parts.get(Integer.parseInt(piece) - 1);
      Panorama panorama =
          plan.panoramaOf(part).filter(each -> each.isOn(part, outside)).orElse(null);
      String beside = FlapNames.beside(flap, panorama == null ? part : panorama.last());
      boolean first = panorama != null || outside;
      Slot slot =
          album.slot(first ? FlapNames.outside(beside) : FlapNames.inside(beside)).orElse(null);
      AlbumModel.Seated seated =
          Optional.ofNullable(slot)
              .flatMap(album::seated)
              .filter(each -> each.photo().hasFile())
              .orElse(null);
      if (slot == null || seated == null) {
        return Optional.empty();
      }
      Views.DrawingView whole =
          SlotDrawing.of(slot.takes(), seated.photo().pixels(), seated.measured(), album.rules());
      Views.DrawingView drawing =
          panorama == null ? whole : PieceDrawing.of(whole, panorama, panorama.piece(part));
      ImageRenderer.Printable file = files.of(seated.photo());
      Views.ShareBoxView seen = drawing.shown();
      return Optional.of(
          new FacePicture(
              file.file(),
              file.upright(),
              seen.x(),
              seen.y(),
              seen.w(),
              seen.h(),
              drawing.turned(),
              share(drawing.paper()),
              drawing.covers() == null
                  ? List.of()
                  : drawing.covers().stream().map(MakingController::share).toList()));
    };
  }

  private static FacePicture.Share share(Views.ShareBoxView box) {
    return new FacePicture.Share(box.x(), box.y(), box.w(), box.h());
  }
}
