package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.Candidate;
import drumnest.core.place.CostBreakdown;
import drumnest.core.place.NextBest;
import drumnest.core.place.Placement;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.PlacingTask;
import drumnest.core.place.ProgressMonitor;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what an arrangement costs, and why photos are where they are. */
@Component
class PlaceViews {

  private final OpenAlbums openAlbums;

  PlaceViews(OpenAlbums openAlbums) {
    this.openAlbums = openAlbums;
  }

  /** A part of a cost, in points: 100 points are a whole photo cropped away. */
  record PartView(String name, double points) {}

  /**
   * The cost of a part of the album as it is.
   *
   * @param points all of it
   * @param best what placing again would come to
   * @param proven whether nothing cheaper is possible around what stays
   * @param words how good it is, in a sentence
   * @param detail the same in points
   * @param placed how many photos are placed there
   * @param left how many photos of the line are without a place
   * @param shapes how the photos match the places by shape, in a sentence; empty where they do
   */
  record AccountView(
      double points,
      double best,
      boolean proven,
      String words,
      String detail,
      int placed,
      int left,
      List<PartView> parts,
      String shapes) {}

  AccountView account(long albumId, AlbumPlacing.Request request) {
    AlbumModel album = openAlbums.open(albumId);
    PlaceEdits.requireChapter(album, request.scope());
    PlacingTask task =
        PlacingTask.of(
            album, request.scope(), request.order(), request.breathing(), PlacingTask.Who.AS_IT_IS);
    Placement now = task.now(album);
    CostBreakdown account = CostBreakdown.of(task.problem(), now);
    AlbumPlacing.Arranged arranged =
        AlbumPlacing.arranged(album, task, request, ProgressMonitor.NONE);
    Placing.Arrangement best = arranged.best();
    long titled = CostBreakdown.of(task.problem(), arranged.placement()).total();
    return new AccountView(
        PlaceWords.points(account.total()),
        PlaceWords.points(titled),
        best.isBest(),
        PlaceWords.inShort(account.total(), titled, best, request.order())
            + (titled < account.total() ? "" : whyGaps(album, task, now, request)),
        PlaceWords.howGood(account.total(), titled, best, request.order()),
        now.placed(),
        account.left().size(),
        parts(account.byTerm()),
        PlaceWords.shapes(task.problem()));
  }

  /** Why places of a spread stay empty although photos wait, in a sentence; empty if none do. */
  private static String whyGaps(
      AlbumModel album, PlacingTask task, Placement now, AlbumPlacing.Request request) {
    if (request.scope().spread() == null || !task.hasRoomInGap(album, now)) {
      return "";
    }
    Set<String> here =
        task.problem().candidates().stream().map(Candidate::id).collect(Collectors.toSet());
    PlacingTask all =
        PlacingTask.of(
            album,
            request.scope(),
            request.order(),
            request.breathing(),
            PlacingTask.Who.ALL_WHO_WAIT);
    List<Candidate> later =
        all.problem().candidates().stream().filter(each -> !here.contains(each.id())).toList();
    int most = later.stream().mapToInt(Candidate::wanted).max().orElse(0);
    return later.stream()
        .filter(each -> each.wanted() == most)
        .findFirst()
        .map(Candidate::id)
        .flatMap(album::photo)
        .map(photo -> " Next comes “" + photo.name() + "”, which fits no pocket left here.")
        .orElse("");
  }

  private static List<PartView> parts(Map<PlacingCost.Term, Long> costs) {
    List<PartView> parts = new ArrayList<>();
    costs.forEach(
        (term, cost) -> parts.add(new PartView(PlaceWords.term(term), PlaceWords.points(cost))));
    return parts;
  }

  /**
   * Why a photo is in its slot.
   *
   * @param reasons a sentence each
   * @param parts what is wrong with it there
   * @param next where it would go otherwise, and what the whole would cost more, in a sentence
   * @param nextSlot the slot of that place; left out where it would be left out itself
   * @param suggestion what could be done about it; empty where nothing needs to be
   */
  record WhyView(
      List<String> reasons,
      List<PartView> parts,
      String next,
      @Nullable String nextSlot,
      String suggestion) {

    /** One reason, with nothing to rate. */
    static WhyView only(String reason) {
      return new WhyView(List.of(reason), List.of(), "", null, "");
    }
  }

  WhyView why(long albumId, String slotId, AlbumPlacing.Request request) {
    AlbumModel album = openAlbums.open(albumId);
    Slot slot =
        album
            .slot(slotId)
            .orElseThrow(
                () -> new NotThereException("slot", "There is no place “" + slotId + "”."));
    AlbumModel.Seated seated = album.seated(slot).orElse(null);
    if (seated == null) {
      // A step may have emptied it while the question was on its way.
      return WhyView.only("There is no photo in that place now.");
    }
    PlacingTask asAsked = task(album, slot, request);
    Placement now = asAsked.now(album);
    PlacingTask task = asAsked.asFullAsNow(now);
    int photo = task.indexOf(seated.holding().photo());
    int place = task.placeOf(slot.id());
    if (photo < 0 || place < 0) {
      return WhyView.only("This place is reserved for words or a keepsake, so it is not rated.");
    }
    CostBreakdown account = CostBreakdown.of(task.problem(), now);
    List<PlacingCost.Part> parts = account.of(place);
    NextBest next = NextBest.of(task.problem(), now, photo);
    return new WhyView(
        PlaceWords.reasons(album, task, now, place),
        parts.stream()
            .map(part -> new PartView(PlaceWords.term(part.term()), PlaceWords.points(part.cost())))
            .toList(),
        PlaceWords.next(task, next),
        next.place() < 0 ? null : task.slots().get(next.place()).id(),
        PlaceWords.suggestion(album, task, now, place, parts));
  }

  /** The spread that a slot is on. */
  private static PlacingTask task(AlbumModel album, Slot slot, AlbumPlacing.Request request) {
    int spread = album.leaves().spreadOf(slot.parent().page());
    return PlacingTask.of(
        album,
        PlacingTask.Scope.spread(spread),
        request.order(),
        request.breathing(),
        PlacingTask.Who.AS_IT_IS);
  }
}
