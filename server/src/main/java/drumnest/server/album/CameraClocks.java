package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The clocks of cameras that are shifted. */
interface CameraClocks extends JpaRepository<CameraClockEntity, Long> {

  List<CameraClockEntity> findByAlbumId(Long albumId);

  Optional<CameraClockEntity> findByAlbumIdAndCamera(Long albumId, String camera);
}
