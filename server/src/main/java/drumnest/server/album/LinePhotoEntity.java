package drumnest.server.album;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Framing;
import drumnest.core.photo.PhotoAnnotations;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Showing;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.stock.HouseRules;
import drumnest.server.store.BoxesColumn;
import drumnest.server.store.PhotoEntity;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A photo on the line of an album, with what the maker said of it. */
@Entity
@Table(name = "line_photo")
class LinePhotoEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long albumId;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "sha256", columnDefinition = "char(64)")
  private PhotoEntity photo;

  private String name;
  @Nullable private LocalDateTime takenAt;
  private boolean datedByMaker;

  @Nullable
  @Column(name = "keep_x")
  private Integer keepX;

  @Nullable
  @Column(name = "keep_y")
  private Integer keepY;

  @Nullable
  @Column(name = "keep_w")
  private Integer keepW;

  @Nullable
  @Column(name = "keep_h")
  private Integer keepH;

  @Convert(converter = BoxesColumn.class)
  private List<PixelBox> concealed = List.of();

  @Enumerated(EnumType.STRING)
  private Framing framing = Framing.FOLLOWS;

  @Nullable
  @Column(name = "table_w")
  private Long tableW;

  @Nullable
  @Column(name = "table_h")
  private Long tableH;

  @Enumerated(EnumType.STRING)
  private Choice choice = Choice.OPEN;

  private boolean hero;
  private boolean secret;
  private boolean flap;

  @Enumerated(EnumType.STRING)
  private Showing showing = Showing.ANY;

  private String caption = "";
  @Nullable private String stack;
  @Nullable private String alternates;

  @Enumerated(EnumType.STRING)
  private StoryPhoto.@Nullable Border border;

  @Nullable private String chapterName;
  @Nullable private Integer rating;

  protected LinePhotoEntity() {}

  LinePhotoEntity(Long albumId, PhotoEntity photo, String name) {
    this.albumId = albumId;
    this.photo = photo;
    this.name = name;
    this.takenAt = photo.takenAt();
    this.rating = photo.words().rating();
    this.caption = photo.words().caption();
  }

  String sha256() {
    return photo.sha256();
  }

  /** As it is known of in the album, before its camera's clock is shifted. */
  AlbumPhoto asPhoto(HouseRules rules) {
    return new AlbumPhoto(
        photo.file(),
        name,
        photo.look(),
        photo.sharpness(),
        photo.found(rules),
        photo.words(),
        rating,
        annotations(),
        Duration.ZERO);
  }

  void rate(@Nullable Integer stars) {
    this.rating = stars;
  }

  PhotoAnnotations annotations() {
    return new PhotoAnnotations(
        takenAt,
        datedByMaker,
        keepX == null || keepY == null || keepW == null || keepH == null
            ? null
            : new PixelBox(keepX, keepY, keepW, keepH),
        concealed,
        framing,
        tableW == null || tableH == null
            ? null
            : new Size(Length.ofNanometres(tableW), Length.ofNanometres(tableH)),
        new Choosing(choice, hero, secret, flap, showing, caption),
        new StoryPhoto.Grouping(stack, alternates, border, chapterName));
  }

  void annotate(PhotoAnnotations said) {
    takenAt = said.takenAt();
    datedByMaker = said.datedByMaker();
    PixelBox keep = said.keep();
    keepX = keep == null ? null : keep.x();
    keepY = keep == null ? null : keep.y();
    keepW = keep == null ? null : keep.w();
    keepH = keep == null ? null : keep.h();
    concealed = said.concealed();
    framing = said.framing();
    Size onTable = said.onTable();
    tableW = onTable == null ? null : onTable.w().toNanometres();
    tableH = onTable == null ? null : onTable.h().toNanometres();
    choice = said.choosing().choice();
    hero = said.choosing().hero();
    secret = said.choosing().secret();
    flap = said.choosing().flap();
    showing = said.choosing().showing();
    caption = said.choosing().caption();
    stack = said.grouping().stack();
    alternates = said.grouping().alternates();
    border = said.grouping().border();
    chapterName = said.grouping().chapterName();
  }
}
