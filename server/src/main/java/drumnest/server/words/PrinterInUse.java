package drumnest.server.words;

import drumnest.core.measure.Length;
import drumnest.core.words.PrinterOffset;
import drumnest.server.stock.LengthReader;
import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import java.math.BigDecimal;
import org.springframework.stereotype.Component;

/** How the printer of the house prints, as it was measured. */
@Component
class PrinterInUse {

  private static final String RIGHT = "printer-right";
  private static final String DOWN = "printer-down";
  private static final String PERCENT = "printer-percent";

  private final Settings settings;

  PrinterInUse(Settings settings) {
    this.settings = settings;
  }

  PrinterOffset now() {
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

  /** Measured on a test print; what is left blank is as it should be. */
  void measured(WordsRequests.Printer printer) {
    LengthReader lengths = LengthReader.inUse();
    Length right = lengths.offset("right", printer.right());
    Length down = lengths.offset("down", printer.down());
    String written = printer.percent();
    BigDecimal percent =
        written == null || written.isBlank()
            ? PrinterOffset.NONE.percent()
            : WordsRequests.number("percent", written.replace("%", ""), 50, 200);
    settings.save(new SettingEntity(RIGHT, right.toExactText()));
    settings.save(new SettingEntity(DOWN, down.toExactText()));
    settings.save(new SettingEntity(PERCENT, percent.toPlainString()));
  }
}
