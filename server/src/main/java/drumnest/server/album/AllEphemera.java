package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The cards and keepsakes of the albums. */
interface AllEphemera extends JpaRepository<EphemeraEntity, Long> {

  List<EphemeraEntity> findByAlbumIdOrderByEphemeraKey(Long albumId);

  Optional<EphemeraEntity> findByAlbumIdAndEphemeraKey(Long albumId, int ephemeraKey);
}
