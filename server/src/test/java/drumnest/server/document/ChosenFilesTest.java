package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ChosenFilesTest {

  private static final String KITE = "\uD83E\uDE81";

  @TempDir Path folder;

  private ChosenFiles.Photo photo(String name) throws IOException {
    Path file = Files.writeString(Files.createTempFile(folder, "photo", ""), "a picture");
    return new ChosenFiles.Photo(name, file, "<x/>".getBytes(StandardCharsets.UTF_8));
  }

  private static Map<String, String> archive(List<ChosenFiles.Photo> photos) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ChosenFiles.write(photos, out);
    Map<String, String> files = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return files;
  }

  @Test
  void every_name_that_a_file_can_have_is_survived() throws IOException {
    List<String> names =
        List.of(
            KITE + "a".repeat(119),
            KITE.repeat(100) + ".jpg",
            "\ud83e half.jpg",
            "half \ude81.jpg",
            "a\u0000b\ufffe\uffff.jpg",
            "..",
            "../../up.jpg",
            "CON",
            "tail. . .",
            "",
            "same.jpg",
            "SAME.jpg",
            "風箏 مطار ünïcödé.jpg");
    List<ChosenFiles.Photo> photos = new ArrayList<>();
    for (String name : names) {
      photos.add(photo(name));
    }
    Map<String, String> files = archive(photos);
    assertThat(files).hasSize(2 * names.size());
    assertThat(files.keySet())
        .allMatch(name -> StandardCharsets.UTF_8.newEncoder().canEncode(name))
        .noneMatch(name -> name.matches(".*[/\\\\:*?\"<>|\\p{Cntrl}].*"))
        .noneMatch(name -> name.matches(".*[. ]"));
  }

  @Test
  void a_missing_original_is_listed_and_the_rest_delivered() throws IOException {
    ChosenFiles.Photo there = photo("there.jpg");
    ChosenFiles.Photo gone = photo("gone.jpg");
    Files.delete(gone.file());
    Map<String, String> files = archive(List.of(gone, there));
    assertThat(files.keySet()).containsExactly("002 there.jpg", "002 there.jpg.xmp", "missing.txt");
    assertThat(files.get("missing.txt")).endsWith("gone.jpg");
    assertThat(files.get("002 there.jpg")).isEqualTo("a picture");
  }
}
