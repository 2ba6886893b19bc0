package drumnest.server.document;

import drumnest.server.PlainText;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Chosen photos as a ZIP archive (source: PKWARE APPNOTE): the originals, unchanged, each with its
 * sidecar beside it, in the order of the line. Originals that are missing are listed in a file.
 */
public final class ChosenFiles {

  private static final int LONGEST = 120;
  private static final String MISSING =
      "The originals of these photos are no longer in the data folder, or cannot be read:\r\n\r\n";

  private ChosenFiles() {}

  /**
   * A photo of the archive.
   *
   * @param name what it came in as
   * @param file the original
   * @param sidecar what is told of it, as XMP
   */
  public record Photo(String name, Path file, byte[] sidecar) {}

  public static void write(List<Photo> photos, OutputStream out) throws IOException {
    Set<String> used = new HashSet<>();
    List<String> missing = new ArrayList<>();
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    // Photos do not become smaller by packing.
    zip.setLevel(Deflater.NO_COMPRESSION);
    int digits = Math.max(3, String.valueOf(photos.size()).length());
    for (int i = 0; i < photos.size(); i++) {
      Photo photo = photos.get(i);
      if (!Files.isReadable(photo.file())) {
        missing.add(photo.name());
        continue;
      }
      String number = String.format(Locale.ROOT, "%0" + digits + "d", i + 1);
      String name = unique(number + " " + plain(photo.name()), used);
      zip.putNextEntry(new ZipEntry(name));
      Files.copy(photo.file(), zip);
      zip.closeEntry();
      zip.putNextEntry(new ZipEntry(name + ".xmp"));
      zip.write(photo.sidecar());
      zip.closeEntry();
    }
    if (!missing.isEmpty()) {
      zip.putNextEntry(new ZipEntry("missing.txt"));
      zip.write(MISSING.getBytes(StandardCharsets.UTF_8));
      zip.write(String.join("\r\n", missing).getBytes(StandardCharsets.UTF_8));
      zip.closeEntry();
    }
    zip.finish();
  }

  /** A name that every system takes for a file's. */
  private static String plain(String name) {
    String clean = PlainText.of(name, false).replaceAll("[\\\\/:*?\"<>|]", "_");
    return PlainText.ending(clean, LONGEST).replaceAll("[. ]+$|^$", "_");
  }

  private static String unique(String name, Set<String> used) {
    String free = name;
    int dot = name.lastIndexOf('.');
    for (int i = 2; !used.add(free.toLowerCase(Locale.ROOT)); i++) {
      free =
          dot < 0
              ? name + " (" + i + ")"
              : name.substring(0, dot) + " (" + i + ")" + name.substring(dot);
    }
    return free;
  }
}
