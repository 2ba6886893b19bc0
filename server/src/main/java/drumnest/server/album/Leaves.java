package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leaves of the albums. */
interface Leaves extends JpaRepository<LeafEntity, Long> {

  List<LeafEntity> findByAlbumIdOrderByNumber(Long albumId);

  /** Those of all albums but one. */
  List<LeafEntity> findByAlbumIdNot(Long albumId);

  Optional<LeafEntity> findByAlbumIdAndLeafKey(Long albumId, int leafKey);
}
