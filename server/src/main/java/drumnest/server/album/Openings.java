package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The measured openings of the albums' pockets. */
interface Openings extends JpaRepository<OpeningEntity, Long> {

  List<OpeningEntity> findByAlbumId(Long albumId);

  List<OpeningEntity> findByAlbumIdAndSlotIn(Long albumId, Collection<String> slots);
}
