package drumnest.server.edit;

import drumnest.core.album.AlbumLeaves;
import drumnest.core.album.Leaf;
import drumnest.core.album.LeafThickness;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.Thing;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.Chapters;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.Candidate;
import drumnest.core.stock.HouseRules;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Aside;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.OpeningEntity;
import drumnest.server.store.TypeOpeningEntity;
import java.time.Duration;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * An album as it lies on the bench: its leaves, what the slots hold and how they were measured, and
 * the photos on the line in time order. A picture of one moment; changing it is for {@link
 * AlbumEdits}.
 */
public final class Bench {

  private static final int WANTED_KEPT = 3;
  private static final int WANTED_OPEN = 2;
  private static final int WANTED_PERHAPS = 1;

  private final AlbumEntity album;
  private final AlbumLeaves leaves;
  private final Map<Integer, String> typeKeys;
  private final Map<String, LinePhotoEntity> photos;
  private final Map<String, Duration> shifts;
  private final Map<String, FillingEntity> fillings;
  private final Map<String, String> slotsOfPhotos;
  private final Map<String, Size> openings;
  private final Map<String, Size> typeOpenings;
  private final Map<Integer, Thing> things;
  private final Materials materials;
  private final Measured measured;
  private final Company company;
  private final HouseRules rules;

  /** What leaves are made of, by thickness. */
  record Materials(Length ply, Length page, Length print) {}

  Bench(
      AlbumEntity album,
      AlbumLeaves leaves,
      Map<Integer, String> typeKeys,
      List<LinePhotoEntity> photos,
      Map<String, Duration> shifts,
      List<FillingEntity> fillings,
      List<OpeningEntity> openings,
      List<TypeOpeningEntity> typeOpenings,
      List<Thing> things,
      Materials materials,
      Measured measured,
      Company company,
      HouseRules rules) {
    this.measured = measured;
    this.company = company;
    this.album = album;
    this.leaves = leaves;
    this.typeKeys = typeKeys;
    this.materials = materials;
    this.rules = rules;
    this.shifts = Map.copyOf(shifts);
    photos.forEach(photo -> photo.shiftBy(shift(photo)));
    this.photos =
        photos.stream()
            .sorted(Comparator.comparing(LinePhotoEntity::asStory, StoryPhoto.TIME_ORDER))
            .collect(
                Collectors.toMap(
                    photo -> photo.photo().sha256(),
                    photo -> photo,
                    (a, b) -> a,
                    LinkedHashMap::new));
    this.fillings =
        fillings.stream().collect(Collectors.toMap(FillingEntity::slot, filling -> filling));
    this.slotsOfPhotos = slotsOfPhotos(fillings);
    this.openings =
        openings.stream().collect(Collectors.toMap(OpeningEntity::slot, OpeningEntity::size));
    this.typeOpenings = new HashMap<>();
    for (TypeOpeningEntity each : typeOpenings) {
      this.typeOpenings.put(typePocket(each.itemKey(), each.face(), each.pocket()), each.size());
    }
    this.things =
        things.stream()
            .collect(Collectors.toMap(Thing::key, thing -> thing, (a, b) -> a, LinkedHashMap::new));
  }

  private static Map<String, String> slotsOfPhotos(Collection<FillingEntity> fillings) {
    Map<String, String> slots = new HashMap<>();
    for (FillingEntity filling : fillings) {
      if (filling.sha256() != null) {
        slots.put(filling.sha256(), filling.slot());
      }
    }
    return slots;
  }

  private static String typePocket(String type, String face, int pocket) {
    return type + " " + face + " " + pocket;
  }

  private Duration shift(LinePhotoEntity photo) {
    String camera = photo.photo().words().camera();
    return camera == null ? Duration.ZERO : shiftOf(camera);
  }

  /** This album as it would be under other house rules. */
  public Bench under(HouseRules other) {
    return new Bench(this, other);
  }

