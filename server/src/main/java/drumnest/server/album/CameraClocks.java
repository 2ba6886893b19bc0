package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The clocks of cameras that are shifted. */
interface CameraClocks extends JpaRepository<CameraClockEntity, Long> {

  List<CameraClockEntity> findByAlbumId(Long albumId);

  List<CameraClockEntity> findByAlbumIdAndCameraIn(Long albumId, Collection<String> cameras);
}
