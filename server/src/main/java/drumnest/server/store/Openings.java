package drumnest.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The measured openings of the albums' pockets. */
public interface Openings extends JpaRepository<OpeningEntity, Long> {

  List<OpeningEntity> findByAlbumId(Long albumId);

  Optional<OpeningEntity> findByAlbumIdAndSlot(Long albumId, String slot);
}
