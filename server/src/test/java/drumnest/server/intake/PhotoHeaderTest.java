package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.photo.Pixels;
import drumnest.server.TestPictures;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import org.apache.commons.imaging.formats.jpeg.exif.ExifRewriter;
import org.apache.commons.imaging.formats.tiff.constants.ExifTagConstants;
import org.apache.commons.imaging.formats.tiff.constants.TiffTagConstants;
import org.apache.commons.imaging.formats.tiff.write.TiffOutputSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoHeaderTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  private static final LocalDate TODAY = LocalDate.of(2040, 1, 1);

  @TempDir Path folder;

  private TakenTime time(byte[] file) throws IOException {
    Path photo = Files.write(folder.resolve("photo"), file);
    return PhotoHeader.said(
        photo,
        PhotoFormat.of(photo).orElseThrow(),
        new PictureMemory(),
        metadata -> TakenTime.of(metadata, TODAY));
  }

  private PhotoHeader read(byte[] file) throws IOException {
    Path photo = Files.write(folder.resolve("photo"), file);
    PhotoFormat format = PhotoFormat.of(photo).orElseThrow();
    return new PhotoHeader(
        new LeptonicaReader().frame(photo, format),
        PhotoHeader.said(photo, format, new PictureMemory(), PhotoHeader::orientation));
  }

  /** A photo with exactly these dates in its Exif data. */
  private static byte[] dated(String original, String subSeconds, String changed)
      throws IOException {
    TiffOutputSet exif = new TiffOutputSet();
    if (original != null) {
      exif.getOrCreateExifDirectory().add(ExifTagConstants.EXIF_TAG_DATE_TIME_ORIGINAL, original);
    }
    if (subSeconds != null) {
      exif.getOrCreateExifDirectory()
          .add(ExifTagConstants.EXIF_TAG_SUB_SEC_TIME_ORIGINAL, subSeconds);
    }
    if (changed != null) {
      exif.getOrCreateRootDirectory().add(TiffTagConstants.TIFF_TAG_DATE_TIME, changed);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new ExifRewriter().updateExifMetadataLossless(TestPictures.jpeg(30, 20, 1, null, 1), out, exif);
    return out.toByteArray();
  }

  @Test
  void says_how_it_is_stored_and_how_it_is_seen() throws IOException {
    PhotoHeader header = read(TestPictures.jpeg(300, 200, 6, NOON, 1));
    assertThat(header.frame().w()).isEqualTo(200);
    assertThat(header.orientation()).isEqualTo(6);
    assertThat(header.upright()).isEqualTo(new Pixels(300, 200));
    assertThat(time(TestPictures.jpeg(300, 200, 6, NOON, 1)).at()).isEqualTo(NOON);
  }

  @Test
  void takes_the_moment_of_the_shot_before_that_of_a_later_change() throws IOException {
    assertThat(time(dated("2021:06:14 14:41:06", null, "2032:01:01 00:00:00")).at())
        .isEqualTo(LocalDateTime.of(2021, 6, 14, 14, 41, 6));
    assertThat(time(dated(null, null, "2032:01:01 00:00:00")).at())
        .isEqualTo(LocalDateTime.of(2032, 1, 1, 0, 0));
  }

  @Test
  void tells_shots_of_one_second_apart() throws IOException {
    assertThat(time(dated("2021:06:14 14:41:06", "25", null)).at())
        .isEqualTo(LocalDateTime.of(2021, 6, 14, 14, 41, 6, 250_000_000));
    assertThat(time(dated("2021:06:14 14:41:06", "abc", null)).at())
        .isEqualTo(LocalDateTime.of(2021, 6, 14, 14, 41, 6));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "0000:00:00 00:00:00",
        "2021:13:01 00:00:00",
        "2021:02:30 10:00:00",
        "some time last week",
        "    :  :     :  :  "
      })
  void a_date_that_is_none_is_no_date(String date) throws IOException {
    assertThat(time(dated(date, null, null)).at()).isNull();
  }

  @Test
  void a_file_of_another_kind_is_told_by_its_first_bytes() throws IOException {
    Path text = Files.writeString(folder.resolve("a.jpg"), "not a photo");
    assertThat(PhotoFormat.of(text)).isEmpty();
    Path nothing = Files.write(folder.resolve("b.jpg"), new byte[0]);
    assertThat(PhotoFormat.of(nothing)).isEmpty();
    Path png =
        Files.write(folder.resolve("c.jpg"), TestPictures.png(TestPictures.upright(9, 9, 1)));
    assertThat(PhotoFormat.of(png)).contains(PhotoFormat.PNG);
  }

  @Test
  void a_header_that_ends_too_soon_is_refused() {
    byte[] stub = {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0, 0x7f, 0x7f, 'J'};
    assertThatExceptionOfType(RefusedPhotoException.class).isThrownBy(() -> read(stub));
    byte[] words = "\u0089PNG\r\n\u001a\nand then words".getBytes(StandardCharsets.ISO_8859_1);
    assertThatExceptionOfType(RefusedPhotoException.class).isThrownBy(() -> read(words));
  }
}
