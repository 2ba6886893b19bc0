package drumnest.core.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.leaf.AlbumLeaves;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.LeafThickness;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.FitQuestion;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Stack;
import drumnest.core.photo.Story;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * An album as one value: its leaves, what the slots hold and how they were measured, its photos and
 * what the maker said of them, its cards and keepsakes, and the supplies it draws on.
 *
 * <p>It never changes: a step makes another one ({@link #apply}), which takes over whatever the
 * step does not touch, also what was worked out of it. Two are equal if all that they were made of
 * is.
 */
public final class AlbumModel {

  private final AlbumHead head;
  private final AlbumParts parts;
  private final Supplies supplies;
  private final FitQuestion.Answers fits;
  private final AlbumLeaves leaves;
  private final AlbumPhotos photos;
  private final Map<String, String> slotsOfPhotos;
  private final SlotOpenings openings;
  private final Map<String, Seated> seats;
  private final Map<Integer, LeafSummary> summaries = new ConcurrentHashMap<>();
  private final Map<Class<?>, Object> underRules;

  public AlbumModel(AlbumHead head, AlbumParts parts, Supplies supplies, FitQuestion.Answers fits) {
    this(head, parts, supplies, fits, null, Set.of());
  }

  /**
   * @param before the album that this one follows, which what was worked out is taken over from
   * @param touched slots that hold something else than before, or something that has changed
   */
  private AlbumModel(
      AlbumHead head,
      AlbumParts parts,
      Supplies supplies,
      FitQuestion.Answers fits,
      @Nullable AlbumModel before,
      Set<String> touched) {
    this.head = head;
    this.parts = parts;
    this.supplies = supplies;
    this.fits = fits;
    this.leaves =
        before != null && before.parts.leaves() == parts.leaves()
            ? before.leaves
            : leaves(parts.leaves(), supplies.leafTypes());
    this.photos =
        before == null
            ? AlbumPhotos.of(parts.photos(), head.chapters(), supplies.rules())
            : before.photos.next(parts.photos(), head.chapters(), supplies.rules());
    this.slotsOfPhotos =
        before != null && before.parts.holdings() == parts.holdings()
            ? before.slotsOfPhotos
            : slotsOfPhotos(parts.holdings());
    this.openings = new SlotOpenings(parts, supplies);
    this.seats = new ConcurrentHashMap<>();
    this.underRules =
        before != null && before.rules().equals(supplies.rules())
            ? before.underRules
            : new ConcurrentHashMap<>();
    if (before != null && before.supplies == supplies) {
      takeOver(before, touched);
    }
  }

  /** Takes over what was worked out of leaves that are as they were. */
  private void takeOver(AlbumModel before, Set<String> touched) {
    Set<Integer> asBefore = new HashSet<>();
    parts
        .leaves()
        .forEach(
            (key, state) -> {
              if (state == before.parts.leaves().get(key)) {
                asBefore.add(key);
              }
            });
    if (before.parts.openings() != parts.openings()) {
      Stream.concat(before.parts.openings().keySet().stream(), parts.openings().keySet().stream())
          .filter(
              slot ->
                  !Objects.equals(before.parts.openings().get(slot), parts.openings().get(slot)))
          .forEach(slot -> asBefore.remove(Slot.leafKey(slot)));
    }
    before.seats.forEach(
        (slot, seat) -> {
          if (asBefore.contains(Slot.leafKey(slot))) {
            seats.put(slot, seat);
          }
        });
    if (before.parts.allEphemera() == parts.allEphemera()) {
      touched.forEach(slot -> asBefore.remove(Slot.leafKey(slot)));
      asBefore.retainAll(before.summaries.keySet());
      asBefore.forEach(key -> summaries.put(key, before.summaries.get(key)));
    }
  }

  private static AlbumLeaves leaves(Map<Integer, LeafState> states, Map<String, LeafType> types) {
    List<Leaf> leaves = new ArrayList<>();
    states.forEach(
        (key, state) ->
            leaves.add(
                new Leaf(
                    key,
                    leaves.size() + 1,
                    Objects.requireNonNull(types.get(state.type()), state.type()),
                    state.turned(),
                    state.drop(),
                    state.plan(),
                    state.reversePlan())));
    return new AlbumLeaves(leaves);
  }

  private static Map<String, String> slotsOfPhotos(Map<String, Holding> holdings) {
    Map<String, String> slots = new HashMap<>();
    holdings.forEach(
        (slot, holding) -> {
          if (holding.photo() != null) {
            slots.put(holding.photo(), slot);
          }
        });
    return slots;
  }

  /**
   * The album after a step.
   *
   * @param changes in the order in which they are to be made; the order of leaves is settled when
   *     all of them are there
   * @throws NullPointerException if a leaf is of a kind that the supplies do not know
   */
  public AlbumModel apply(List<Change> changes) {
    AlbumDraft draft = new AlbumDraft(head, parts);
    changes.stream()
        .sorted(Comparator.comparing(change -> change instanceof Change.OfOrder))
        .forEach(draft::apply);
    return new AlbumModel(draft.head(), draft.parts(), supplies, fits, this, remeasured(changes));
  }

  /** The slots whose measures no longer hold after changes. */
  private Set<String> remeasured(List<Change> changes) {
    Set<String> slots = new HashSet<>();
    for (Change change : changes) {
      String slot = change.accept(new RemeasuredSlot(slotsOfPhotos));
      if (slot != null) {
        slots.add(slot);
      }
    }
    return slots;
  }

  /** A copy with the number of its version. */
  public AlbumModel asVersion(long version) {
    return new AlbumModel(head.withVersion(version), parts, supplies, fits, this, Set.of());
  }

  /** A copy, with what was worked out of an earlier one where it still holds. */
  public AlbumModel takingOver(AlbumModel before) {
    return new AlbumModel(head, parts, supplies, fits, before, Set.of());
  }

  /** This album as it would be under other house rules. */
  public AlbumModel under(HouseRules rules) {
    return new AlbumModel(
        head, parts, supplies.under(rules), FitQuestion.Answers.WORKED_OUT, this, Set.of());
  }

  /**
   * This album as it would be with something else in some slots.
   *
   * @param changed what slots hold then, by their names; null for nothing
   */
  public AlbumModel with(Map<String, @Nullable Holding> changed) {
    return as(parts.leaves(), changed);
  }

  /**
   * This album as it would be with other leaves, and with something else in some slots.
   *
   * @param leafStates the leaves by their keys, in order
   * @param changed what slots hold then, by their names; null for nothing
   */
  public AlbumModel as(Map<Integer, LeafState> leafStates, Map<String, @Nullable Holding> changed) {
    Map<String, Holding> holdings = new HashMap<>(parts.holdings());
    changed.forEach(
        (slot, holding) -> {
          holdings.remove(slot);
          if (holding != null) {
            holdings.put(slot, holding);
          }
        });
    AlbumParts next =
        new AlbumParts(
            leafStates,
            parts.photos(),
            parts.shifts(),
            holdings,
            parts.openings(),
            parts.allEphemera());
    return new AlbumModel(head, next, supplies, fits, this, changed.keySet());
  }

  public long id() {
    return head.id();
  }

  /** How often it was changed by steps. */
  public long version() {
    return head.version();
  }

  public String title() {
    return head.title();
  }

  /** The key of its format in the catalogue; null where it has none. */
  public @Nullable String format() {
    return head.format();
  }

  /** How many chapters are wanted; null for as many as the house rule makes. */
  public @Nullable Integer wantedChapters() {
    return head.chapters();
  }

  /** Tells what is to be told in it, besides its photos. */
  public List<Fact> facts() {
    return head.facts();
  }

  /** A key that no leaf of the album ever had. */
  public int nextLeafKey() {
    return head.lastLeafKey() + 1;
  }

  /** A key that no card or keepsake of the album ever had. */
  public int nextEphemeraKey() {
    return head.lastEphemeraKey() + 1;
  }

  public AlbumLeaves leaves() {
    return leaves;
  }

  /** The leaves as their maker keeps them, by their keys, in order. */
  public Map<Integer, LeafState> leafStates() {
    return parts.leaves();
  }

  /** A leaf of it as its maker keeps it. */
  public LeafState state(Leaf leaf) {
    return Objects.requireNonNull(parts.leaves().get(leaf.key()));
  }

  /** The key in the catalogue of what kind of leaf it is. */
  public String typeKey(Leaf leaf) {
    return state(leaf).type();
  }

  /** The spread an album is opened at when nobody says which: the first with two pages. */
  public int firstSpread() {
    return Math.min(1, leaves.leaves().size());
  }

  public Optional<Slot> slot(String id) {
    return leaves.slot(id);
  }

  public HouseRules rules() {
    return supplies.rules();
  }

  /**
   * Something that depends on the house rules alone, worked out once for the album and those that
   * follow it under the same rules.
   *
   * @param what its class, of which one is kept
   */
  public <T> T underRules(Class<T> what, Function<HouseRules, T> workedOut) {
    return what.cast(underRules.computeIfAbsent(what, key -> workedOut.apply(rules())));
  }

  /** Tells what its leaves are made of and filled with. */
  public Supplies.Materials materials() {
    return supplies.materials();
  }

  /** Tells what a leaf with all that is on it comes to. */
  public LeafSummary summary(Leaf leaf) {
    LeafSummary known = summaries.get(leaf.key());
    if (known == null) {
      known = LeafSummary.of(this, leaf);
      summaries.put(leaf.key(), known);
    }
    return known;
  }

  /** How thick a leaf is with what is in it. */
  public Length thickness(Leaf leaf) {
    return leafThickness().of(leaf, this::thickness);
  }

  /** How thick what lies at a place of a page is, without its protector. */
  public Length thickness(PageSide page, Box place) {
    return leafThickness().at(page.leaf(), page.side(), place, this::thickness);
  }

  private LeafThickness leafThickness() {
    Supplies.Materials materials = supplies.materials();
    return new LeafThickness(materials.ply(), materials.page());
  }

  private Length thickness(Slot slot) {
    return holding(slot.id()).map(this::thickness).orElse(Length.ZERO);
  }

  private Length thickness(Holding holding) {
    if (holding.photo() != null) {
      return supplies.materials().print();
    }
    return Optional.ofNullable(holding.ephemera())
        .flatMap(this::ephemera)
        .map(Ephemera::thickness)
        .orElse(Length.ZERO);
  }

  /** A thickness counted in photo prints, for drawing. */
  public double inPrints(Length thickness) {
    return (double) thickness.toNanometres() / supplies.materials().print().toNanometres();
  }

  /** The cards and keepsakes of the album. */
  public List<Ephemera> allEphemera() {
    return List.copyOf(parts.allEphemera().values());
  }

  public Optional<Ephemera> ephemera(int key) {
    return Optional.ofNullable(parts.allEphemera().get(key));
  }

  /** All photos of the album in time order, those that were dropped among them. */
  public List<AlbumPhoto> photos() {
    return photos.all();
  }

  /** How far the clock of a camera is shifted. */
  public Duration shiftOf(String camera) {
    return parts.shifts().getOrDefault(camera, Duration.ZERO);
  }

  /** The photos on the line, in time order; those that were dropped are not among them. */
  public List<AlbumPhoto> line() {
    return photos.line();
  }

  /** The photos that were dropped, in time order. */
  public List<AlbumPhoto> out() {
    return photos.out();
  }

  public Optional<AlbumPhoto> photo(String id) {
    return photos.photo(id);
  }

  /** Tells what a slot holds or is reserved for; nothing where it is empty. */
  public Optional<Holding> holding(String slot) {
    return Optional.ofNullable(parts.holdings().get(slot));
  }

  /** Tells what a slot holds; null where it is empty. */
  public @Nullable Holding held(Slot slot) {
    return parts.holdings().get(slot.id());
  }

  /** Tells what a slot is reserved for, if it is. */
  public Optional<Reservation> reservation(Slot slot) {
    return holding(slot.id()).map(Holding::reserved);
  }

  /** Whether something lies in the slot. */
  public boolean isFilled(Slot slot) {
    return holding(slot.id()).map(Holding::isSomething).orElse(false);
  }

  /** The album as it would be with a photo put into a slot. */
  public AlbumModel asPut(Slot slot, String photo) {
    Map<String, @Nullable Holding> changed = new HashMap<>();
    Slot from = slotOf(photo).orElse(null);
    if (from == null) {
      changed.put(slot.id(), Holding.ofPhoto(photo).putByHand());
    } else if (!from.id().equals(slot.id())) {
      changed.put(from.id(), Holding.moved(held(slot), slot, from));
      changed.put(slot.id(), Holding.moved(held(from), from, slot));
    }
    return with(changed);
  }

  /** The slot that holds the photo. */
  public Optional<Slot> slotOf(String photo) {
    return Optional.ofNullable(slotsOfPhotos.get(photo)).flatMap(leaves::slot);
  }

  /** The slot that holds the card or keepsake. */
  public Optional<Slot> slotOfEphemera(int key) {
    return parts.holdings().entrySet().stream()
        .filter(each -> Objects.equals(each.getValue().ephemera(), key))
        .findFirst()
        .flatMap(each -> leaves.slot(each.getKey()));
  }

  /** The photos as the story sees them, and what follows from them. */
  public Story story() {
    return photos.story();
  }

  /** The stack of each photo that is in one. */
  public Map<String, Stack> stackOf() {
    return story().stackOf();
  }

  /** The chapters, over all photos, those that were dropped among them. */
  public List<Chapter> chapters() {
    return story().chapters();
  }

  /** Tells what the maker measured in this very leaf. */
  public Optional<Size> ownOpening(Slot slot) {
    return openings.own(slot);
  }

  /** The opening of a slot: measured in this leaf, or on its kind, or known, or as usual. */
  public Opening opening(Slot slot) {
    return openings.of(slot);
  }

  /** A photo in its slot, and everything measured of it there. */
  public record Seated(Holding holding, AlbumPhoto photo, PrintInPocket measured) {}

  /** The photo that sits in the slot, if one does. */
  public Optional<Seated> seated(Slot slot) {
    Holding holding = parts.holdings().get(slot.id());
    if (holding == null || holding.photo() == null) {
      return Optional.empty();
    }
    AlbumPhoto photo = photo(holding.photo()).orElseThrow();
    Seated known = seats.get(slot.id());
    // What is taken over may be of what the slot held before.
    if (known == null || known.holding() != holding || known.photo() != photo) {
      known =
          new Seated(
              holding,
              photo,
              measure(slot, photo, holding.turned(), holding.whole(), photo.keep()));
      seats.put(slot.id(), known);
    }
    return Optional.of(known);
  }

  /** A card or keepsake in its slot. */
  public record LaidEphemera(
      Holding holding,
      Ephemera ephemera,
      InsertFit fit,
      List<Ephemera.Mind> mind,
      Opening opening) {}

  /** The card or keepsake that lies in the slot, if one does. */
  public Optional<LaidEphemera> laid(Slot slot) {
    Holding holding = parts.holdings().get(slot.id());
    if (holding == null || holding.ephemera() == null) {
      return Optional.empty();
    }
    Ephemera ephemera = ephemera(holding.ephemera()).orElseThrow();
    Opening opening = opening(slot);
    return Optional.of(
        new LaidEphemera(
            holding,
            ephemera,
            ephemera.fit(opening, holding.turned(), rules()),
            ephemera.mind(opening, holding.turned(), rules()),
            opening));
  }

  /** Everything measured of a photo in a slot, with another keep box than its own if wanted. */
  public PrintInPocket measure(
      Slot slot, AlbumPhoto photo, boolean turned, boolean whole, @Nullable PixelBox keep) {
    return fits.to(
        new FitQuestion(
            photo.pixels(),
            keep,
            photo.focus(),
            photo.onTable(),
            slot.takes(),
            slot.printOutline(),
            opening(slot),
            turned,
            whole),
        rules());
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof AlbumModel model
        && head.equals(model.head)
        && parts.equals(model.parts)
        && List.copyOf(parts.leaves().keySet()).equals(List.copyOf(model.parts.leaves().keySet()))
        && supplies.equals(model.supplies);
  }

  @Override
  public int hashCode() {
    return head.hashCode();
  }

  @Override
  public String toString() {
    return "album " + head.id() + " in version " + head.version();
  }
}
