package drumnest.server.album;

import drumnest.core.album.leaf.LeafState;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Begins albums. */
@Component
public class NewAlbums {

  private final Albums albums;
  private final Leaves leaves;

  NewAlbums(Albums albums, Leaves leaves) {
    this.albums = albums;
    this.leaves = leaves;
  }

  /** Whether any album was begun. */
  public boolean areNone() {
    return albums.count() == 0;
  }

  /**
   * Begins one; that is no step of its history.
   *
   * @param format the key of its format in the catalogue
   * @param types the kinds of its leaves, by their keys in the catalogue
   * @return its number
   */
  @Transactional
  public long begin(String title, @Nullable String format, List<String> types) {
    AlbumEntity album = new AlbumEntity(title);
    album.setFormat(format);
    album.useLeafKey(types.size());
    Long id = albums.save(album).id();
    for (int number = 1; number <= types.size(); number++) {
      LeafEntity leaf = new LeafEntity(id, number);
      leaf.be(LeafState.of(types.get(number - 1)));
      leaf.stand(number);
      leaves.save(leaf);
    }
    return id;
  }
}
