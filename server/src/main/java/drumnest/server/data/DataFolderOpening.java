package drumnest.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.support.DefaultSingletonBeanRegistry;
import org.springframework.boot.context.event.ApplicationPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/**
 * Opens the data folder before anything else does: locks it, keeps it to its owner, puts the demo
 * in where a new folder is to begin with it, and looks whether what it holds is in order. The lock
 * is let go when all else has ended, the database too.
 */
class DataFolderOpening implements ApplicationListener<ApplicationPreparedEvent> {

  /**
   * A database begins with two blocks of 4 KB that tell where all else is (source: H2, MVStore).
   */
  private static final long LEAST_OF_A_DATABASE = 8_192;

  @Override
  public void onApplicationEvent(ApplicationPreparedEvent event) {
    ConfigurableApplicationContext context = event.getApplicationContext();
    Environment environment = context.getEnvironment();
    String home = environment.getProperty("drumnest.home");
    if (home == null) {
      return;
    }
    Path folder = Path.of(home).toAbsolutePath().normalize();
    requireUsableName(folder);
    FolderLock lock = FolderLock.hold(folder);
    boolean open = false;
    try {
      prepare(folder, environment);
      requireDatabase(folder);
      // The first to be registered is the last to be let go.
      ((DefaultSingletonBeanRegistry) context.getBeanFactory())
          .registerDisposableBean("folderLock", lock::close);
      open = true;
    } finally {
      if (!open) {
        lock.close();
      }
    }
  }

  private static void prepare(Path folder, Environment environment) {
    try {
      OwnerOnly.keep(folder);
      // Not later: closing a file that the database has locked gives up its lock.
      OwnerOnly.keep(Home.database(folder));
      String demo = environment.getProperty("drumnest.ready-demo");
      if (demo != null) {
        ReadyDemo.putInto(folder, Path.of(demo));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder " + folder + " cannot be used.", e);
    }
  }

  private static void requireUsableName(Path folder) {
    if (folder.toString().indexOf(';') >= 0) {
      throw new DataFolderException(
          "The name of the data folder, "
              + folder
              + ", has a semicolon in it, which a database's"
              + " folder cannot have.",
          "Name a folder without one with --data.");
    }
  }

  private static void requireDatabase(Path folder) {
    Path database = Home.database(folder);
    long size = size(database);
    if (size > 0 && size < LEAST_OF_A_DATABASE) {
      throw new DataFolderException(
          "The database in " + folder + " is cut short. Nothing was changed.",
          Copies.wayBack(folder));
    }
    if (size == 0 && Home.hasPhotos(folder.resolve("photos"))) {
      throw new DataFolderException(
          "There are photos in "
              + folder
              + ", but the database that tells what they are for is missing or empty. Nothing was"
              + " changed.",
          Copies.wayBack(folder));
    }
  }

  private static long size(Path database) {
    try {
      return Files.exists(database) ? Files.size(database) : 0;
    } catch (IOException e) {
      return 0;
    }
  }
}
