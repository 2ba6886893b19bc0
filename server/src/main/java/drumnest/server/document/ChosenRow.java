package drumnest.server.document;

import drumnest.core.measure.Size;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.Pixels;
import org.jspecify.annotations.Nullable;

/**
 * A line of the list of chosen photos.
 *
 * @param number its place on the line, from 1
 * @param chapter the chapter it is in
 * @param name what it came in as
 * @param choosing what was decided of it
 * @param takenAt when it was taken, as text; empty if that is not known
 * @param pixels the size of the picture
 * @param onTable the size of its print, if it lies on the table
 * @param stars its stars
 * @param told whether its name and caption are told, or left out because it is private
 * @param place where it goes, as text; empty if it has no place
 */
public record ChosenRow(
    int number,
    String chapter,
    String name,
    Choosing choosing,
    String takenAt,
    Pixels pixels,
    @Nullable Size onTable,
    @Nullable Integer stars,
    boolean told,
    String place) {}
