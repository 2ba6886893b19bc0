package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** The maps of detail of the photos. */
public interface PhotoDetails extends JpaRepository<PhotoDetailEntity, String> {}
