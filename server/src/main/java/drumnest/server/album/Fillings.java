package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The rows of what the slots of the albums hold. */
interface Fillings extends JpaRepository<FillingEntity, Long> {

  List<FillingEntity> findByAlbumId(Long albumId);

  List<FillingEntity> findByAlbumIdAndSlotIn(Long albumId, Collection<String> slots);
}
