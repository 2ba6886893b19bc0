package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The cards and keepsakes of the albums. */
interface AllEphemera extends JpaRepository<EphemeraEntity, Long> {

  List<EphemeraEntity> findByAlbumIdOrderByEphemeraKey(Long albumId);

  List<EphemeraEntity> findByAlbumIdAndEphemeraKeyIn(Long albumId, Collection<Integer> keys);
}
