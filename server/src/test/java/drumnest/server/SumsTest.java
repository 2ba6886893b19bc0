package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class SumsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static JsonNode ask(String sum, String question) {
    return SERVER.post("/api/sums/" + sum, question.replace('\'', '"')).is(200).json();
  }

  @Test
  void fit_of_a_3_by_4_in_2_31_32() {
    JsonNode fit =
        ask("fit", "{'insert':{'w':3,'h':'4'},'opening':{'w':'2 31/32','h':'4 1/16 in'}}");
    assertThat(fit.get("verdict").stringValue()).isEqualTo("too-big");
    assertThat(fit.get("turned").booleanValue()).isFalse();
    assertThat(fit.at("/trimTo/w/text").stringValue()).isEqualTo("2 7/8");
    assertThat(fit.at("/trimTo/w/in").decimalValue()).isEqualByComparingTo("2.875");
    assertThat(fit.at("/trimTo/w/mm").decimalValue()).isEqualByComparingTo("73.025");
    assertThat(fit.at("/trimTo/h/text").stringValue()).isEqualTo("4");
    assertThat(fit.at("/play/w/text").stringValue()).isEqualTo("-1/32");
    assertThat(fit.has("backing")).isFalse();
  }

  @Test
  void fit_of_a_loose_insert_names_backing_and_reveal() {
    JsonNode fit = ask("fit", "{'insert':{'w':3,'h':3},'opening':{'w':4,'h':'4'},'mayTurn':false}");
    assertThat(fit.get("verdict").stringValue()).isEqualTo("loose");
    assertThat(fit.at("/backing/w/text").stringValue()).isEqualTo("3 15/16");
    assertThat(fit.at("/reveal/h/text").stringValue()).isEqualTo("15/32");
  }

  @Test
  void crop_of_a_4_to_3_file_as_a_wide_print() {
    JsonNode crop = ask("crop", "{'pixels':{'w':4000,'h':3000},'print':{'w':6,'h':4}}");
    assertThat(crop.get("possible").booleanValue()).isTrue();
    assertThat(crop.get("keptShare").doubleValue()).isCloseTo(8 / 9.0, within(1e-9));
    assertThat(crop.get("ppi").doubleValue()).isCloseTo(4000 / 6.0, within(1e-9));
    assertThat(crop.get("resolution").stringValue()).isEqualTo("fine");
    assertThat(crop.at("/crop/w").intValue()).isEqualTo(4000);
    assertThat(crop.at("/crop/h").intValue()).isEqualTo(2667);
  }

  @Test
  void crop_that_would_cut_the_keep_box_is_not_possible() {
    JsonNode crop =
        ask(
            "crop",
            "{'pixels':{'w':4000,'h':3000},'print':{'w':3,'h':4},"
                + "'keep':{'x':0,'y':0,'w':4000,'h':100}}");
    assertThat(crop.get("possible").booleanValue()).isFalse();
    assertThat(crop.get("crop").isNull()).isTrue();
    assertThat(crop.get("keptShare").isNull()).isTrue();
    assertThat(crop.get("resolution").isNull()).isTrue();
  }

  @Test
  void place_in_story_order_skips_a_slot_of_the_wrong_shape() {
    JsonNode answer =
        ask(
            "place",
            "{'photos':[{'id':'b','pixels':{'w':3000,'h':4000},'takenAt':'2031-06-14T10:00:00Z'},"
                + "{'id':'c','pixels':{'w':6000,'h':4000}},"
                + "{'id':'a','pixels':{'w':6000,'h':4000},'takenAt':'2031-06-14T11:30:00+02:00'}],"
                + "'slots':[{'id':'1','w':6,'h':4},{'id':'2','w':6,'h':4},{'id':'3','w':3,'h':4},"
                + "{'id':'4','w':6,'h':4}]}");
    assertThat(answer.get("placements").valueStream().map(p -> p.get("photo").stringValue()))
        .containsExactly("a", "b", "c");
    assertThat(answer.get("placements").valueStream().map(p -> p.get("slot").stringValue()))
        .containsExactly("1", "3", "4");
    assertThat(answer.at("/empty/0").stringValue()).isEqualTo("2");
    assertThat(answer.get("unplaced")).isEmpty();
    assertThat(answer.get("cost").doubleValue()).isZero();
  }

  @Test
  void place_free_leaves_out_what_does_not_fit_at_a_cost_of_two() {
    JsonNode answer =
        ask(
            "place",
            "{'order':'free','photos':[{'id':'a','pixels':{'w':6000,'h':4000},'hero':true},"
                + "{'id':'b','pixels':{'w':6000,'h':4000}}],"
                + "'slots':[{'id':'1','w':6,'h':4,'hidden':true}]}");
    assertThat(answer.at("/placements/0/photo").stringValue()).isEqualTo("b");
    assertThat(answer.at("/unplaced/0").stringValue()).isEqualTo("a");
    assertThat(answer.get("cost").doubleValue()).isEqualTo(2.0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "nothing | {} | name",
        "fit | [] | body",
        "fit | {'insert' | body",
        "fit | {} trailing | body",
        "fit | {'insert':{'w':1,'h':1},'insert':{'w':1,'h':1}} | body",
        "fit | {} | insert",
        "fit | {'insert':null} | insert",
        "fit | {'insert':{'w':3}} | insert.h",
        "fit | {'insert':{'w':'three','h':4}} | insert.w",
        "fit | {'insert':{'w':0,'h':4}} | insert.w",
        "fit | {'insert':{'w':-1,'h':4}} | insert.w",
        "fit | {'insert':{'w':100.0001,'h':4}} | insert.w",
        "fit | {'insert':{'w':1e400000,'h':4}} | insert.w",
        "fit | {'insert':{'w':1e-400000,'h':4}} | insert.w",
        "fit | {'insert':{'w':true,'h':4}} | insert.w",
        "fit | {'insert':{'w':3,'h':4,'d':1}} | insert.d",
        "fit | {'insert':{'w':3,'h':4},'opening':{'w':3,'h':4},'mayTurn':'yes'} | mayTurn",
        "fit | {'insert':{'w':3,'h':4},'opening':{'w':3,'h':4},'colour':1} | colour",
        "crop | {'pixels':{'w':0,'h':1},'print':{'w':3,'h':4}} | pixels.w",
        "crop | {'pixels':{'w':1.5,'h':1},'print':{'w':3,'h':4}} | pixels.w",
        "crop | {'pixels':{'w':1000001,'h':1},'print':{'w':3,'h':4}} | pixels.w",
        "crop | {'pixels':{'w':9,'h':9},'print':{'w':3,'h':4},'keep':{'x':5,'y':0,'w':5,'h':1}} | keep",
        "place | {'photos':[],'slots':[]} | photos",
        "place | {'photos':[{'id':'a','pixels':{'w':1,'h':1}},{'id':'a','pixels':{'w':1,'h':1}}]} | photos[1].id",
        "place | {'photos':[{'id':'a','pixels':{'w':1,'h':1},'takenAt':'noon'}]} | photos[0].takenAt",
        "place | {'photos':[{'id':'a','pixels':{'w':1,'h':1}}],'slots':[{'id':'s','w':1,'h':1}],'order':'date'} | order"
      })
  void what_is_not_accepted_is_refused_at_its_field(String sum, String question, String field) {
    RunningServer.Answer answer =
        SERVER.post("/api/sums/" + sum, question.replace('\'', '"')).is(400);
    assertThat(answer.response().headers().firstValue("Content-Type").orElseThrow())
        .startsWith("application/problem+json");
    assertThat(answer.json().get("field").stringValue()).isEqualTo(field);
    assertThat(answer.json().get("title").stringValue()).isNotBlank();
    assertThat(answer.json().get("detail").stringValue()).isNotBlank();
  }
}
