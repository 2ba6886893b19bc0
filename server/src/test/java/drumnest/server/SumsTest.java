package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
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
            "{'photos':[{'id':'b','pixels':{'w':3000,'h':4000},'takenAt':'2021-06-14T10:00:00Z'},"
                + "{'id':'c','pixels':{'w':6000,'h':4000}},"
                + "{'id':'a','pixels':{'w':6000,'h':4000},'takenAt':'2021-06-14T11:30:00+02:00'}],"
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

  private static Stream<String> texts(JsonNode list) {
    return list.valueStream().map(length -> length.get("text").stringValue());
  }

  @Test
  void what_does_not_fit_says_by_how_much() {
    String question = "{'span':8.5,'pieces':2,'piece':5}".replace('\'', '"');
    assertThat(SERVER.post("/api/sums/row", question).is(400).json().toString())
        .contains("the pieces alone are over the span by 1 1/2");
  }

  @Test
  void row_of_three_under_a_6_in_photo() {
    JsonNode row = ask("row", "{'span':6,'pieces':3,'gap':'1/8'}");
    assertThat(row.at("/piece/in").doubleValue()).isCloseTo(1.916667, within(1e-6));
    assertThat(row.at("/piece/text").stringValue()).isEqualTo("~1 59/64");
    assertThat(row.at("/cut/text").stringValue()).isEqualTo("1 7/8");
    assertThat(row.at("/gap/text").stringValue()).isEqualTo("3/16");
    assertThat(texts(row.get("starts"))).containsExactly("0", "2 1/16", "4 1/8");
  }

  @Test
  void grid_of_nine_squares_in_the_middle_of_a_page() {
    String nine = "'columns':3,'rows':3,'cell':{'w':2.5,'h':2.5},'gap':'1/4','border':'1/4'";
    JsonNode grid = ask("grid", "{" + nine + "}");
    assertThat(grid.at("/size/w/text").stringValue()).isEqualTo("8 1/2");
    assertThat(grid.at("/cells/2/x/text").stringValue()).isEqualTo("5 3/4");
    assertThat(grid.get("fits").booleanValue()).isTrue();
    assertThat(grid.has("margins")).isFalse();
    JsonNode centred = ask("grid", "{" + nine + ",'page':{'w':12,'h':12},'at':'centre'}");
    assertThat(centred.at("/margins/left/text").stringValue()).isEqualTo("1 3/4");
    assertThat(centred.at("/cells/0/x/text").stringValue()).isEqualTo("2");
    JsonNode off = ask("grid", "{" + nine + ",'page':{'w':8,'h':12},'at':{'x':'-1/2','y':1}}");
    assertThat(off.get("fits").booleanValue()).isFalse();
    assertThat(off.at("/overBy/w/text").stringValue()).isEqualTo("1/2");
    assertThat(off.at("/overBy/h/text").stringValue()).isEqualTo("0");
  }

  @Test
  void block_of_an_upright_a_wide_and_three() {
    JsonNode block =
        ask("block", "{'upright':{'w':4,'h':6},'wide':{'w':6,'h':4},'pieces':3,'gap':'1/8'}");
    assertThat(block.at("/oblong/w/text").stringValue()).isEqualTo("~1 59/64");
    assertThat(block.at("/square/side/text").stringValue()).isEqualTo("1 7/8");
    assertThat(block.at("/square/widthLeft/text").stringValue()).isEqualTo("1/8");
    assertThat(block.at("/square/heightLeft/text").stringValue()).isEqualTo("0");
  }

  @Test
  void lines_of_a_card_and_whether_a_text_fits() {
    JsonNode lines =
        ask("lines", "{'card':{'w':3,'h':4},'text':'the ring kite needed four of us'}");
    assertThat(lines.get("lines").intValue()).isEqualTo(15);
    assertThat(lines.get("words").intValue()).isEqualTo(66);
    assertThat(lines.get("needed").intValue()).isEqualTo(2);
    assertThat(lines.get("fits").booleanValue()).isTrue();
    assertThat(ask("lines", "{'card':{'w':3,'h':4}}").has("needed")).isFalse();
  }

  @Test
  void title_that_is_too_long_by_a_quarter_and_lacks_an_e() {
    JsonNode title =
        ask(
            "title",
            "{'text':'Bee','height':1,'letters':{'B':1,'E':'1/2'},'spacing':'1/8','space':2,"
                + "'stock':{'B':1,'E':1}}");
    assertThat(title.at("/length/text").stringValue()).isEqualTo("2 1/4");
    assertThat(title.get("fits").booleanValue()).isFalse();
    assertThat(title.at("/overBy/text").stringValue()).isEqualTo("1/4");
    assertThat(texts(title.get("starts"))).containsExactly("0", "1 1/8", "1 3/4");
    assertThat(texts(title.get("fromEnd"))).containsExactly("-1/4", "7/8", "1 1/2");
    assertThat(title.at("/missing/E").intValue()).isEqualTo(1);
    JsonNode stacked =
        ask("title", "{'text':'Kite','height':1,'spacing':'1/4','space':5,'stacked':true}");
    assertThat(stacked.at("/length/text").stringValue()).isEqualTo("4 3/4");
    JsonNode spaced =
        ask("title", "{'text':'a b','height':1,'letters':{'a':1,'b':2},'spacing':0,'space':9}");
    assertThat(spaced.at("/length/text").stringValue()).isEqualTo("4 1/2");
  }

  @Test
  void paper_of_80_lb_cover() {
    JsonNode paper = ask("paper", "{'basis':'cover','pounds':80}");
    assertThat(paper.get("gsm").doubleValue()).isCloseTo(216.33, within(0.005));
    JsonNode back = ask("paper", "{'basis':'cover','gsm':" + paper.get("gsm") + "}");
    assertThat(back.get("pounds").doubleValue()).isCloseTo(80, within(1e-9));
  }

  @Test
  void visible_frame_of_a_covered_mat() {
    JsonNode visible =
        ask("visible", "{'piece':{'x':0,'y':0,'w':8,'h':10},'covers':[{'x':1,'y':1,'w':6,'h':8}]}");
    assertThat(visible.get("strips")).hasSize(4);
    assertThat(visible.get("saved").doubleValue()).isCloseTo(5.5 * 7.5 / 80, within(1e-9));
    assertThat(
            ask("visible", "{'piece':{'x':0,'y':0,'w':1,'h':1},'covers':[]}")
                .get("saved")
                .doubleValue())
        .isZero();
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
        "row | {'span':6,'pieces':3} | gap",
        "row | {'span':6,'pieces':3,'gap':1,'piece':1} | gap",
        "row | {'span':6,'pieces':0,'gap':1} | pieces",
        "row | {'span':6,'pieces':3,'gap':'-1/8'} | gap",
        "row | {'span':6,'pieces':3,'gap':3} | gap",
        "row | {'span':6,'pieces':3,'piece':'2 1/16'} | piece",
        "row | {'span':6,'pieces':3,'gap':0,'mark':0} | mark",
        "grid | {'columns':101,'rows':100,'cell':{'w':1,'h':1},'gap':0} | rows",
        "grid | {'columns':1,'rows':1,'cell':{'w':1,'h':1},'gap':0,'page':{'w':9,'h':9},'at':'left'} | at",
        "grid | {'columns':1,'rows':1,'cell':{'w':1,'h':1},'gap':0,'page':{'w':9,'h':9},'at':{'x':101,'y':0}} | at.x",
        "block | {'upright':{'w':4,'h':4},'wide':{'w':6,'h':4},'pieces':3,'gap':0} | pieces",
        "lines | {'card':{'w':3,'h':4},'pitch':0} | pitch",
        "title | {'text':'a','height':1,'spacing':0,'space':1} | letters",
        "title | {'text':'ab','height':1,'letters':{'a':1},'spacing':0,'space':1} | letters",
        "title | {'text':'a','height':1,'letters':{'ab':1},'spacing':0,'space':1} | letters.ab",
        "title | {'text':'a','height':1,'width':1,'spacing':0,'space':1,'stock':{'a':0}} | stock.a",
        "paper | {'pounds':80} | basis",
        "paper | {'basis':'card','pounds':80} | basis",
        "paper | {'basis':'cover'} | pounds",
        "paper | {'basis':'cover','pounds':0} | pounds",
        "visible | {'piece':{'x':0,'y':0,'w':0,'h':1},'covers':[]} | piece.w",
        "visible | {'piece':{'x':0,'y':0,'w':1,'h':1},'covers':[{'x':0,'y':0,'w':1}]} | covers[0].h",
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

  @Test
  void placing_in_any_order_has_a_limit_and_a_name_by_which_it_is_stopped() {
    StringBuilder photos = new StringBuilder();
    StringBuilder slots = new StringBuilder();
    for (int i = 0; i < 1_001; i++) {
      String comma = i == 0 ? "" : ",";
      photos.append(comma).append("{\"id\":\"p" + i + "\",\"pixels\":{\"w\":3,\"h\":2}}");
      slots.append(comma).append("{\"id\":\"s" + i + "\",\"w\":6,\"h\":4}");
    }
    String question = "{\"photos\":[" + photos + "],\"slots\":[" + slots + "],\"order\":";
    assertThat(
            SERVER
                .post("/api/sums/place", question + "\"free\"}")
                .is(400)
                .json()
                .get("field")
                .stringValue())
        .isEqualTo("photos");
    SERVER.post("/api/sums/place?run=mine", question + "\"story\"}").is(200);
    assertThat(SERVER.get("/api/runs/mine").is(200).json().get("progress")).isNull();
  }
}
