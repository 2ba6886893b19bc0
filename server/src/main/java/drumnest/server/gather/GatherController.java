package drumnest.server.gather;

import drumnest.core.photo.Choosing;
import drumnest.core.photo.Framing;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Shown;
import drumnest.server.frame.Views;
import jakarta.validation.Valid;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Takes in what is told of photos: choices, keep boxes, dates, stacks, chapters, clocks. */
@RestController
@RequestMapping("/api/albums/{id}")
class GatherController {

  private final PhotoEdits edits;
  private final AlbumViews views;
  private final LineViews lines;
  private final CropViews crops;
  private final GatherViews gather;
  private final CameraViews cameras;

  GatherController(
      PhotoEdits edits,
      AlbumViews views,
      LineViews lines,
      CropViews crops,
      GatherViews gather,
      CameraViews cameras) {
    this.edits = edits;
    this.views = views;
    this.lines = lines;
    this.crops = crops;
    this.gather = gather;
    this.cameras = cameras;
  }

  @GetMapping("/line")
  LineViews.LineView line(@PathVariable("id") long id) {
    return lines.line(id);
  }

  /** Tells what is another on the line than in the revision that a page shows. */
  @GetMapping("/line/changes")
  LineChanges.LineChangesView changes(
      @PathVariable("id") long id, @RequestParam("since") String since) {
    return lines.changes(id, since);
  }

  @GetMapping("/budget")
  GatherViews.BudgetView budget(@PathVariable("id") long id) {
    return gather.budget(id);
  }

  @GetMapping("/photos/{photo}")
  GatherViews.CloseView close(@PathVariable("id") long id, @PathVariable("photo") String photo) {
    return gather.close(id, photo);
  }

  @GetMapping("/cameras")
  CameraViews.CamerasView cameras(@PathVariable("id") long id) {
    return cameras.cameras(id);
  }

  @PostMapping("/cameras/try")
  CameraViews.ClockTryView tried(
      @PathVariable("id") long id, @Valid @RequestBody GatherRequests.ClockTry request) {
    return cameras.tried(id, request);
  }

  @PostMapping("/keep")
  Views.AlbumView keep(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Keep request) {
    edits.keep(
        id,
        request.version(),
        request.photo(),
        request.keep() == null ? null : request.keep().toBox("keep"));
    return views.album(id, shown);
  }

  @PostMapping("/conceal")
  Views.AlbumView conceal(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Conceal request) {
    edits.conceal(
        id,
        request.version(),
        request.photo(),
        request.boxes().stream().map(box -> box.toBox("boxes")).toList());
    return views.album(id, shown);
  }

  @PostMapping("/keep-as-proposed")
  Views.AlbumView keepAsProposed(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.OfPhotos request) {
    edits.keepAsProposed(id, request.version(), request.photos());
    return views.album(id, shown);
  }

  @PostMapping("/frame")
  Views.AlbumView frame(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Frame request) {
    edits.frame(
        id,
        request.version(),
        request.photos(),
        request.follows() ? Framing.FOLLOWS : Framing.CENTRED);
    return views.album(id, shown);
  }

  @GetMapping("/crops")
  CropViews.CropsView crops(@PathVariable("id") long id) {
    return crops.crops(id);
  }

  @PostMapping("/date")
  Views.AlbumView date(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Dated request) {
    edits.date(id, request.version(), request.photo(), request.when());
    return views.album(id, shown);
  }

  @PostMapping("/on-table")
  Views.AlbumView onTable(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.OnTable request) {
    edits.onTable(id, request.version(), request.photo(), request.size().toSize("size."));
    return views.album(id, shown);
  }

  @PostMapping("/choose")
  Views.AlbumView choose(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Choose request) {
    edits.choose(id, request.version(), request.choices());
    return views.album(id, shown);
  }

  @PostMapping("/choose-of-stack")
  Views.AlbumView chooseOfStack(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.ChooseOfStack request) {
    edits.chooseOfStack(id, request.version(), request.photo(), request.keep());
    return views.album(id, shown);
  }

  @PostMapping("/keep-starred")
  Views.AlbumView keepStarred(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.KeepStarred request) {
    edits.keepStarred(id, request.version(), request.stars());
    return views.album(id, shown);
  }

  @PostMapping("/flags")
  Views.AlbumView flags(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.SetFlags request) {
    edits.write(id, request.version(), request.photos(), label(request), flagged(request));
    return views.album(id, shown);
  }

  @PostMapping("/caption")
  Views.AlbumView caption(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Caption request) {
    edits.write(
        id,
        request.version(),
        List.of(request.photo()),
        "caption",
        choosing -> choosing.withCaption(request.caption().strip()));
    return views.album(id, shown);
  }

  @PostMapping("/stack")
  Views.AlbumView stack(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Together request) {
    edits.stack(id, request.version(), request.photos(), request.together());
    return views.album(id, shown);
  }

  @PostMapping("/alternates")
  Views.AlbumView alternates(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Together request) {
    edits.alternates(id, request.version(), request.photos(), request.together());
    return views.album(id, shown);
  }

  @PostMapping("/border")
  Views.AlbumView border(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.ChapterBorder request) {
    edits.border(id, request.version(), request.photo(), request.begins());
    return views.album(id, shown);
  }

  @PostMapping("/move-border")
  Views.AlbumView moveBorder(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.MoveBorder request) {
    edits.moveBorder(id, request.version(), request.from(), request.to());
    return views.album(id, shown);
  }

  @PostMapping("/chapter-name")
  Views.AlbumView nameChapter(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.ChapterName request) {
    edits.nameChapter(id, request.version(), request.photo(), request.name().strip());
    return views.album(id, shown);
  }

  @PostMapping("/chapters")
  Views.AlbumView divide(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Divide request) {
    edits.divide(id, request.version(), request.count());
    return views.album(id, shown);
  }

  @PostMapping("/clock")
  Views.AlbumView clock(
      @PathVariable("id") long id,
      @ParameterObject Shown shown,
      @Valid @RequestBody GatherRequests.Clock request) {
    edits.shiftClock(
        id, request.version(), request.camera(), ClockText.read("shift", request.shift()));
    return views.album(id, shown);
  }

  private static String label(GatherRequests.SetFlags request) {
    if (request.hero() != null) {
      return request.hero() ? "hero" : "no hero";
    }
    if (request.secret() != null) {
      return request.secret() ? "private" : "not private";
    }
    if (request.showing() != null) {
      return switch (request.showing()) {
        case ANY -> "meant for no state";
        case CLOSED -> "meant for when all is closed";
        case OPENED -> "meant for when it is opened";
      };
    }
    return Boolean.TRUE.equals(request.flap()) ? "fine behind a flap" : "not behind a flap";
  }

  private static UnaryOperator<Choosing> flagged(GatherRequests.SetFlags request) {
    return choosing ->
        new Choosing(
            choosing.choice(),
            request.hero() == null ? choosing.hero() : request.hero(),
            request.secret() == null ? choosing.secret() : request.secret(),
            request.flap() == null ? choosing.flap() : request.flap(),
            request.showing() == null ? choosing.showing() : request.showing(),
            choosing.caption());
  }
}
