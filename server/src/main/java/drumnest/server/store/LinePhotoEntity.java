package drumnest.server.store;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.StoryPhoto;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** A photo on the line of an album, with what the maker told of it. */
@Entity
@Table(name = "line_photo")
public class LinePhotoEntity {

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

  @Nullable
  @Column(name = "table_w")
  private Long tableW;

  @Nullable
  @Column(name = "table_h")
  private Long tableH;

  private boolean aside;

  protected LinePhotoEntity() {}

  public LinePhotoEntity(Long albumId, PhotoEntity photo, String name) {
    this.albumId = albumId;
    this.photo = photo;
    this.name = name;
    this.takenAt = photo.takenAt();
  }

  public Long id() {
    return id;
  }

  public PhotoEntity photo() {
    return photo;
  }

  /** The name of the file it came in as. */
  public String name() {
    return name;
  }

  public @Nullable LocalDateTime takenAt() {
    return takenAt;
  }

  public boolean isDatedByMaker() {
    return datedByMaker;
  }

  public void date(@Nullable LocalDateTime when, boolean byMaker) {
    this.takenAt = when;
    this.datedByMaker = byMaker;
  }

  /** What must stay of the picture, in its upright pixels. */
  public @Nullable PixelBox keep() {
    return keepX == null || keepY == null || keepW == null || keepH == null
        ? null
        : new PixelBox(keepX, keepY, keepW, keepH);
  }

  public void keep(@Nullable PixelBox box) {
    keepX = box == null ? null : box.x();
    keepY = box == null ? null : box.y();
    keepW = box == null ? null : box.w();
    keepH = box == null ? null : box.h();
  }

  /** The size of the print if it already lies on the table, as its picture is seen upright. */
  public @Nullable Size onTable() {
    return tableW == null || tableH == null
        ? null
        : new Size(Length.ofNanometres(tableW), Length.ofNanometres(tableH));
  }

  public void onTable(@Nullable Size size) {
    tableW = size == null ? null : size.w().toNanometres();
    tableH = size == null ? null : size.h().toNanometres();
  }

  /** Whether the maker set it aside: it is neither on the line nor placed. */
  public boolean isAside() {
    return aside;
  }

  public void setAside(boolean aside) {
    this.aside = aside;
  }

  public StoryPhoto asStory() {
    return new StoryPhoto(photo.sha256(), takenAt, photo.fingerprint());
  }
}
