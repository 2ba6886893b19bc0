package drumnest.server.document;

import drumnest.core.measure.Size;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.util.List;

/**
 * A line of the print list.
 *
 * @param line its number, from 1
 * @param photo the photo
 * @param secret whether it is private, and left blank here
 * @param name what the file is called
 * @param pixels the size of the upright picture
 * @param size the size of the print as it lies in its pocket
 * @param turn whether the picture is turned in the print
 * @param count how many copies
 * @param crop the part of the upright picture to print
 * @param places the pockets the copies go into
 * @param slots the same, by their names in the album
 */
public record PrintRow(
    int line,
    PhotoFile photo,
    boolean secret,
    String name,
    Pixels pixels,
    Size size,
    String turn,
    int count,
    PixelBox crop,
    List<String> places,
    List<String> slots) {}
