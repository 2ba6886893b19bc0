package drumnest.server.place;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import drumnest.server.frame.Views;
import drumnest.server.gather.LineViews;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The ticket of a slot: of one that holds a photo, a thing, or nothing. All have a head ({@link
 * TicketHead}); {@code headline}, the measure that matters, what to cut or print, with {@code
 * headlineMeans}, what it is, in words; and {@code todo}, what to do about it, a sentence a line,
 * with {@code why}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = TicketView.PhotoTicketView.class, name = "photo"),
  @JsonSubTypes.Type(value = TicketView.ThingTicketView.class, name = "thing"),
  @JsonSubTypes.Type(value = TicketView.EmptyTicketView.class, name = "nothing")
})
sealed interface TicketView {

  /**
   * Of a slot that holds a photo.
   *
   * @param play left out where nothing goes into anything
   * @param backing left out where none is needed, and so is what shows of it
   * @param kept how much of the picture is seen; left out where no crop can hold what must stay,
   *     and so is how sharp it is and what is cropped
   * @param keepShare left out where there is no keep box
   */
  record PhotoTicketView(
      @JsonUnwrapped TicketHead head,
      Views.SizeView headline,
      String headlineMeans,
      List<String> todo,
      String why,
      LineViews.PhotoView photo,
      Views.SeatView seat,
      TicketVerdict verdict,
      Views.@Nullable SizeView play,
      Views.@Nullable SizeView backing,
      Views.@Nullable SizeView reveal,
      @Nullable String kept,
      @Nullable String sharpness,
      Views.@Nullable PixelBoxView crop,
      Views.@Nullable ShareBoxView cropShare,
      Views.@Nullable ShareBoxView keepShare)
      implements TicketView {}

  /** Of a slot that holds a card, a title or a keepsake. */
  record ThingTicketView(
      @JsonUnwrapped TicketHead head,
      Views.SizeView headline,
      String headlineMeans,
      List<String> todo,
      String why,
      Views.EphemeraView ephemera,
      Views.LaidEphemeraView laid,
      TicketVerdict verdict,
      Views.SizeView play)
      implements TicketView {}

  /** Of a slot that holds nothing. */
  record EmptyTicketView(
      @JsonUnwrapped TicketHead head,
      Views.SizeView headline,
      String headlineMeans,
      List<String> todo,
      String why)
      implements TicketView {}
}
