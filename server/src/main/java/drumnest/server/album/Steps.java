package drumnest.server.album;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The history of the albums. */
interface Steps extends JpaRepository<StepEntity, Long> {

  Optional<StepEntity> findByAlbumIdAndNumber(Long albumId, int number);

  void deleteByAlbumIdAndNumberGreaterThan(Long albumId, int number);

  /** The album to which a step was done last. */
  @Query(
      "select step.albumId from StepEntity step"
          + " where step.id = (select max(last.id) from StepEntity last)")
  Optional<Long> findAlbumOfLast();

  /** The label of a step, without its changes. */
  interface Label {
    int getNumber();

    String getLabel();
  }

  @Query(
      "select step.number as number, step.label as label from StepEntity step"
          + " where step.albumId = :albumId and step.number in (:one, :other)")
  List<Label> findLabels(Long albumId, int one, int other);
}
