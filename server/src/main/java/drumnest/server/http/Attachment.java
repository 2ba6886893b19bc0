package drumnest.server.http;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that a maker takes away. */
public final class Attachment {

  private Attachment() {}

  public static ResponseEntity<byte[]> of(String name, MediaType type, byte[] content) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(content);
  }
}