  /**
   * This album as it would be with other leaves, and with something else in some slots.
   *
   * @param changed what slots hold then, by their names; null for nothing
   */
  public Bench as(
      AlbumLeaves otherLeaves,
      Map<Integer, String> otherTypes,
      Map<String, @Nullable Filling> changed) {
    Map<String, FillingEntity> held = new HashMap<>(fillings);
    changed.forEach(
        (slot, filling) -> {
          held.remove(slot);
          if (filling != null) {
            held.put(slot, filling.entity(album.id(), slot));
          }
        });
    return new Bench(this, rules, otherLeaves, otherTypes, held);
  }

  /** This album as it would be with something else in some slots. */
  public Bench with(Map<String, @Nullable Filling> changed) {
    return as(leaves, typeKeys, changed);
  }

  /** The kinds of all leaves, by the keys of the leaves. */
  Map<Integer, String> typeKeys() {
    return typeKeys;
  }

  private Bench(Bench like, HouseRules rules) {
    this(like, rules, like.leaves, like.typeKeys, like.fillings);
  }

  private Bench(
      Bench like,
      HouseRules rules,
      AlbumLeaves leaves,
      Map<Integer, String> typeKeys,
      Map<String, FillingEntity> fillings) {
    this.album = like.album;
    this.leaves = leaves;
    this.typeKeys = typeKeys;
    this.photos = like.photos;
    this.shifts = like.shifts;
    this.fillings = fillings;
    this.slotsOfPhotos = slotsOfPhotos(fillings.values());
    this.openings = like.openings;
    this.typeOpenings = like.typeOpenings;
    this.things = like.things;
    this.materials = like.materials;
    boolean sameRules = rules == like.rules;
    this.measured = sameRules ? like.measured : new Measured();
    this.company = sameRules ? like.company : new Company();
    this.rules = rules;
  }

  public AlbumEntity album() {
    return album;
  }

  public AlbumLeaves leaves() {
    return leaves;
  }

  /** The key in the catalogue of what kind of leaf it is. */
  public String typeKey(Leaf leaf) {
    return typeKeys.get(leaf.key());
  }

  /** The spread an album is opened at when nobody says which: the first with two pages. */
  public int firstSpread() {
    return Math.min(1, leaves.leaves().size());
  }

  public Optional<Slot> slot(String id) {
    return leaves.slot(id);
  }

  public HouseRules rules() {
    return rules;
  }

  /** How thick a leaf is with what is in it. */
  public Length thickness(Leaf leaf) {
    return new LeafThickness(materials.ply(), materials.page())
        .of(leaf, slot -> filling(slot.id()).map(this::thickness).orElse(Length.ZERO));
  }

  private Length thickness(FillingEntity filling) {
    if (filling.sha256() != null) {
      return materials.print();
    }
    return Optional.ofNullable(filling.thingKey())
        .flatMap(this::thing)
        .map(Thing::thickness)
        .orElse(Length.ZERO);
  }

  /** A thickness counted in photo prints, for drawing. */
  public double inPrints(Length thickness) {
    return (double) thickness.toNanometres() / materials.print().toNanometres();
  }

  /** The cards and keepsakes of the album. */
  public List<Thing> things() {
    return List.copyOf(things.values());
  }

  public Optional<Thing> thing(int key) {
    return Optional.ofNullable(things.get(key));
  }

  /** All photos of the album in time order, those that were dropped among them. */
  public List<LinePhotoEntity> photos() {
    return List.copyOf(photos.values());
  }

  /** How far the clock of a camera is shifted. */
  public Duration shiftOf(String camera) {
    return shifts.getOrDefault(camera, Duration.ZERO);
  }

  /** The photos on the line, in time order; those that were dropped are not among them. */
  public List<LinePhotoEntity> line() {
    return photos.values().stream().filter(photo -> !photo.isOut()).toList();
  }

  /** The photos that were dropped, in time order. */
  public List<LinePhotoEntity> out() {
    return photos.values().stream().filter(LinePhotoEntity::isOut).toList();
  }

