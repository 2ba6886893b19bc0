package drumnest.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Why a picture is in its place. */
public sealed interface Reason {
  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with a reason of each kind; a new kind does not compile until each visitor knows
   * it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R fixed(Fixed fixed);

    R putByHand(PutByHand put);

    R between(Between between);

    R after(After after);

    R opens(Opens opens);

    R hero(Hero hero);

    R ownShape(OwnShape own);
  }

  /** It is locked, cut or stuck there. */
  record Fixed() implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.fixed(this);
    }
  }

  /** The maker put it there; placing again moves it only where that pays. */
  record PutByHand() implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.putByHand(this);
    }
  }

  /** It comes between two others in the story. */
  record Between(int before, int after) implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.between(this);
    }
  }

  /** It comes after another in the story, and nothing follows. */
  record After(int before) implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.after(this);
    }
  }

  /** It opens the story, and others follow. */
  record Opens() implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.opens(this);
    }
  }

  /** It is a hero, which is to be large and in view. */
  record Hero() implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.hero(this);
    }
  }

  /** Its shape is that of the place. */
  record OwnShape() implements Reason {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ownShape(this);
    }
  }

  /**
   * Why the picture of a place is there. Pictures are told by their index in the problem.
   *
   * @param byHand what was put by hand, by the places
   * @param place one that holds a picture
   */
  static List<Reason> of(
      Placing.Problem problem, Map<Integer, Integer> byHand, Placement now, int place) {
    int[] photoAt = now.photoAt(problem.places().size());
    List<Reason> reasons = new ArrayList<>();
    if (problem.locked().containsKey(place)) {
      reasons.add(new Fixed());
    } else if (byHand.containsKey(place)) {
      reasons.add(new PutByHand());
    }
    if (problem.order() == Placing.Order.STORY) {
      int before = neighbour(photoAt, place, -1);
      int after = neighbour(photoAt, place, 1);
      if (before >= 0 && after >= 0) {
        reasons.add(new Between(before, after));
      } else if (before >= 0) {
        reasons.add(new After(before));
      } else if (after >= 0) {
        reasons.add(new Opens());
      }
    }
    Candidate photo = problem.candidates().get(photoAt[place]);
    if (photo.hero()) {
      reasons.add(new Hero());
    }
    if (photo.pixels().orientation() == problem.places().get(place).shape()) {
      reasons.add(new OwnShape());
    }
    return reasons;
  }

  /** The nearest picture before or after a place; -1 where there is none. */
  private static int neighbour(int[] photoAt, int place, int step) {
    for (int at = place + step; at >= 0 && at < photoAt.length; at += step) {
      if (photoAt[at] >= 0) {
        return photoAt[at];
      }
    }
    return -1;
  }
}
