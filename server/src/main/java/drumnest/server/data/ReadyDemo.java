package drumnest.server.data;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;

/**
 * The data folder of a demo that was made beforehand, with which a new folder begins sooner than by
 * making its own. What was broken off while it was copied is copied again.
 */
final class ReadyDemo {

  /** Lies in a folder into which the demo is being copied. */
  private static final String COMES = "demo-comes";

  private ReadyDemo() {}

  /** Copies the demo into a folder that the caller has locked, if nothing else is in it. */
  static void putInto(Path folder, Path demo) throws IOException {
    Path comes = folder.resolve(COMES);
    if (!Files.isDirectory(demo) || (!Files.exists(comes) && !isNew(folder))) {
      return;
    }
    if (!Files.exists(comes)) {
      Files.createFile(comes);
    }
    Files.walkFileTree(
        demo,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult preVisitDirectory(Path from, BasicFileAttributes attributes)
              throws IOException {
            Path to = there(from);
            Files.createDirectories(to);
            OwnerOnly.keep(to);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult visitFile(Path from, BasicFileAttributes attributes)
              throws IOException {
            if (!from.endsWith(FolderLock.FILE)) {
              Path to = there(from);
              Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
              OwnerOnly.keep(to);
            }
            return FileVisitResult.CONTINUE;
          }

          private Path there(Path from) {
            return folder.resolve(demo.relativize(from).toString());
          }
        });
    Files.delete(comes);
  }

  private static boolean isNew(Path folder) throws IOException {
    try (var files = Files.list(folder)) {
      return files.allMatch(file -> file.endsWith(FolderLock.FILE));
    }
  }
}
