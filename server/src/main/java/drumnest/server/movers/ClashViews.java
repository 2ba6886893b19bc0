package drumnest.server.movers;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.Clash;
import drumnest.core.mover.FlapFixes;
import drumnest.core.mover.MoverFixes;
import drumnest.core.mover.OtherPlaces;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.mover.StripsOnPhotos;
import drumnest.server.frame.FlapWords;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Shows what is in each other's way on a spread, and what would settle it. */
final class ClashViews {

  private static final int MOST_FIXES = 3;

  /** A fix that was tried, in words. */
  record FixView(String text, FixChange change) {}

  /** The change that a fix makes. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = FixChange.FlapChange.class, name = "flap"),
    @JsonSubTypes.Type(value = FixChange.MoverChange.class, name = "mover"),
    @JsonSubTypes.Type(value = FixChange.PhotoMove.class, name = "photo")
  })
  sealed interface FixChange {

    /**
     * @param form the measures of the flap then
     */
    record FlapChange(String flap, MoverRequests.FlapForm form) implements FixChange {}

    /**
     * @param flap its first part
     * @param form the measures of the mover then
     */
    record MoverChange(String flap, MoverForm form) implements FixChange {}

    /**
     * @param from the place of the photo
     * @param to a free one
     */
    record PhotoMove(String from, String to) implements FixChange {}
  }

  /**
   * Two flaps in each other's way, or a flap whose strip lies on a photo.
   *
   * @param severity error or order
   * @param a the flap that is in the way
   * @param b the other flap, or the place of the photo
   */
  record ClashView(Clash.Severity severity, String text, String a, String b, List<FixView> fixes) {}

  private final AlbumModel album;
  private final SpreadMotion motion;
  private final SpreadPlans plans;
  private final FlapFixes flapFixes;
  private final OtherPlaces otherPlaces;
  private final Map<String, MoverFixes> moverFixes = new HashMap<>();

  ClashViews(AlbumModel album, SpreadMotion motion, SpreadPlans plans) {
    this.album = album;
    this.motion = motion;
    this.plans = plans;
    this.flapFixes =
        new FlapFixes(
            motion.flaps().all(),
            motion::page,
            flap -> plans.moverOf(flap.id()).isEmpty() && !flap.inside(),
            album.rules());
    this.otherPlaces =
        new OtherPlaces(
            album,
            motion,
            plans.movers().stream()
                .filter(ClashViews::isBandOver)
                .map(placed -> motion.flap(placed.id()).orElseThrow())
                .collect(Collectors.toSet()));
  }

  private static boolean isBandOver(SpreadPlans.PlacedMover placed) {
    return placed.mover().mechanism() instanceof Band band && !band.under();
  }

  /** All of them but those of the parts of one mover with each other, then strips on photos. */
  List<ClashView> clashes() {
    Map<String, Box> photos = photos();
    StripsOnPhotos strips = new StripsOnPhotos(photos);
    return Stream.of(
            motion.clashes().stream()
                .filter(clash -> !plans.areParts(clash.a(), clash.b()))
                .map(this::view),
            strips.of(motion.flaps()).stream().map(on -> view(on, strips)),
            plans.movers().stream().flatMap(mover -> bandOver(mover, photos)))
        .flatMap(Function.identity())
        .toList();
  }

  /** The photos on a part of which a band lies. */
  private Stream<ClashView> bandOver(SpreadPlans.PlacedMover placed, Map<String, Box> photos) {
    if (!isBandOver(placed)) {
      return Stream.empty();
    }
    Band band = (Band) placed.mover().mechanism();
    Flap flap = motion.flap(placed.id()).orElseThrow();
    Mover under = placed.mover().with(band.lyingUnder());
    FixView fix =
        new FixView(
            "Lay " + plans.called(placed) + " under the photos",
            new FixChange.MoverChange(placed.id(), MoverForm.of(under)));
    return photos.entrySet().stream()
        .filter(photo -> photo.getValue().overlaps(flap.closed()))
        .map(
            photo ->
                new ClashView(
                    Clash.Severity.ORDER,
                    Words.capital(plans.called(placed))
                        + " lies over a part of the photo in "
                        + SlotNames.within(album.slot(photo.getKey()).orElseThrow())
                        + ".",
                    placed.id(),
                    photo.getKey(),
                    distinct(Stream.concat(Stream.of(fix), elsewhere(photo.getKey())))));
  }

  private MoverFixes moverFixes(SpreadPlans.PlacedMover placed) {
    return moverFixes.computeIfAbsent(
        placed.id(),
        id -> {
          Box page = motion.page(motion.flap(id).orElseThrow());
          return new MoverFixes(
              motion.flaps().all(), placed.mover(), placed::name, page, album.rules());
        });
  }

  private ClashView view(Clash clash) {
    return new ClashView(
        clash.severity(),
        Words.capital(FlapWords.clash(clash, motion.flaps(), plans::called)) + ".",
        clash.a(),
        clash.b(),
        distinct(
            Stream.concat(
                flapFixes.of(clash, MOST_FIXES).stream().map(fix -> fix(clash, fix)),
                moverFixes(clash))));
  }

  /** At most so many, each way once. */
  private static List<FixView> distinct(Stream<FixView> fixes) {
    Set<String> told = new HashSet<>();
    return fixes.filter(fix -> told.add(fix.text())).limit(MOST_FIXES).toList();
  }

  private ClashView view(StripsOnPhotos.OnPhoto on, StripsOnPhotos photos) {
    Flap flap = motion.flap(on.flap()).orElseThrow();
    SpreadPlans.PlacedMover mover = plans.moverOf(on.flap()).orElse(null);
    Stream<FixView> fixes =
        mover == null
            ? flapFixes.offPhotos(flap, photos, MOST_FIXES).stream().map(fix -> fix(flap, fix))
            : moverFixes(mover).offPhotos(photos, MOST_FIXES).stream().map(fix -> fix(mover, fix));
    Slot place = album.slot(on.place()).orElseThrow();
    return new ClashView(
        Clash.Severity.ORDER,
        "The adhesive strip of "
            + plans.called(on.flap())
            + " lies on the photo in "
            + SlotNames.within(place)
            + ", by "
            + UnitsInUse.text(on.deep())
            + ".",
        on.flap(),
        on.place(),
        distinct(Stream.concat(elsewhere(on.place()), fixes)));
  }

  /** The photo that is lain on, in another place of this spread. */
  private Stream<FixView> elsewhere(String place) {
    return otherPlaces.nearest(album.slot(place).orElseThrow()).stream()
        .map(
            slot ->
                new FixView(
                    "Move the photo to " + SlotNames.within(slot),
                    new FixChange.PhotoMove(place, slot.id())));
  }

  /** Where the pictures of both pages lie. */
  private Map<String, Box> photos() {
    Map<String, Box> photos = new LinkedHashMap<>();
    motion
        .places()
        .forEach(
            (id, box) ->
                album
                    .slot(id)
                    .filter(album::isFilled)
                    .ifPresent(slot -> photos.put(id, box.middleOf(slot.takes()))));
    return photos;
  }

  /** Tells what would settle a clash by changing a mover as a whole. */
  private Stream<FixView> moverFixes(Clash clash) {
    return Stream.of(clash.a(), clash.b())
        .flatMap(flap -> plans.moverOf(flap).stream())
        .distinct()
        .flatMap(
            placed ->
                moverFixes(placed).of(clash, MOST_FIXES).stream().map(fix -> fix(placed, fix)));
  }

  private FixView fix(SpreadPlans.PlacedMover placed, MoverFixes.Fix fix) {
    String name = plans.called(placed);
    PagePlan plan = NextPlan.plan(placed.page());
    Mover before = plan.seen(placed.mover());
    Mover after = plan.seen(fix.mover());
    String text =
        before.edge() == after.edge()
            ? "Move " + name + " " + moved(before.at(), after.at())
            : "Open " + name + " over the " + Words.edge(ChoiceViews.opening(after));
    return new FixView(text, new FixChange.MoverChange(placed.id(), MoverForm.of(after)));
  }

  private FixView fix(Clash clash, FlapFixes.Fix fix) {
    boolean first = fix.flap().id().equals(clash.a());
    return fix(motion.flap(first ? clash.b() : clash.a()).orElseThrow(), fix);
  }

  /**
   * @param with the flap that it clashes with
   */
  private FixView fix(Flap with, FlapFixes.Fix fix) {
    Flap flap = fix.flap();
    Flap before = motion.flap(flap.id()).orElseThrow();
    String other = plans.called(with.id());
    String name = plans.called(flap.id());
    String text =
        switch (fix.way()) {
          case HINGE -> "Hinge " + name + " at the " + Words.edge(seen(flap).hinge());
          case LAY_ON -> "Lay " + name + " over " + other;
          case FIX_TO -> "Fix " + name + " to " + other;
          case SLIT -> "Put " + name + " through a slit";
          case MOVE -> "Move " + name + " " + moved(seen(before).closed(), seen(flap).closed());
        };
    return new FixView(text, new FixChange.FlapChange(flap.id(), FlapStates.form(motion, flap)));
  }

  /** A flap as it is seen when it can be reached. */
  private Flap seen(Flap flap) {
    return motion.flaps().stacking().reached(flap);
  }

  private static String moved(Box from, Box to) {
    Length right = to.x().minus(from.x());
    Length down = to.y().minus(from.y());
    if (right.isZero()) {
      return UnitsInUse.text(down.abs()) + (down.isNegative() ? " up" : " down");
    }
    return UnitsInUse.text(right.abs()) + (right.isNegative() ? " to the left" : " to the right");
  }
}
