package drumnest.server.album;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Takes away albums that were being made when the program was killed. Their photos stay. */
@Component
public class UnfinishedAlbums {

  private static final List<String> PARTS =
      List.of(
          "camera_clock", "slip", "ephemera", "leaf", "step", "opening", "filling", "line_photo");

  private final JdbcClient database;

  UnfinishedAlbums(JdbcClient database) {
    this.database = database;
  }

  /** Takes all albums away. */
  @Transactional
  public void clear() {
    for (String part : PARTS) {
      database.sql("delete from " + part).update();
    }
    database.sql("delete from album").update();
    database.sql("alter table album alter column id restart with 1").update();
  }
}
