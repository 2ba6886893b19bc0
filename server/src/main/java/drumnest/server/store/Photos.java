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

  /** Photos in which no faces were looked for yet, or of which less was measured. */
  @Query(
      "from PhotoEntity where (faces is null or not measured or miniature is null) and format <> '"
          + PhotoFile.NONE
          + "'")
  List<PhotoEntity> toLookAtAgain();

  /** Photos of which is not known where most is to be seen by this value of the house rule. */
  @Query("from PhotoEntity where busiestBy is null or busiestBy <> :by")
  List<PhotoEntity> withoutBusiestBy(int by);
}
