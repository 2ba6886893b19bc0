package drumnest.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.transaction.annotation.Transactional;

/** The sums that were sent to tickets. */
public interface SavedCalculations extends JpaRepository<SavedCalculationEntity, Long> {

  List<SavedCalculationEntity> findByAlbumIdOrderByIdDesc(Long albumId);

  @Transactional
  void deleteByAlbumIdAndId(Long albumId, Long id);
}
