package drumnest.server.store;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.StoryPhoto;
import jakarta.persistence.Column;
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
import jakarta.persistence.Transient;
import java.time.Duration;
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

  @Enumerated(EnumType.STRING)
  private Choice choice = Choice.OPEN;

  private boolean hero;
  private boolean secret;
  private boolean flap;
  private String caption = "";
  @Nullable private String stack;
  @Nullable private String alternates;

  @Enumerated(EnumType.STRING)
  private StoryPhoto.@Nullable Border border;

  @Nullable private String chapterName;
  @Nullable private Integer rating;

  /** How far the clock of its camera is shifted in this album; set when the album is opened. */
  @Transient private Duration shift = Duration.ZERO;

  protected LinePhotoEntity() {}

  public LinePhotoEntity(Long albumId, PhotoEntity photo, String name) {
    this.albumId = albumId;
    this.photo = photo;
    this.name = name;
    this.takenAt = photo.takenAt();
    this.rating = photo.words().rating();
    this.caption = photo.words().caption();
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

  /** When it was taken by the clock of the album: the maker's word, or the camera's, shifted. */
  public @Nullable LocalDateTime takenAt() {
    return takenAt == null || datedByMaker ? takenAt : takenAt.plus(shift);
  }

  /** When it was taken by the maker's word or the camera's, unshifted. */
  public @Nullable LocalDateTime toldAt() {
    return takenAt;
  }

  public void shiftBy(Duration by) {
    this.shift = by;
  }

  /** Its stars, -1 to 5, from the file or its sidecar; null without any. */
  public @Nullable Integer rating() {
    return rating;
  }

  public void rate(@Nullable Integer stars) {
    this.rating = stars;
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

  public Choosing choosing() {
    return new Choosing(choice, hero, secret, flap, caption);
  }

  public void choose(Choosing choosing) {
    choice = choosing.choice();
    hero = choosing.hero();
    secret = choosing.secret();
    flap = choosing.flap();
    caption = choosing.caption();
  }

  /** Whether the maker dropped it: it is neither on the line nor placed. */
  public boolean isOut() {
    return choice == Choice.OUT;
  }

  public StoryPhoto.Marks marks() {
    return new StoryPhoto.Marks(stack, alternates, border, chapterName);
  }

  public void mark(StoryPhoto.Marks marks) {
    stack = marks.stack();
    alternates = marks.alternates();
    border = marks.border();
    chapterName = marks.chapterName();
  }

  public StoryPhoto asStory() {
    return new StoryPhoto(photo.sha256(), takenAt(), photo.look(), marks());
  }
}
