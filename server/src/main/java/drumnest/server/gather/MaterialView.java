package drumnest.server.gather;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.frame.Views;

/** The material that there is of a photo: a file, a print on the table, or both. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = MaterialView.FileView.class, name = "file"),
  @JsonSubTypes.Type(value = MaterialView.ScanView.class, name = "scan"),
  @JsonSubTypes.Type(value = MaterialView.OnTableView.class, name = "print")
})
public sealed interface MaterialView {

  /** A file, of which a print is still to be ordered. */
  record FileView() implements MaterialView {}

  /**
   * A print on the table, with a file of its picture.
   *
   * @param size of the print, as its picture is seen upright
   */
  record ScanView(Views.SizeView size) implements MaterialView {}

  /**
   * A print on the table, of which there is no file.
   *
   * @param size of the print, as its picture is seen upright
   */
  record OnTableView(Views.SizeView size) implements MaterialView {}

  static MaterialView of(AlbumPhoto photo) {
    Size print = photo.onTable();
    if (print == null) {
      return new FileView();
    }
    Views.SizeView size = Views.SizeView.of(print);
    return photo.hasFile() ? new ScanView(size) : new OnTableView(size);
  }
}
