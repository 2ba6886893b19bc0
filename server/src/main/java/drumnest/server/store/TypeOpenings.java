package drumnest.server.store;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The openings measured on kinds of leaves. */
public interface TypeOpenings extends JpaRepository<TypeOpeningEntity, Long> {

  List<TypeOpeningEntity> findByItemKeyIn(Collection<String> keys);

  Optional<TypeOpeningEntity> findByItemKeyAndFaceAndPocket(
      String itemKey, String face, int pocket);
}
