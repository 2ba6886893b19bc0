package drumnest.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationPreparedEvent;
import org.springframework.context.ApplicationListener;

/**
 * Looks at the data folder before anything is opened in it: where photos are but their database is
 * missing or empty, nothing begins anew silently.
 */
class DataFolderCheck implements ApplicationListener<ApplicationPreparedEvent> {

  @Override
  public void onApplicationEvent(ApplicationPreparedEvent event) {
    String home = event.getApplicationContext().getEnvironment().getProperty("drumnest.home");
    if (home != null) {
      check(Path.of(home).toAbsolutePath().normalize());
    }
  }

  static void check(Path folder) {
    Path database = folder.resolve("drumnest.mv.db");
    if (!isThere(database) && Home.hasPhotos(folder.resolve("photos"))) {
      throw new DataFolderException(
          "There are photos in "
              + folder
              + ", but the database that tells what they are for is missing or empty. Nothing was"
              + " changed.",
          Copies.wayBack(folder));
    }
  }

  private static boolean isThere(Path database) {
    try {
      return Files.exists(database) && Files.size(database) > 0;
    } catch (IOException e) {
      return false;
    }
  }
}
