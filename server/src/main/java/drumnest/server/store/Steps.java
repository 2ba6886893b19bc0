package drumnest.server.store;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The history of the albums. */
public interface Steps extends JpaRepository<StepEntity, Long> {

  Optional<StepEntity> findByAlbumIdAndNumber(Long albumId, int number);

  void deleteByAlbumIdAndNumberGreaterThan(Long albumId, int number);
}
