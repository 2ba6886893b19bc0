package drumnest.server.edit;

/**
 * What a slot holds.
 *
 * @param photo the SHA-256 of the photo
 * @param turned whether it lies with a quarter turn to the right
 * @param locked whether placing again leaves it there
 */
public record Filling(String photo, boolean turned, boolean locked) {}
