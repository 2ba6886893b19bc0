package drumnest.server.document;

import drumnest.core.measure.Size;

/**
 * A card or title in a list.
 *
 * @param place where it lies; empty where it has no place yet
 * @param lines whether it fits, in words
 */
public record WordsRow(
    String chapter,
    String kind,
    String heading,
    String date,
    String text,
    Size size,
    String place,
    String lines) {}
