package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.fit.InsertFit;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CatalogueTest {

  private static final Map<String, Catalogue.Entry> ALL = Catalogue.beginning();

  private static CatalogueItem item(String key) {
    return ALL.get(key).item();
  }

  private static List<LeafType> leafTypes() {
    return ALL.values().stream()
        .map(Catalogue.Entry::item)
        .filter(LeafType.class::isInstance)
        .map(LeafType.class::cast)
        .toList();
  }

  @Test
  void pockets_of_every_pattern_fill_the_page_exactly() {
    for (LeafType type : leafTypes()) {
      PocketPattern pattern = type.pattern();
      if (pattern != null) {
        double pockets = pattern.pockets().stream().mapToDouble(pocket -> area(pocket.box())).sum();
        assertThat(pockets).as(type.name()).isEqualTo(area(Box.of(type.size())));
      }
    }
  }

  private static double area(Box box) {
    return box.w().toInches().doubleValue() * box.h().toInches().doubleValue();
  }

  @ParameterizedTest
  @CsvSource({
    "12x12-six-6x4, 6",
    "12x12-six-4x6, 6",
    "12x12-twelve-3x4, 12",
    "12x12-nine-4x4, 9",
    "12x12-sixteen-3x3, 16",
    "12x12-thirty-six-2x2, 36",
    "12x12-one-6x4-ten-3x4, 11",
    "12x12-four-6x4-four-3x4, 8",
    "10x12-three-6x4-two-4x6, 5",
    "6x12-three-6x4, 3",
    "6x12-six-3x4, 6",
    "4x12-three-4x4, 3",
    "4x12-four-4x3, 4",
    "4x12-two-4x6, 2",
    "6x8-four-3x4, 4",
    "6x8-twelve-2x2, 12"
  })
  void patterns_of_the_trade(String key, int pockets) {
    assertThat(((LeafType) item(key)).pattern().pockets()).hasSize(pockets);
  }

  @Test
  void a_wide_pocket_at_the_top_left_of_the_front_is_at_the_top_right_of_the_back() {
    PocketPattern front = ((LeafType) item(Catalogue.ONE_WIDE_TEN_SMALL)).pattern();
    assertThat(front.pockets().get(0).named()).isEqualTo(Size.ofInches(6, 4));
    PocketPattern back = front.mirrored();
    assertThat(back.pockets().get(2).named()).isEqualTo(Size.ofInches(6, 4));
    assertThat(back.pockets().get(2).box().x()).isEqualTo(Length.ofInches(6));
  }

  /** Source: ISO 216, sizes A4 and A5. */
  @ParameterizedTest
  @CsvSource({"format-a4, 210, 297", "format-a5, 148, 210"})
  void sizes_of_iso_216(String key, int w, int h) {
    CatalogueItem.AlbumFormat format = (CatalogueItem.AlbumFormat) item(key);
    assertThat(format.size()).isEqualTo(new Size(Length.ofMillimetres(w), Length.ofMillimetres(h)));
    assertThat(ALL.get(key).provenance()).isEqualTo(Provenance.PUBLISHED);
  }

  /** Source: ISO/IEC 7810, ID-1: 85.60 × 53.98 mm, 0.76 mm thick. */
  @Test
  void a_bank_card_is_id_1_and_goes_into_a_3_by_4_sleeve() {
    CatalogueItem.CardType card = (CatalogueItem.CardType) item("card-bank");
    assertThat(card.size().w().toMillimetres()).isEqualByComparingTo("85.6");
    assertThat(card.size().h().toMillimetres()).isEqualByComparingTo("53.98");
    assertThat(card.thickness().toMillimetres()).isEqualByComparingTo("0.76");
    CatalogueItem.SleeveType sleeve = (CatalogueItem.SleeveType) item("sleeve-3x4-short");
    InsertFit fit = InsertFit.of(card.size(), sleeve.insert(), true, HouseRules.defaults());
    assertThat(fit.verdict()).isNotEqualTo(InsertFit.Verdict.TOO_BIG);
    assertThat(fit.turned()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "protector-ply, 0.004",
    "pocket-card, 0.012",
    "cardstock-65, 0.010",
    "cardstock-80, 0.011",
    "cardstock-100, 0.014",
    "patterned-paper, 0.007",
    "photo-print, 0.009",
    "chipboard, 0.030",
    "foam-square, 0.060",
    "wood-shape, 0.040",
    "button-badge, 0.180",
    "enamel-dot, 0.060"
  })
  void thicknesses_of_the_trade(String key, String inches) {
    assertThat(((CatalogueItem.Material) item("material-" + key)).thickness())
        .isEqualTo(Length.parse(inches));
  }

  @Test
  void oblong_sleeves_come_hinged_on_either_edge_and_squares_on_any() {
    Map<Size, List<CatalogueItem.HingeEdge>> hinges =
        ALL.values().stream()
            .map(Catalogue.Entry::item)
            .filter(CatalogueItem.SleeveType.class::isInstance)
            .map(CatalogueItem.SleeveType.class::cast)
            .collect(
                Collectors.groupingBy(
                    CatalogueItem.SleeveType::insert,
                    Collectors.mapping(CatalogueItem.SleeveType::hinge, Collectors.toList())));
    hinges.forEach(
        (insert, edges) -> {
          if (insert.w().equals(insert.h())) {
            assertThat(edges).containsExactly(CatalogueItem.HingeEdge.ANY);
          } else {
            assertThat(edges)
                .containsExactly(CatalogueItem.HingeEdge.SHORT, CatalogueItem.HingeEdge.LONG);
          }
        });
  }

  @Test
  void a_punched_page_keeps_three_quarters_free() {
    assertThat(((LeafType) item("card-page-5x8.3-8")).keepFree()).isEqualTo(Length.parse("3/4"));
  }

  @Test
  void no_two_entries_of_a_kind_have_one_name() {
    Map<String, Long> names =
        ALL.values().stream()
            .map(entry -> entry.item().getClass().getSimpleName() + ": " + entry.item().name())
            .collect(Collectors.groupingBy(name -> name, Collectors.counting()));
    assertThat(names.values()).containsOnly(1L);
  }
}
