package drumnest.core.album.ephemera;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.junit.jupiter.api.Test;

class EphemeraTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Opening POCKET = Opening.asUsual(Size.ofInches(3, 4), RULES);

  private static Ephemera keepsake(String w, String h, String thickness, boolean original) {
    return new Ephemera.Keepsake(
        1, "ticket", new Size(Length.parse(w), Length.parse(h)), Length.parse(thickness), original);
  }

  @Test
  void a_thick_coin_makes_a_pocket_bulge_and_slides_about() {
    Ephemera coin = keepsake("1", "1", "5/64", false);
    assertThat(coin.mind(POCKET, false, RULES))
        .containsExactly(Ephemera.Mind.BULGES, Ephemera.Mind.SLIDES);
    HouseRules patient = RULES.with(HouseRule.BULGES_ABOVE, Length.parse("1/8"));
    assertThat(coin.mind(POCKET, false, patient)).containsExactly(Ephemera.Mind.SLIDES);
  }

  @Test
  void an_original_is_neither_cut_nor_glued() {
    Ephemera brochure = keepsake("4", "6", "1/64", true);
    assertThat(brochure.mind(POCKET, false, RULES)).containsExactly(Ephemera.Mind.NOT_TO_BE_CUT);
    Opening mount = Opening.mount(Size.ofInches(4, 6));
    assertThat(brochure.mind(mount, false, RULES)).containsExactly(Ephemera.Mind.NOT_TO_BE_GLUED);
    assertThat(keepsake("4", "6", "1/64", false).mind(mount, false, RULES)).isEmpty();
  }

  @Test
  void a_card_lies_as_it_is_turned_and_no_other_way() {
    Ephemera card =
        new Ephemera.Card(2, "journal", Size.ofInches(4, 3), Length.parse(".012"), false, null);
    assertThat(card.fit(POCKET, false, RULES).verdict()).isEqualTo(InsertFit.Verdict.TOO_BIG);
    assertThat(card.fit(POCKET, true, RULES).verdict()).isEqualTo(InsertFit.Verdict.SNUG);
  }
}
