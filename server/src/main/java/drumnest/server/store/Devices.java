package drumnest.server.store;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The paired devices. */
public interface Devices extends JpaRepository<DeviceEntity, Long> {

  Optional<DeviceEntity> findByTokenHash(String tokenHash);
}