  public Optional<LinePhotoEntity> photo(String sha256) {
    return Optional.ofNullable(photos.get(sha256));
  }

  /** What is known of a slot that holds something or is set aside. */
  public Optional<FillingEntity> filling(String slot) {
    return Optional.ofNullable(fillings.get(slot));
  }

  /** What a slot is set aside for, if it is. */
  public Optional<Aside> aside(Slot slot) {
    return filling(slot.id()).map(FillingEntity::aside);
  }

  /** Whether something lies in the slot. */
  public boolean isFilled(Slot slot) {
    return filling(slot.id())
        .map(filling -> filling.sha256() != null || filling.thingKey() != null)
        .orElse(false);
  }

  /** The slot that holds the photo. */
  public Optional<Slot> slotOf(String sha256) {
    return Optional.ofNullable(slotsOfPhotos.get(sha256)).flatMap(leaves::slot);
  }

  /** The slot that holds the card or keepsake. */
  public Optional<Slot> slotOfThing(int key) {
    return fillings.values().stream()
        .filter(filling -> filling.thingKey() != null && filling.thingKey() == key)
        .findFirst()
        .flatMap(filling -> leaves.slot(filling.slot()));
  }

  /** The photos as the story sees them, in time order, those that were dropped among them. */
  public List<StoryPhoto> story() {
    return photos.values().stream().map(LinePhotoEntity::asStory).toList();
  }

  /** The stacks of near-repeats, of all photos. */
  public List<Stack> stacks() {
    return company.of(story(), rules).stacks();
  }

  /** The stack of each photo that is in one. */
  public Map<String, Stack> stackOf() {
    Map<String, Stack> stackOf = new HashMap<>();
    for (Stack stack : stacks()) {
      stack.photos().forEach(photo -> stackOf.put(photo.id(), stack));
    }
    return stackOf;
  }

  /** The group of upright and wide versions of each photo that has others. */
  public Map<String, String> alternates() {
    return company.of(story(), rules).alternates();
  }

  /** The chapters, over all photos, those that were dropped among them. */
  public List<Chapter> chapters() {
    return Chapters.divide(story(), album.chapters(), rules);
  }

  /**
   * The slot under which the opening of a pocket is kept: both sides of a shared pocket have one.
   */
  public static String openingKey(Slot slot) {
    boolean front = slot.leaf().face(slot.side()) == Side.FRONT;
    return front ? slot.id() : slot.leaf().otherSideOf(slot).orElse(slot.id());
  }

  /** What the maker measured in this very leaf. */
  public Optional<Size> ownOpening(Slot slot) {
    return Optional.ofNullable(openings.get(openingKey(slot)))
        .or(() -> Optional.ofNullable(openings.get(slot.id())));
  }

  /** The opening of a slot: measured in this leaf, or on its kind, or known, or as usual. */
  public Opening opening(Slot slot) {
    if (slot.kind() == Slot.Kind.MOUNT) {
      return Opening.mount(slot.takes());
    }
    Size measured = ownOpening(slot).orElseGet(() -> typeOpenings.get(typePocket(slot)));
    if (measured != null) {
      return Opening.measured(measured);
    }
    return slot.knownOpening() == null
        ? Opening.asUsual(slot.takes(), rules)
        : Opening.ruled(slot.knownOpening());
  }

  private String typePocket(Slot slot) {
    String key = openingKey(slot);
    String[] parts = key.split("-");
    return typePocket(typeKey(slot.leaf()), parts[1], Integer.parseInt(parts[2]));
  }

  /** A photo in its slot, and everything measured of it there. */
  public record Seated(FillingEntity filling, LinePhotoEntity photo, PrintInPocket measured) {}

  /** The photo that sits in the slot, if one does. */
  public Optional<Seated> seated(Slot slot) {
    FillingEntity filling = fillings.get(slot.id());
    if (filling == null || filling.sha256() == null) {
      return Optional.empty();
    }
    LinePhotoEntity photo = photo(filling.sha256()).orElseThrow();
    return Optional.of(
        new Seated(filling, photo, measure(slot, photo, filling.isTurned(), photo.keep())));
  }

