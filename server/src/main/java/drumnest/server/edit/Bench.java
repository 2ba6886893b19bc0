package drumnest.server.edit;

import drumnest.core.album.Leaf;
import drumnest.core.album.Slot;
import drumnest.core.album.Spread;
import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.photo.Lookalikes;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.Candidate;
import drumnest.core.place.Place;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.PocketPattern;
import drumnest.core.stock.PocketPatterns;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.AlbumLeafEntity;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.OpeningEntity;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * An album as it lies open on the bench: its spread, what the slots hold and how they were
 * measured, and the photos on the line in time order. A picture of one moment; changing it is for
 * {@link AlbumEdits}.
 */
public final class Bench {

  private final AlbumEntity album;
  private final Spread spread;
  private final Map<String, LinePhotoEntity> photos;
  private final Map<String, FillingEntity> fillings;
  private final Map<String, OpeningEntity> openings;
  private final HouseRules rules = HouseRules.defaults();

  Bench(
      AlbumEntity album,
      List<AlbumLeafEntity> leaves,
      List<LinePhotoEntity> photos,
      List<FillingEntity> fillings,
      List<OpeningEntity> openings) {
    this.album = album;
    this.spread = new Spread(leaf(leaves.get(0)), leaf(leaves.get(1)));
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
    this.openings =
        openings.stream().collect(Collectors.toMap(OpeningEntity::slot, opening -> opening));
  }

  private static Leaf leaf(AlbumLeafEntity entity) {
    PocketPattern pattern =
        PocketPatterns.find(entity.pattern())
            .orElseThrow(() -> new IllegalStateException("No pattern " + entity.pattern()));
    return new Leaf(entity.number(), pattern);
  }

  public AlbumEntity album() {
    return album;
  }

  public Spread spread() {
    return spread;
  }

  public HouseRules rules() {
    return rules;
  }

  /** The photos on the line, in time order; those set aside are not among them. */
  public List<LinePhotoEntity> line() {
    return photos.values().stream().filter(photo -> !photo.isAside()).toList();
  }

  /** The photos that were set aside, in time order. */
  public List<LinePhotoEntity> aside() {
    return photos.values().stream().filter(LinePhotoEntity::isAside).toList();
  }

  public Optional<LinePhotoEntity> photo(String sha256) {
    return Optional.ofNullable(photos.get(sha256));
  }

  public Optional<FillingEntity> filling(String slot) {
    return Optional.ofNullable(fillings.get(slot));
  }

  /** The slot that holds the photo. */
  public Optional<Slot> slotOf(String sha256) {
    return spread.slots().stream()
        .filter(
            slot ->
                filling(slot.id()).map(filling -> filling.sha256().equals(sha256)).orElse(false))
        .findFirst();
  }

  /** The groups of lookalikes on the line. */
  public Map<String, String> lookalikes() {
    return Lookalikes.groups(line().stream().map(LinePhotoEntity::asStory).toList(), rules);
  }

  public Opening opening(Slot slot) {
    OpeningEntity measured = openings.get(slot.id());
    return measured == null
        ? Opening.asUsual(slot.named(), rules)
        : Opening.measured(measured.size());
  }

  /** A photo in its slot, and everything measured of it there. */
  public record Seated(FillingEntity filling, LinePhotoEntity photo, PrintInPocket measured) {}

  /** What sits in the slot, if anything does. */
  public Optional<Seated> seated(Slot slot) {
    return filling(slot.id())
        .map(
            filling -> {
              LinePhotoEntity photo = photo(filling.sha256()).orElseThrow();
              return new Seated(
                  filling, photo, measure(slot, photo, filling.isTurned(), photo.keep()));
            });
  }

  /** Everything measured of a photo in a slot, with another keep box than its own if wanted. */
  public PrintInPocket measure(
      Slot slot, LinePhotoEntity photo, boolean turned, @Nullable PixelBox keep) {
    return PrintInPocket.of(
        photo.photo().pixels(), keep, photo.onTable(), slot.named(), opening(slot), turned, rules);
  }

  /** The slots as placing sees them. */
  List<Place> places() {
    return spread.slots().stream()
        .map(slot -> new Place(slot.id(), slot.named(), false, false))
        .toList();
  }

  /** The photos on the line as placing sees them. */
  List<Candidate> candidates() {
    Map<String, String> groups = lookalikes();
    return line().stream()
        .map(
            photo ->
                new Candidate(
                    photo.photo().sha256(),
                    photo.photo().pixels(),
                    photo.keep(),
                    false,
                    groups.get(photo.photo().sha256()),
                    photo.onTable()))
        .toList();
  }
}
