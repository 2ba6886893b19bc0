package drumnest.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaperWeightTest {

  /** Factors by the definition of the basis weights, as published: g/m² for each pound. */
  @ParameterizedTest
  @CsvSource({"COVER, 2.7041", "TEXT, 1.4801", "BOND, 3.7597", "INDEX, 1.8080"})
  void a_pound_is_so_many_grams_a_square_metre(PaperWeight weight, double factor) {
    assertThat(weight.gsm(1)).isCloseTo(factor, within(1e-4));
    assertThat(weight.pounds(weight.gsm(65))).isCloseTo(65, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"COVER, 80, 216.33", "TEXT, 70, 103.61", "BOND, 20, 75.19"})
  void usual_papers(PaperWeight weight, double pounds, double gsm) {
    assertThat(weight.gsm(pounds)).isCloseTo(gsm, within(0.006));
  }
}