  /** A card or keepsake in its slot. */
  public record Laid(
      FillingEntity filling, Thing thing, InsertFit fit, List<Thing.Mind> mind, Opening opening) {}

  /** The card or keepsake that lies in the slot, if one does. */
  public Optional<Laid> laid(Slot slot) {
    FillingEntity filling = fillings.get(slot.id());
    if (filling == null || filling.thingKey() == null) {
      return Optional.empty();
    }
    Thing thing = thing(filling.thingKey()).orElseThrow();
    Opening opening = opening(slot);
    return Optional.of(
        new Laid(
            filling,
            thing,
            thing.fit(opening, filling.isTurned(), rules),
            thing.mind(opening, filling.isTurned(), rules),
            opening));
  }

  /** Everything measured of a photo in a slot, with another keep box than its own if wanted. */
  public PrintInPocket measure(
      Slot slot, LinePhotoEntity photo, boolean turned, @Nullable PixelBox keep) {
    return measured.of(
        photo.photo().pixels(), keep, photo.onTable(), slot.takes(), opening(slot), turned, rules);
  }

  /**
   * The photos on the line, but for these, as placing sees them. The weaker ones of a stack are not
   * among them unless they were kept, or lie where the maker put them.
   */
  List<Candidate> candidates(Set<String> but) {
    Map<String, Stack> stackOf = stackOf();
    Map<String, String> alternates = alternates();
    return line().stream()
        .filter(photo -> !but.contains(photo.photo().sha256()))
        .filter(photo -> !isRepeat(photo, stackOf.get(photo.photo().sha256())))
        .map(photo -> candidate(photo, stackOf, alternates))
        .toList();
  }

  private boolean isRepeat(LinePhotoEntity photo, @Nullable Stack stack) {
    if (stack == null || photo.choosing().choice() == Choice.KEEP) {
      return false;
    }
    boolean settled =
        slotOf(photo.photo().sha256())
            .flatMap(slot -> filling(slot.id()))
            .map(Filling::of)
            .map(filling -> filling.isFixed() || filling.byHand())
            .orElse(false);
    boolean anotherKept =
        stack.photos().stream()
            .flatMap(each -> photo(each.id()).stream())
            .anyMatch(each -> each.choosing().choice() == Choice.KEEP);
    return !settled && (anotherKept || !isFirstOfStack(photo, stack));
  }

  /** Whether it is the best of its stack that was not dropped. */
  private boolean isFirstOfStack(LinePhotoEntity photo, Stack stack) {
    return stack.photos().stream()
        .map(StoryPhoto::id)
        .filter(id -> photo(id).map(each -> !each.isOut()).orElse(false))
        .findFirst()
        .map(photo.photo().sha256()::equals)
        .orElse(true);
  }

  private static Candidate candidate(
      LinePhotoEntity photo, Map<String, Stack> stackOf, Map<String, String> alternates) {
    String id = photo.photo().sha256();
    Stack stack = stackOf.get(id);
    Choosing choosing = photo.choosing();
    return new Candidate(
        id,
        photo.photo().pixels(),
        photo.keep(),
        wanted(photo, stack),
        stack == null ? null : stack.id(),
        alternates.get(id),
        photo.onTable(),
        new Candidate.Manner(
            choosing.hero(), choosing.flap(), choosing.secret(), !choosing.caption().isBlank()),
        photo.asStory().look());
  }

  /** What is kept goes first, then what nobody has decided on, then the maybes and repeats. */
  private static int wanted(LinePhotoEntity photo, @Nullable Stack stack) {
    return switch (photo.choosing().choice()) {
      case KEEP -> WANTED_KEPT;
      case OPEN ->
          stack == null || stack.best().id().equals(photo.photo().sha256())
              ? WANTED_OPEN
              : WANTED_PERHAPS;
      case MAYBE, OUT -> WANTED_PERHAPS;
    };
  }
}
