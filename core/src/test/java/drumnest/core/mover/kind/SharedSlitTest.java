package drumnest.core.mover.kind;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Handbook 8.1: slits keep 1/2 from each other; a row of sleeves may share one long slit. */
class SharedSlitTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length STRIP = Length.parse("1/2");

  private static Flap sleeve(String id, String x, String y, Edge hinge, Support support) {
    Box at = Box.of(Length.parse(x), Length.parse(y), Size.ofInches(3, 4));
    return Flap.sleeve(id, at, hinge, new Attachment.ThroughSlit(STRIP), support);
  }

  private static Flap sleeve(String id, String x, String y, Edge hinge) {
    return sleeve(id, x, y, hinge, Support.PAGE);
  }

  private static SharedSlit slit(Flap flap, List<Flap> all) {
    return SharedSlit.of(flap, all, RULES).orElseThrow();
  }

  @Test
  void a_row_of_sleeves_on_one_line_goes_through_one_long_slit() {
    Flap first = sleeve("1", "1", "2", Edge.TOP);
    Flap second = sleeve("2", "4 1/8", "2", Edge.TOP);
    Flap third = sleeve("3", "7 1/4", "2", Edge.TOP);
    List<Flap> all = List.of(third, first, second);
    for (Flap each : all) {
      SharedSlit slit = slit(each, all);
      assertThat(slit.flaps()).containsExactly(first, second, third);
      assertThat(slit.line().from()).isEqualTo(Length.ofInches(1));
      assertThat(slit.line().to()).isEqualTo(Length.parse("10 1/4"));
    }
    List<Piece> pieces = Constructing.of(second, all, RULES).pieces();
    Piece film = pieces.stream().filter(each -> each.role() == Role.SLIT).findFirst().orElseThrow();
    assertThat(film.slits().get(0).length()).isEqualTo(Length.parse("9 1/4"));
    assertThat(film.size()).isEqualTo(new Size(Length.parse("10 1/4"), Length.ofInches(5)));
    assertThat(pieces.get(0).size()).isEqualTo(new Size(Length.ofInches(3), Length.parse("4 1/2")));
  }

  @Test
  void those_further_apart_or_on_another_line_have_slits_of_their_own() {
    Flap one = sleeve("1", "1", "2", Edge.TOP);
    Flap apart = sleeve("2", "4 1/2", "2", Edge.TOP);
    Flap below = sleeve("3", "1", "7", Edge.TOP);
    Flap across = sleeve("4", "4 1/8", "2", Edge.LEFT);
    Flap carried = sleeve("5", "4 1/8", "2", Edge.TOP, new Support.StuckTo("1"));
    List<Flap> all = List.of(one, apart, below, across, carried);
    for (Flap each : all) {
      assertThat(slit(each, all).flaps()).as(each.id()).containsExactly(each);
      assertThat(slit(each, all).line()).isEqualTo(each.slit());
      assertThat(slit(each, all).tooNear(all, RULES)).isEmpty();
    }
    Flap pressed =
        Flap.sleeve("6", one.closed(), Edge.TOP, new Attachment.OnProtector(STRIP), Support.PAGE);
    assertThat(SharedSlit.of(pressed, List.of(pressed), RULES)).isEmpty();
  }

  /** Foot to head, 1/4 apart: the film between the two slits would be a thread. */
  @Test
  void slits_beside_each_other_keep_their_distance() {
    Flap upper = sleeve("1", "1", "1", Edge.BOTTOM);
    Flap near = sleeve("2", "2", "5 1/4", Edge.TOP);
    Flap far = sleeve("3", "2", "5 1/2", Edge.TOP);
    assertThat(slit(upper, List.of(upper, near)).tooNear(List.of(upper, near), RULES))
        .containsExactly(near);
    assertThat(slit(near, List.of(upper, near)).tooNear(List.of(upper, near), RULES))
        .containsExactly(upper);
    assertThat(slit(upper, List.of(upper, far)).tooNear(List.of(upper, far), RULES)).isEmpty();
  }
}
