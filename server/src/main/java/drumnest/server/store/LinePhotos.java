package drumnest.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The photos on the lines of the albums. */
public interface LinePhotos extends JpaRepository<LinePhotoEntity, Long> {

  /** All photos of an album with their files, in the order they came in. */
  @Query("select l from LinePhotoEntity l join fetch l.photo where l.albumId = ?1 order by l.id")
  List<LinePhotoEntity> ofAlbum(Long albumId);

  @Query(
      "select l from LinePhotoEntity l join fetch l.photo p where l.albumId = ?1 and p.sha256 = ?2")
  Optional<LinePhotoEntity> find(Long albumId, String sha256);
}
