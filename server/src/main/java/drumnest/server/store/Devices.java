package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** The paired devices. */
public interface Devices extends JpaRepository<DeviceEntity, Long> {}
