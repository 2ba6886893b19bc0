package drumnest.server.store;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** All albums. */
public interface Albums extends JpaRepository<AlbumEntity, Long> {

  /** An album to which a step is to be done: the steps of others on it wait until this one ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select album from AlbumEntity album where album.id = :id")
  Optional<AlbumEntity> findToStep(Long id);
}
