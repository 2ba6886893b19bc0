package drumnest.server.store;

import drumnest.core.photo.PhotoFile;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** All photo files that came in. */
public interface Photos extends JpaRepository<PhotoEntity, String> {

  /** Photos of earlier versions, of which less was measured. */
  @Query("from PhotoEntity where meanRgb is null and format <> '" + PhotoFile.NONE + "'")
  List<PhotoEntity> unseen();
}
