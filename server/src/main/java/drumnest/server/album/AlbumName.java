package drumnest.server.album;

/** Which album it is, for a list of them. */
public record AlbumName(long id, String title) {}
