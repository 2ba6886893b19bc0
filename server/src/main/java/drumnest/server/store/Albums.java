package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** All albums. */
public interface Albums extends JpaRepository<AlbumEntity, Long> {}
