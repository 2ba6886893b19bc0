package drumnest.server.frame;

import drumnest.server.http.Plain;
import jakarta.validation.constraints.NotNull;

/** Requests that are made of an album at every stage. */
public final class AlbumRequests {

  private AlbumRequests() {}

  public record Version(@NotNull Long version) {}

  public record Title(
      @NotNull Long version,
      @NotNull @Plain(is = "a title", max = 120, needed = true) String title) {}
}
