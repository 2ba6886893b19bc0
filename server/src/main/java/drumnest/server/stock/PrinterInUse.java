package drumnest.server.stock;

import drumnest.core.measure.Length;
import drumnest.core.words.PrinterOffset;
import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import java.math.BigDecimal;
import org.springframework.stereotype.Component;

/** How the printer of the house prints, as it was measured. */
@Component
public class PrinterInUse {

  private static final String RIGHT = "printer-right";
  private static final String DOWN = "printer-down";
  private static final String PERCENT = "printer-percent";

  private final Settings settings;

  PrinterInUse(Settings settings) {
    this.settings = settings;
  }

  public PrinterOffset now() {
    return new PrinterOffset(
        length(RIGHT),
        length(DOWN),
        settings
            .findById(PERCENT)
            .map(percent -> new BigDecimal(percent.text()))
            .orElse(PrinterOffset.NONE.percent()));
  }

  private Length length(String name) {
    return settings.findById(name).map(each -> Length.parse(each.text())).orElse(Length.ZERO);
  }

  /** As it was measured on a test print. */
  public void measured(PrinterOffset offset) {
    settings.save(new SettingEntity(RIGHT, offset.right().toExactText()));
    settings.save(new SettingEntity(DOWN, offset.down().toExactText()));
    settings.save(new SettingEntity(PERCENT, offset.percent().toPlainString()));
  }
}
