package drumnest.server.gather;

import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMetaFactory;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.FileWords;
import drumnest.server.StaleVersionException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.PhotoRegistrar;
import drumnest.server.intake.RefusedPhotoException;
import drumnest.server.intake.ToldInXmp;
import drumnest.server.intake.XmlNesting;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;

/**
 * Takes in sidecars: files of XMP (ISO 16684-1) that lie beside a photo and are called like it.
 * Stars are taken as they are; a caption where the maker has written none; and everything that was
 * decided here and written into a sidecar comes back.
 */
@Service
public class Sidecars {

  private static final int LARGEST = 4 << 20;
  private static final int TRIES = 20;

  private final PhotoRegistrar registrar;
  private final OpenAlbums albums;
  private final PhotoEdits edits;

  Sidecars(PhotoRegistrar registrar, OpenAlbums albums, PhotoEdits edits) {
    this.registrar = registrar;
    this.albums = albums;
    this.edits = edits;
  }

  /**
   * Takes one sidecar in.
   *
   * @param name what the file is called: like its photo, with {@code .xmp} in place of the photo's
   *     extension or after it
   * @return the photo that it belongs to
   * @throws RefusedPhotoException if it is no sidecar or belongs to no photo on the line
   */
  public String take(long albumId, String name, InputStream content) throws IOException {
    albums.require(albumId);
    ToldInXmp told = read(content.readNBytes(LARGEST + 1));
    AlbumPhoto photo = photoOf(albumId, name);
    String sha256 = photo.id();
    FileWords words = told.words();
    tell(albumId, sha256, told);
    if (words.rating() != null) {
      registrar.rate(albumId, sha256, words.rating());
    }
    return sha256;
  }

  /** A sidecar has seen no version of the album: what others do meanwhile does not refuse it. */
  private void tell(long albumId, String photo, ToldInXmp told) {
    for (int tries = 1; ; tries++) {
      try {
        edits.tellFromSidecar(albumId, photo, told.choosing(), told.keep(), told.words());
        return;
      } catch (StaleVersionException movedOn) {
        if (tries == TRIES) {
          throw movedOn;
        }
      }
    }
  }

  private static ToldInXmp read(byte[] bytes) {
    if (bytes.length == 0) {
      throw new RefusedPhotoException("It is empty.");
    }
    // Neither half of UTF-16 hides it: XMP needs no document types, and none is resolved.
    String text = new String(bytes, StandardCharsets.ISO_8859_1).replace("\u0000", "");
    if (bytes.length > LARGEST || text.contains("<!DOCTYPE") || text.contains("<!ENTITY")) {
      throw new RefusedPhotoException("It is no sidecar as photo programs write them.");
    }
    XmlNesting.require(bytes);
    try {
      return ToldInXmp.read(XMPMetaFactory.parseFromBuffer(bytes));
    } catch (XMPException e) {
      throw new RefusedPhotoException("It is no XMP that can be read; it seems to be damaged.", e);
    }
  }

  private AlbumPhoto photoOf(long albumId, String name) {
    String stem = name.replaceFirst("(?i)\\.xmp$", "").toLowerCase(Locale.ROOT);
    List<AlbumPhoto> photos = albums.open(albumId).photos();
    List<AlbumPhoto> exact =
        photos.stream().filter(photo -> lower(photo.name()).equals(stem)).toList();
    List<AlbumPhoto> found =
        exact.isEmpty()
            ? photos.stream().filter(photo -> withoutExtension(photo).equals(stem)).toList()
            : exact;
    if (found.isEmpty()) {
      throw new RefusedPhotoException(
          "No photo on the line is called like it. Bring the photo first, then its sidecar.");
    }
    if (found.size() > 1) {
      throw new RefusedPhotoException(
          found.size()
              + " photos on the line are called like it, so it cannot be told whose it is.");
    }
    return found.get(0);
  }

  private static String lower(String name) {
    return name.toLowerCase(Locale.ROOT);
  }

  private static String withoutExtension(AlbumPhoto photo) {
    return lower(photo.name()).replaceFirst("\\.[^.]{1,5}$", "");
  }
}
