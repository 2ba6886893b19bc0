package drumnest.server.stock;

/** Something on the shelf is not as it was: an entry, or a pocket that was measured on it. */
public record ShelfChanged() {}
