package drumnest.core.place;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * Who went where: for each picture of a problem its place, or none. Pictures and places are told by
 * their index in the problem. Two are equal if every picture is in the same place.
 */
public final class Placement {

  private final int[] placeOf;

  private Placement(int[] placeOf) {
    this.placeOf = placeOf;
  }

  /**
   * @param placeOf for each picture the index of its place, or -1 if it has none
   */
  static Placement of(int... placeOf) {
    return new Placement(placeOf.clone());
  }

  /** How many pictures it tells about, placed or not. */
  public int photos() {
    return placeOf.length;
  }

  /** The place of a picture, or -1. */
  public int placeOf(int photo) {
    return placeOf[photo];
  }

  public boolean isPlaced(int photo) {
    return placeOf[photo] >= 0;
  }

  /** How many pictures have a place. */
  public int placed() {
    return (int) Arrays.stream(placeOf).filter(place -> place >= 0).count();
  }

  /** Index of the place to index of the picture, of those that have one. */
  Map<Integer, Integer> photoByPlace() {
    Map<Integer, Integer> photos = new HashMap<>();
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] >= 0) {
        photos.put(placeOf[photo], photo);
      }
    }
    return photos;
  }

  /** For each picture the index of its place, or -1. */
  int[] toArray() {
    return placeOf.clone();
  }

  /**
   * For each place the index of its picture, or -1 if it is empty.
   *
   * @param places how many places there are
   */
  int[] photoAt(int places) {
    return photoAt(placeOf, places);
  }

  /** For each place the index of its picture, while it is still being worked on. */
  static int[] photoAt(int[] placeOf, int places) {
    int[] at = new int[places];
    Arrays.fill(at, -1);
    for (int photo = 0; photo < placeOf.length; photo++) {
      if (placeOf[photo] >= 0) {
        at[placeOf[photo]] = photo;
      }
    }
    return at;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Placement that && Arrays.equals(placeOf, that.placeOf);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(placeOf);
  }

  @Override
  public String toString() {
    return Arrays.toString(placeOf);
  }
}
