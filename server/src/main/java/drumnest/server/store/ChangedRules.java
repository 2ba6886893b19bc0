package drumnest.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** The house rules that the maker changed. */
public interface ChangedRules extends JpaRepository<HouseRuleEntity, String> {}
