package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leaves of the albums. */
interface Leaves extends JpaRepository<LeafEntity, Long> {

  List<LeafEntity> findByAlbumIdOrderByNumber(Long albumId);

  /** Those of all albums but one. */
  List<LeafEntity> findByAlbumIdNot(Long albumId);

  List<LeafEntity> findByAlbumIdAndLeafKeyIn(Long albumId, Collection<Integer> keys);
}
