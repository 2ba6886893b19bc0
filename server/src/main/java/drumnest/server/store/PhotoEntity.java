package drumnest.server.store;

import drumnest.core.photo.FileWords;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Lab;
import drumnest.core.photo.Light;
import drumnest.core.photo.Look;
import drumnest.core.photo.Miniature;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A photo file as it came in, and what was read from it; or a print on the table of which there is
 * no file. What was read of the file never changes; what was found in the picture may be found
 * anew.
 */
@Entity
@Table(name = "photo")
public class PhotoEntity {

  @Id
  @Column(columnDefinition = "char(64)")
  private String sha256;

  private String format;
  private long byteCount;

  @Column(name = "pixels_w")
  private int pixelsW;

  @Column(name = "pixels_h")
  private int pixelsH;

  @Nullable private LocalDateTime takenAt;
  private long fingerprint;
  private double sharpness;

  /** Whether its sharpness was measured where its subject is; earlier versions did otherwise. */
  private boolean measured;

  @Nullable private Long centrePrint;
  private byte @Nullable [] miniature;
  @Nullable private Integer meanRgb;
  @Nullable private Integer edgeRgb;
  @Nullable private Double lightMean;
  @Nullable private Double lightBlack;
  @Nullable private Double lightWhite;

  @Convert(converter = BoxesColumn.class)
  private @Nullable List<PixelBox> faces;

  @Convert(converter = BoxesColumn.class)
  private @Nullable List<PixelBox> busiest;

  private @Nullable Integer busiestBy;
  @Nullable private String camera;
  @Nullable private Integer offsetMinutes;
  @Nullable private String doubt;
  @Nullable private Integer rating;
  @Nullable private String title;
  @Nullable private String description;
  @Nullable private String keywords;

  protected PhotoEntity() {}

  /**
   * @param file which file it is
   */
  public PhotoEntity(PhotoFile file, long byteCount) {
    this.sha256 = file.sha256();
    this.format = file.format();
    this.byteCount = byteCount;
    this.pixelsW = file.pixels().w();
    this.pixelsH = file.pixels().h();
  }

  /** Tells what the pixels look like, measured once. */
  public void see(PixelFeatures features) {
    this.fingerprint = features.whole().bits();
    this.centrePrint = features.centre().bits();
    this.miniature = features.miniature().toBytes();
    this.meanRgb = features.meanRgb();
    this.edgeRgb = features.edgeRgb();
    this.sharpness = features.sharpness();
    this.lightMean = features.light().mean();
    this.lightBlack = features.light().black();
    this.lightWhite = features.light().white();
    this.faces = features.faces();
    this.measured = true;
    // Its map of detail may be another.
    this.busiestBy = null;
  }

  /**
   * Tells what is found in it later than the rest was measured.
   *
   * @param found its faces; null where nothing here finds any
   */
  public void find(@Nullable List<PixelBox> found, double sharp, Miniature small) {
    this.faces = found;
    this.sharpness = sharp;
    this.miniature = small.toBytes();
    this.measured = true;
  }

  /**
   * Where most is to be seen in it.
   *
   * @param part null where nothing stands out
   * @param by the value of the house rule by which it was found
   */
  public void busiest(@Nullable PixelBox part, int by) {
    this.busiest = part == null ? List.of() : List.of(part);
    this.busiestBy = by;
  }

  /** The people and the subject that were found in it. */
  public Focus found(HouseRules rules) {
    return Focus.of(
        faces == null ? List.of() : faces,
        busiest == null || busiest.isEmpty() ? null : busiest.get(0),
        file().pixels(),
        rules);
  }

  /** Tells what the file says. */
  public void read(FileWords words) {
    this.takenAt = words.takenAt();
    this.offsetMinutes = words.offsetMinutes();
    this.doubt = words.doubt();
    this.camera = words.camera();
    this.rating = words.rating();
    this.title = words.title();
    this.description = words.caption();
    this.keywords = words.keywords();
  }

  public String sha256() {
    return sha256;
  }

  public PhotoFile file() {
    return new PhotoFile(sha256, format, new Pixels(pixelsW, pixelsH));
  }

  public long byteCount() {
    return byteCount;
  }

  /** When the camera says that it was taken. */
  public @Nullable LocalDateTime takenAt() {
    return takenAt;
  }

  /** Tells what the file says. */
  public FileWords words() {
    return new FileWords(
        takenAt,
        offsetMinutes,
        doubt,
        camera,
        rating,
        title == null ? "" : title,
        description == null ? "" : description,
        keywords == null ? "" : keywords);
  }

  /** Whether its pixels were looked at as all are today; photos of earlier versions were not. */
  public boolean isSeen() {
    return meanRgb != null || !file().exists();
  }

  /** Whether all was measured that is, but for faces. */
  public boolean isMeasured() {
    return measured && miniature != null;
  }

  public double sharpness() {
    return sharpness;
  }

  /** Tells what the picture looks like; null where that is not known. */
  public @Nullable Look look() {
    if (centrePrint == null
        || meanRgb == null
        || edgeRgb == null
        || lightMean == null
        || lightBlack == null
        || lightWhite == null) {
      return null;
    }
    return new Look(
        new Fingerprint(fingerprint),
        new Fingerprint(centrePrint),
        miniature == null ? null : Miniature.ofBytes(miniature),
        Lab.ofSrgb(meanRgb),
        Lab.ofSrgb(edgeRgb),
        sharpness,
        new Light(lightMean, lightBlack, lightWhite),
        file().pixels());
  }
}
