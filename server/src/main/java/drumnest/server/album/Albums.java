package drumnest.server.album;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** All albums. */
interface Albums extends JpaRepository<AlbumEntity, Long> {

  /** An album to which a step is to be done: the steps of others on it wait until this one ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select album from AlbumEntity album where album.id = :id")
  Optional<AlbumEntity> findToStep(Long id);

  /** How often an album was changed by steps; nothing where there is no such album. */
  @Query("select album.version from AlbumEntity album where album.id = :id")
  Optional<Long> findVersion(Long id);

  @Query("select album.id from AlbumEntity album order by album.id")
  List<Long> findIds();

  @Query(
      "select new drumnest.server.album.AlbumName(album.id, album.title) from AlbumEntity album order by album.id")
  List<AlbumName> findNames();

  @Query("select album.stepsDone from AlbumEntity album where album.id = :id")
  Optional<Integer> findStepsDone(Long id);
}
