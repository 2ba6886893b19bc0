package drumnest.server.album;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

/** The photos on the lines of the albums. */
interface LinePhotos extends JpaRepository<LinePhotoEntity, Long> {

  /** All photos of an album with their files, in the order they came in. */
  @EntityGraph(attributePaths = "photo")
  List<LinePhotoEntity> findByAlbumIdOrderById(Long albumId);

  @EntityGraph(attributePaths = "photo")
  Optional<LinePhotoEntity> findByAlbumIdAndPhotoSha256(Long albumId, String sha256);

  @EntityGraph(attributePaths = "photo")
  List<LinePhotoEntity> findByAlbumIdAndPhotoSha256In(Long albumId, Collection<String> photos);

  /** The albums that have a photo on their line. */
  @Query("select distinct line.albumId from LinePhotoEntity line where line.photo.sha256 = :sha256")
  Set<Long> albumsWith(@Param("sha256") String sha256);
}
