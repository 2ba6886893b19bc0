package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The measured openings of the albums' pockets. */
interface Openings extends JpaRepository<OpeningEntity, Long> {

  List<OpeningEntity> findByAlbumId(Long albumId);

  Optional<OpeningEntity> findByAlbumIdAndSlot(Long albumId, String slot);
}
