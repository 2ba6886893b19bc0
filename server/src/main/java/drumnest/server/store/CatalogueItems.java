package drumnest.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The catalogue. */
public interface CatalogueItems extends JpaRepository<CatalogueItemEntity, String> {

  List<CatalogueItemEntity> findAllByOrderByRank();

  Optional<CatalogueItemEntity> findFirstByOrderByRankDesc();

  /** The rank of the last entry; 0 where there is none. */
  default int lastRank() {
    return findFirstByOrderByRankDesc().map(CatalogueItemEntity::rank).orElse(0);
  }
}
