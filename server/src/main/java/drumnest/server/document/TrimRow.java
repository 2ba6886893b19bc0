package drumnest.server.document;

import drumnest.core.measure.Size;
import drumnest.core.photo.PhotoFile;
import java.util.List;

/**
 * A line of the trim list.
 *
 * @param line its number, from 1
 * @param photo the photo
 * @param secret whether it is private, and left blank here
 * @param name what the file is called
 * @param from the size of the print
 * @param to the size it is cut to
 * @param off how much comes off which edge
 * @param place the pocket it goes into
 * @param onTable whether it is a print that lies on the table already
 * @param slot the same place by its name in the album
 */
public record TrimRow(
    int line,
    PhotoFile photo,
    boolean secret,
    String name,
    Size from,
    Size to,
    List<String> off,
    String place,
    boolean onTable,
    String slot) {}
