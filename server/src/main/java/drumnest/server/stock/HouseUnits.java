package drumnest.server.stock;

import drumnest.core.measure.Units;
import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The units of the house: they belong to the data, so that every window shows the same. */
@Service
public class HouseUnits {

  private static final String NAME = "units";

  private final Settings settings;
  private volatile @Nullable Units known;

  HouseUnits(Settings settings) {
    this.settings = settings;
  }

  public Units current() {
    Units units = known;
    if (units == null) {
      units =
          settings
              .findById(NAME)
              .map(setting -> Units.valueOf(setting.text()))
              .orElse(Units.SIXTY_FOURTHS);
      known = units;
    }
    return units;
  }

  public void choose(Units units) {
    settings.save(new SettingEntity(NAME, units.name()));
    known = units;
  }
}
