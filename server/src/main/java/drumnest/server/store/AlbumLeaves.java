package drumnest.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leaves of the albums. */
public interface AlbumLeaves extends JpaRepository<AlbumLeafEntity, Long> {

  List<AlbumLeafEntity> findByAlbumIdOrderByNumber(Long albumId);
}
