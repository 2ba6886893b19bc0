package drumnest.server.album;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Subject;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.store.PhotoDetailEntity;
import drumnest.server.store.PhotoDetails;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Where most is to be seen in each photo, kept with it and found anew when the house rule is
 * another.
 */
@Component
class BusiestParts {

  private static final int AT_ONCE = 500;

  private final Photos photos;
  private final PhotoDetails details;

  BusiestParts(Photos photos, PhotoDetails details) {
    this.photos = photos;
    this.details = details;
  }

  /** Finds what was found by another rule, or not yet. */
  @Transactional
  void bringUpToDate(HouseRules rules) {
    int by = (int) rules.number(HouseRule.SUBJECT_DETAIL);
    List<PhotoEntity> stale = photos.withoutBusiestBy(by);
    IntStream.iterate(0, i -> i < stale.size(), i -> i + AT_ONCE)
        .mapToObj(i -> stale.subList(i, Math.min(stale.size(), i + AT_ONCE)))
        .forEach(some -> find(some, by, rules));
  }

  private void find(Collection<PhotoEntity> some, int by, HouseRules rules) {
    Map<String, PhotoDetailEntity> maps = new HashMap<>();
    details
        .findAllById(some.stream().map(PhotoEntity::sha256).toList())
        .forEach(map -> maps.put(map.sha256(), map));
    for (PhotoEntity photo : some) {
      PhotoDetailEntity map = maps.get(photo.sha256());
      PixelBox busiest =
          map == null
              ? null
              : Subject.propose(map.detail(), photo.file().pixels(), rules).orElse(null);
      photo.busiest(busiest, by);
    }
  }
}
