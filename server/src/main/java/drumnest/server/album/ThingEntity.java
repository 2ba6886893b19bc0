package drumnest.server.album;

import drumnest.core.album.Thing;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A card with words or a keepsake of an album. */
@Entity
@Table(name = "thing")
class ThingEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;
  private int thingKey;
  private String kind;
  private String name;
  private long w;
  private long h;
  private long thickness;
  private boolean original;
  private String words;

  protected ThingEntity() {}

  ThingEntity(Long albumId, int thingKey) {
    this.albumId = albumId;
    this.thingKey = thingKey;
  }

  void be(Thing thing) {
    this.kind = thing.kind().name();
    this.name = thing.name();
    this.w = thing.size().w().toNanometres();
    this.h = thing.size().h().toNanometres();
    this.thickness = thing.thickness().toNanometres();
    this.original = thing.original();
    this.words = thing.words();
  }

  Thing asThing() {
    return new Thing(
        thingKey,
        Thing.Kind.valueOf(kind),
        name,
        new Size(Length.ofNanometres(w), Length.ofNanometres(h)),
        Length.ofNanometres(thickness),
        original,
        words);
  }
}
