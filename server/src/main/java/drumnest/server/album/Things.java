package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The cards and keepsakes of the albums. */
interface Things extends JpaRepository<ThingEntity, Long> {

  List<ThingEntity> findByAlbumIdOrderByThingKey(Long albumId);

  Optional<ThingEntity> findByAlbumIdAndThingKey(Long albumId, int thingKey);
}
