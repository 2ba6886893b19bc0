package drumnest.server.frame;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.flap.Support;

/** The thing a flap is stuck to. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = FlapSupportView.OnPageView.class, name = "page"),
  @JsonSubTypes.Type(value = FlapSupportView.OnOutsideView.class, name = "outside"),
  @JsonSubTypes.Type(value = FlapSupportView.OnInsideView.class, name = "inside")
})
public sealed interface FlapSupportView {

  /** The page or its protector. */
  record OnPageView() implements FlapSupportView {}

  /** The outside of another flap, or behind an edge of it. */
  record OnOutsideView(String carrier) implements FlapSupportView {}

  /** The inside of another flap. */
  record OnInsideView(String carrier) implements FlapSupportView {}

  static FlapSupportView of(Support support, String page) {
    String carrier = support.fixedTo();
    if (carrier == null) {
      return new OnPageView();
    }
    return support.inside() ? new OnInsideView(page + carrier) : new OnOutsideView(page + carrier);
  }
}
