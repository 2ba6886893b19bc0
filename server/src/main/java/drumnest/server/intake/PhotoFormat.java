package drumnest.server.intake;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** The kinds of photo files that are taken in, told by their first bytes. */
enum PhotoFormat {
  JPEG("jpg", "image/jpeg", 0xff, 0xd8, 0xff),
  PNG("png", "image/png", 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n');

  private final String extension;
  private final String mediaType;
  private final int[] begin;

  PhotoFormat(String extension, String mediaType, int... begin) {
    this.extension = extension;
    this.mediaType = mediaType;
    this.begin = begin;
  }

  String extension() {
    return extension;
  }

  String mediaType() {
    return mediaType;
  }

  static Optional<PhotoFormat> of(Path file) throws IOException {
    byte[] head;
    try (InputStream in = Files.newInputStream(file)) {
      head = in.readNBytes(8);
    }
    for (PhotoFormat format : values()) {
      if (format.begins(head)) {
        return Optional.of(format);
      }
    }
    return Optional.empty();
  }

  private boolean begins(byte[] head) {
    if (head.length < begin.length) {
      return false;
    }
    for (int i = 0; i < begin.length; i++) {
      if ((head[i] & 0xff) != begin[i]) {
        return false;
      }
    }
    return true;
  }
}
