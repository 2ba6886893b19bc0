package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** The settings for the whole house. */
public interface Settings extends JpaRepository<SettingEntity, String> {}
