package drumnest.server.sums;

import drumnest.server.UnprocessableException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.store.SavedCalculationEntity;
import drumnest.server.store.SavedCalculations;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Sums sent to the ticket of an album, until they are thrown away. */
@RestController
@RequestMapping("/api/albums/{id}/calculations")
class SavedCalculationController {

  private static final int MOST = 50;
  private static final int LARGEST = 64_000;
  private static final TypeReference<Map<String, Object>> QUESTION = new TypeReference<>() {};

  private final SavedCalculations saved;
  private final OpenAlbums albums;
  private final Sums sums;
  private final JsonMapper json;

  SavedCalculationController(
      SavedCalculations saved, OpenAlbums albums, Sums sums, JsonMapper json) {
    this.saved = saved;
    this.albums = albums;
    this.sums = sums;
    this.json = json;
  }

  /** A sum on the ticket: its question is asked again whenever it is shown. */
  record SavedCalculationView(long id, String sum, Map<String, Object> question) {}

  record SavedCalculationsView(List<SavedCalculationView> calculations) {}

  @GetMapping
  SavedCalculationsView calculations(@PathVariable("id") long id) {
    return new SavedCalculationsView(
        saved.findByAlbumIdOrderByIdDesc(id).stream()
            .map(
                each ->
                    new SavedCalculationView(
                        each.id(), each.sumName(), json.readValue(each.question(), QUESTION)))
            .toList());
  }

  @PostMapping
  SavedCalculationsView send(
      @PathVariable("id") long id, @Valid @RequestBody SaveCalculation request) {
    albums.require(id);
    if (saved.findByAlbumIdOrderByIdDesc(id).size() >= MOST) {
      throw new UnprocessableException(
          "sum", "The ticket holds " + MOST + " sums; throw one away first.");
    }
    String question = json.writeValueAsString(request.question());
    if (question.length() > LARGEST) {
      throw new UnprocessableException("question", "This sum is too long for the ticket.");
    }
    // A sum that does not come out is refused here, with its own words.
    sums.answer(request.sum(), json.readTree(question));
    saved.save(new SavedCalculationEntity(id, request.sum(), question));
    return calculations(id);
  }

  @PostMapping("/{calculation}/remove")
  SavedCalculationsView remove(
      @PathVariable("id") long id, @PathVariable("calculation") long calculation) {
    saved.deleteByAlbumIdAndId(id, calculation);
    return calculations(id);
  }

  record SaveCalculation(@NotBlank String sum, @NotNull Map<String, Object> question) {}
}
