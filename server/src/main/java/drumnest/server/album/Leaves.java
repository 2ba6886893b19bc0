package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leaves of the albums. */
interface Leaves extends JpaRepository<LeafEntity, Long> {

  List<LeafEntity> findByAlbumIdOrderByNumber(Long albumId);

  List<LeafEntity> findByType(String type);

  Optional<LeafEntity> findByAlbumIdAndLeafKey(Long albumId, int leafKey);
}
