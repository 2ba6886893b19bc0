package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** All photo files that came in. */
public interface Photos extends JpaRepository<PhotoEntity, String> {}
