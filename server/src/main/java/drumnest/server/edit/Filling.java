package drumnest.server.edit;

import drumnest.server.store.Aside;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.Made;
import org.jspecify.annotations.Nullable;

/**
 * What a slot holds: a photo, a card or keepsake, or nothing while it is set aside.
 *
 * @param photo the SHA-256 of the photo; null for another thing
 * @param turned whether it lies with a quarter turn to the right
 * @param locked whether placing again leaves it there
 * @param thing the key of the card or keepsake; null for a photo
 * @param aside what the slot is set aside for; null where it holds something
 * @param byHand whether the maker put it there, rather than placing
 * @param made how far its making has come; null where nothing is cut yet
 */
public record Filling(
    @Nullable String photo,
    boolean turned,
    boolean locked,
    @Nullable Integer thing,
    @Nullable Aside aside,
    boolean byHand,
    @Nullable Made made) {

  static Filling of(FillingEntity entity) {
    return new Filling(
        entity.sha256(),
        entity.isTurned(),
        entity.isLocked(),
        entity.thingKey(),
        entity.aside(),
        entity.isByHand(),
        entity.made());
  }

  FillingEntity entity(Long albumId, String slot) {
    FillingEntity entity = new FillingEntity(albumId, slot);
    tell(entity);
    return entity;
  }

  void tell(FillingEntity entity) {
    entity.hold(photo, thing, aside, turned, locked);
    entity.come(byHand, made);
  }

  static Filling ofPhoto(String photo) {
    return new Filling(photo, false, false, null, null, false, null);
  }

  static Filling ofThing(int thing) {
    return new Filling(null, false, false, thing, null, true, null);
  }

  /** A slot set aside, by the maker or by placing. */
  static Filling setAside(Aside aside, boolean byHand) {
    return new Filling(null, false, false, null, aside, byHand, null);
  }

  Filling withTurned(boolean isTurned) {
    return new Filling(photo, isTurned, locked, thing, aside, byHand, made);
  }

  Filling withLocked(boolean isLocked) {
    return new Filling(photo, turned, isLocked, thing, aside, byHand, made);
  }

  Filling withMade(@Nullable Made next) {
    return new Filling(photo, turned, locked, thing, aside, byHand, next);
  }

  /** The same, put by the maker. */
  Filling putByHand() {
    return new Filling(photo, turned, locked, thing, aside, true, made);
  }

  /** Whether placing leaves it there: it is locked, cut, or in its place for good. */
  boolean isFixed() {
    return locked || made != null;
  }

  /** Whether it is something, rather than a slot that is set aside. */
  boolean isSomething() {
    return photo != null || thing != null;
  }
}
