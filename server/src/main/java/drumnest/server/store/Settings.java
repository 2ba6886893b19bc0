package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** What is set for the whole house. */
public interface Settings extends JpaRepository<SettingEntity, String> {}
