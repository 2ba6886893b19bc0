package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** What the slots of the albums hold. */
interface Fillings extends JpaRepository<FillingEntity, Long> {

  List<FillingEntity> findByAlbumId(Long albumId);

  Optional<FillingEntity> findByAlbumIdAndSlot(Long albumId, String slot);

  List<FillingEntity> findByAlbumIdAndSlotIn(Long albumId, Collection<String> slots);
}
