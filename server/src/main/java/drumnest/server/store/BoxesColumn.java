package drumnest.server.store;

import drumnest.core.photo.PixelBox;
import jakarta.persistence.AttributeConverter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Boxes in a picture in one column: {@code x,y,w,h}, one after the other with spaces between. */
public class BoxesColumn implements AttributeConverter<List<PixelBox>, String> {

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable List<PixelBox> boxes) {
    return boxes == null
        ? null
        : boxes.stream()
            .map(box -> box.x() + "," + box.y() + "," + box.w() + "," + box.h())
            .collect(Collectors.joining(" "));
  }

  @Override
  public @Nullable List<PixelBox> convertToEntityAttribute(@Nullable String column) {
    if (column == null) {
      return null;
    }
    return column.isEmpty()
        ? List.of()
        : Arrays.stream(column.split(" ")).map(BoxesColumn::box).toList();
  }

  private static PixelBox box(String text) {
    int[] numbers = Arrays.stream(text.split(",")).mapToInt(Integer::parseInt).toArray();
    return new PixelBox(numbers[0], numbers[1], numbers[2], numbers[3]);
  }
}
