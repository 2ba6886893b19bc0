package drumnest.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The catalogue. */
public interface CatalogueItems extends JpaRepository<CatalogueItemEntity, String> {

  List<CatalogueItemEntity> findAllByOrderByRank();

  @Query("select coalesce(max(item.rank), 0) from CatalogueItemEntity item")
  int lastRank();
}
