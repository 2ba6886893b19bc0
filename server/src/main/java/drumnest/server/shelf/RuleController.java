package drumnest.server.shelf;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Units;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.EnumNames;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.SlotNames;
import drumnest.server.stock.HouseUnits;
import drumnest.server.stock.RuleText;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The house rules and the units: shown, changed, put back. */
@RestController
@RequestMapping("/api")
class RuleController {

  private static final int MOST_SHOWN = 40;

  private final RulesInForce rules;
  private final HouseUnits units;
  private final OpenAlbums openAlbums;

  RuleController(RulesInForce rules, HouseUnits units, OpenAlbums openAlbums) {
    this.rules = rules;
    this.units = units;
    this.openAlbums = openAlbums;
  }

  @GetMapping("/rules")
  ShelfViews.RulesView rules() {
    HouseRules inForce = rules.rules();
    return new ShelfViews.RulesView(
        Stream.of(HouseRule.values()).map(rule -> ShelfViews.rule(rule, inForce)).toList());
  }

  @PostMapping("/rules/{name}")
  ShelfViews.RulesView change(
      @PathVariable("name") String name, @Valid @RequestBody ShelfRequests.RuleValue request) {
    HouseRule rule = rule(name);
    rules.change(rule, RuleText.read(rule, request.value()));
    return rules();
  }

  @PostMapping("/rules/{name}/back")
  ShelfViews.RulesView putBack(@PathVariable("name") String name) {
    rules.putBack(rule(name));
    return rules();
  }

  /** Tells what would read otherwise in the albums with another value; nothing is changed. */
  @PostMapping("/rules/{name}/preview")
  ShelfViews.EffectView preview(
      @PathVariable("name") String name, @Valid @RequestBody ShelfRequests.RuleValue request) {
    HouseRule rule = rule(name);
    HouseRules other = rules.with(rule, RuleText.read(rule, request.value()));
    List<String> changes = new ArrayList<>();
    openAlbums.all().forEach(each -> changes.addAll(changes(each, other)));
    return new ShelfViews.EffectView(changes.size(), changes.stream().limit(MOST_SHOWN).toList());
  }

  private static List<String> changes(AlbumModel now, HouseRules other) {
    AlbumModel then = now.under(other);
    List<String> changes = new ArrayList<>();
    for (Slot slot : now.leaves().slots()) {
      String before = verdict(now, slot);
      String after = verdict(then, slot);
      if (!before.equals(after)) {
        changes.add(SlotNames.of(slot) + ": " + before + " → " + after);
      }
    }
    return changes;
  }

  /** Tells what is said of a slot, as short as it can be compared. */
  private static String verdict(AlbumModel album, Slot slot) {
    return album
        .seated(slot)
        .map(seated -> verdict(seated.measured()))
        .or(() -> album.laid(slot).map(laid -> EnumNames.of(laid.fit().verdict())))
        .orElse("");
  }

  private static String verdict(PrintInPocket seat) {
    String trim = seat.trim().isNeeded() ? ", trim to " + UnitsInUse.text(seat.trim().to()) : "";
    String backing =
        seat.fit().backing() == null ? "" : ", backing " + UnitsInUse.text(seat.fit().backing());
    String sharp = seat.crop() == null ? "" : ", " + EnumNames.of(seat.crop().resolution());
    return EnumNames.of(seat.fit().verdict()) + trim + backing + sharp;
  }

  private static HouseRule rule(String name) {
    return Stream.of(HouseRule.values())
        .filter(rule -> EnumNames.of(rule).equals(name))
        .findFirst()
        .orElseThrow(() -> new NotThereException("name", "There is no house rule “" + name + "”."));
  }

  @GetMapping("/settings")
  ShelfViews.SettingsView settings() {
    return new ShelfViews.SettingsView(EnumNames.of(units.current()));
  }

  @PostMapping("/settings/units")
  ShelfViews.SettingsView choose(@Valid @RequestBody ShelfRequests.UnitsChoice request) {
    Units choice =
        Stream.of(Units.values())
            .filter(each -> EnumNames.of(each).equals(request.units()))
            .findFirst()
            .orElseThrow(
                () ->
                    new FieldProblemException(
                        "units",
                        "Units are sixteenths, thirty-seconds, sixty-fourths or millimetres."));
    units.choose(choice);
    return settings();
  }
}
