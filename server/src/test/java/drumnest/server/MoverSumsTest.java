package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The calculators of movers over HTTP; what they work out is tested where it is worked out. */
class MoverSumsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static JsonNode ask(String sum, String question) {
    return SERVER.post("/api/sums/" + sum, question.replace('\'', '"')).is(200).json();
  }

  private static String text(JsonNode answer, String at) {
    return answer.at(at + "/text").stringValue();
  }

  private static List<String> texts(JsonNode list) {
    return list.valueStream().map(each -> each.get("text").stringValue()).toList();
  }

  @Test
  void flaps_say_where_they_open_to_and_what_is_in_the_way() {
    JsonNode answer =
        ask(
            "flaps",
            "{'spread':{'w':24,'h':12},'gutter':12,'flaps':["
                + "{'id':'a','x':3,'y':4,'w':4,'h':6,'hinge':'top'},"
                + "{'id':'b','x':9,'y':1,'w':3,'h':4,'hinge':'right','mount':'page','strip':'3/4'},"
                + "{'id':'c','x':3,'y':4,'w':4,'h':6,'hinge':'left','fixedTo':'a'}]}");
    JsonNode a = answer.at("/flaps/0");
    assertThat(text(a, "/open/x")).isEqualTo("3");
    assertThat(text(a, "/open/y")).isEqualTo("-2");
    assertThat(a.get("insideTurn").intValue()).isEqualTo(180);
    assertThat(text(a, "/past/top")).isEqualTo("2");
    assertThat(text(a, "/past/left")).isEqualTo("0");
    assertThat(text(a, "/strip/y")).isEqualTo("3 1/2");
    assertThat(a.get("crossesGutter").booleanValue()).isFalse();
    assertThat(a.has("slit")).isFalse();
    assertThat(a.has("carried")).isFalse();
    JsonNode b = answer.at("/flaps/1");
    assertThat(b.get("crossesGutter").booleanValue()).isTrue();
    assertThat(text(b, "/strip/x")).isEqualTo("11 1/4");
    assertThat(text(b, "/slit/from/x")).isEqualTo("12");
    assertThat(text(b, "/slit/to/y")).isEqualTo("5");
    assertThat(text(b, "/slit/hole")).isEqualTo("1/8");
    JsonNode c = answer.at("/flaps/2");
    assertThat(text(c, "/carried/y")).isEqualTo("-2");
    assertThat(text(c, "/carriedOpen/x")).isEqualTo("-1");
    assertThat(answer.get("clashes")).isEmpty();
  }

  @Test
  void a_clash_says_who_how_and_how_bad() {
    JsonNode answer =
        ask(
            "flaps",
            "{'spread':{'w':24,'h':12},'flaps':["
                + "{'id':'a','x':3,'y':4,'w':4,'h':4,'hinge':'top'},"
                + "{'id':'b','x':3,'y':1,'w':4,'h':3,'hinge':'left'}]}");
    JsonNode clash = answer.at("/clashes/0");
    assertThat(clash.get("kind").stringValue()).isEqualTo("strip-on-moving");
    assertThat(clash.get("severity").stringValue()).isEqualTo("error");
    assertThat(clash.get("a").stringValue()).isEqualTo("a");
    assertThat(answer.at("/clashes/1/kind").stringValue()).isEqualTo("covers-when-open");
    assertThat(answer.at("/clashes/1/severity").stringValue()).isEqualTo("order");
    assertThat(answer.at("/minds/0").stringValue())
        .isEqualTo("The strip of a lies on b, which never opens then");
    // A flap keeps the name that it was given.
    assertThat(answer.at("/minds/1").stringValue())
        .isEqualTo("a lies over b when it is open: close it before you open b");
    // Nothing was said of a gutter.
    assertThat(answer.at("/flaps/0/crossesGutter").booleanValue()).isFalse();
  }

  @Test
  void what_was_opened_first_is_closed_after_what_then_lies_over_its_place() {
    JsonNode answer =
        ask(
            "flaps",
            "{'spread':{'w':24,'h':12},'flaps':["
                + "{'id':'a','x':4,'y':4,'w':4,'h':4,'hinge':'left','mount':'page'},"
                + "{'id':'b','x':3,'y':4,'w':4,'h':4,'hinge':'right','mount':'page','on':'a'}]}");
    assertThat(answer.get("minds"))
        .extracting(JsonNode::stringValue)
        .contains("a lies over b when it is open: close it before you close b");
  }

  @Test
  void a_chain_and_a_waterfall() {
    JsonNode chain = ask("chain", "{'sleeve':{'w':3,'h':4},'links':3,'first':'right'}");
    assertThat(text(chain, "/reach")).isEqualTo("9");
    assertThat(chain.get("hinges").valueStream().map(JsonNode::stringValue))
        .containsExactly("right", "left", "right");
    JsonNode waterfall = ask("waterfall", "{'card':{'w':4,'h':3},'step':'3/4','count':4}");
    assertThat(text(waterfall, "/run")).isEqualTo("5 1/4");
    assertThat(texts(waterfall.get("visible"))).containsExactly("3/4", "3/4", "3/4", "3");
    assertThat(waterfall.get("warning").isNull()).isTrue();
    JsonNode steep = ask("waterfall", "{'card':{'w':4,'h':3},'step':'1/4','run':5}");
    assertThat(steep.get("count").intValue()).isEqualTo(9);
    assertThat(steep.get("warning").stringValue()).contains("less than the adhesive strip of 1/2");
  }

  @Test
  void an_accordion_of_seven_faces() {
    JsonNode answer =
        ask(
            "accordion",
            "{'photo':{'w':4,'h':6},'mat':'1/8','faces':7,'sheet':{'w':12,'h':12},'half':'right'}");
    assertThat(answer.get("panels").intValue()).isEqualTo(4);
    assertThat(answer.get("faces").intValue()).isEqualTo(7);
    assertThat(answer.get("strips").intValue()).isEqualTo(2);
    assertThat(answer.get("sheets").intValue()).isEqualTo(2);
    assertThat(text(answer, "/strip/w")).isEqualTo("12");
    assertThat(texts(answer.at("/scores/0"))).containsExactly("4 1/4", "8 1/2");
    assertThat(text(answer, "/joinTab")).isEqualTo("3 1/2");
    assertThat(text(answer, "/offcut/h")).isEqualTo("5 3/4");
    assertThat(answer.at("/besideMat/fits").booleanValue()).isTrue();
    assertThat(answer.at("/besideMat/turned").booleanValue()).isTrue();
    assertThat(answer.at("/cover/side").stringValue()).isEqualTo("D");
    assertThat(answer.get("freeEdge").stringValue()).isEqualTo("anchor-side");
    assertThat(answer.at("/reading/1/0/panel").intValue()).isEqualTo(2);
    assertThat(answer.at("/reading/1/0/side").stringValue()).isEqualTo("U");
    assertThat(answer.get("leafing").valueStream().map(JsonNode::stringValue))
        .containsExactly("1D", "2U 1U", "2D 3D", "4U 3U");
    assertThat(text(answer, "/pulledOut")).isEqualTo("17");
    assertThat(answer.at("/layers/card").intValue()).isEqualTo(5);
    assertThat(answer.at("/thickness/in").decimalValue()).isEqualByComparingTo("0.118");
    assertThat(answer.get("turnedFaces")).isEmpty();
  }

  @Test
  void a_fold_out_with_an_extension_from_its_offcut() {
    JsonNode answer =
        ask(
            "foldout",
            "{'page':{'w':5,'h':'8 3/8'},'flap':'4 1/4','sheet':{'w':12,'h':12},'taken':5}");
    assertThat(answer.get("onePiece").booleanValue()).isFalse();
    assertThat(text(answer, "/basePart")).isEqualTo("2 3/4");
    assertThat(text(answer, "/shortBy")).isEqualTo("2 1/4");
    assertThat(text(answer, "/extension/w")).isEqualTo("2 1/2");
    assertThat(answer.get("extensionFromOffcut").booleanValue()).isTrue();
    assertThat(text(answer, "/offcut/h")).isEqualTo("3 5/8");
    assertThat(answer.get("clearsBinding").booleanValue()).isTrue();
  }

  @Test
  void doors_a_pocket_and_a_tuck_spot() {
    JsonNode doors = ask("doors", "{'span':{'x':3,'y':2,'w':6,'h':4},'kind':'double'}");
    assertThat(doors.get("leaves")).hasSize(2);
    assertThat(text(doors, "/leaves/1/open/x")).isEqualTo("9");
    JsonNode up = ask("doors", "{'span':{'x':3,'y':2,'w':6,'h':4},'kind':'single','opens':'up'}");
    assertThat(up.at("/leaves/0/hinge").stringValue()).isEqualTo("top");
    assertThat(text(up, "/leaves/0/open/y")).isEqualTo("-2");
    JsonNode pocket = ask("pocket", "{'insert':{'w':3,'h':4},'pages':6,'card':'.012'}");
    assertThat(pocket.at("/flatWidth/in").decimalValue()).isEqualByComparingTo("3.197");
    JsonNode tuck =
        ask(
            "tuck",
            "{'photo':{'w':4,'h':6},'card':{'w':'3 1/2','h':4},'visible':1,"
                + "'rail':{'w':'1/4','thickness':'.004'}}");
    assertThat(tuck.get("fits").booleanValue()).isFalse();
    assertThat(text(tuck, "/trimCardTo")).isEqualTo("3 7/16");
    assertThat(text(tuck, "/stopBelowTop")).isEqualTo("3");
    assertThat(tuck.get("stopFits").booleanValue()).isTrue();
    assertThat(tuck.get("layers").intValue()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "flaps | {'spread':{'w':9,'h':9},'flaps':[]} | flaps | list",
        "flaps | {'spread':{'w':9,'h':9},'flaps':[{'id':'a','x':0,'y':0,'w':1,'h':1}]} | flaps[0].hinge | top or bottom",
        "flaps | {'spread':{'w':9,'h':9},'flaps':[{'id':'a','x':0,'y':0,'w':1,'h':1,'hinge':'up'}]} | flaps[0].hinge | left or right",
        "flaps | {'spread':{'w':9,'h':9},'flaps':[{'id':'a','x':0,'y':0,'w':1,'h':'1/4','hinge':'top','mount':'page'}]} | flaps[0].strip | 1/4",
        "flaps | {'spread':{'w':9,'h':9},'flaps':[{'id':'a','x':0,'y':0,'w':1,'h':1,'hinge':'top','on':'b'}]} | flaps[0].on | no flap",
        "flaps | {'spread':{'w':9,'h':9},'flaps':[{'id':'a','x':0,'y':0,'w':1,'h':1,'hinge':'top','on':'b'},{'id':'b','x':0,'y':0,'w':1,'h':1,'hinge':'top','fixedTo':'a'}]} | flaps[0].on | ring",
        "chain | {'sleeve':{'w':3,'h':4},'links':3} | first | left or right",
        "waterfall | {'card':{'w':4,'h':3},'step':1} | run | exactly one",
        "waterfall | {'card':{'w':4,'h':3},'step':1,'run':2} | run | 3",
        "accordion | {'photo':{'w':4,'h':6},'faces':7,'sheet':{'w':4,'h':12}} | sheet.w | 4 3/4",
        "accordion | {'photo':{'w':4,'h':6},'faces':7,'sheet':{'w':12,'h':6}} | sheet.h | 6 1/4",
        "foldout | {'page':{'w':5,'h':8},'flap':7,'sheet':{'w':12,'h':12},'taken':5} | flap | 7",
        "foldout | {'page':{'w':5,'h':13},'flap':4,'sheet':{'w':12,'h':12}} | sheet.h | 13",
        "doors | {'span':{'x':0,'y':0,'w':1,'h':1}} | kind | single or double",
        "tuck | {'photo':{'w':4,'h':6},'card':{'w':3,'h':4},'visible':5,'rail':{'w':1,'thickness':1}} | visible | 4",
        "tuck | {'photo':{'w':2,'h':6},'card':{'w':3,'h':4},'visible':1,'rail':{'w':1,'thickness':1}} | rail.w | 31/32"
      })
  void what_cannot_be_made_names_the_measure_and_the_nearest_that_works(
      String sum, String question, String field, String works) {
    JsonNode refused = SERVER.post("/api/sums/" + sum, question.replace('\'', '"')).is(400).json();
    assertThat(refused.get("field").stringValue()).isEqualTo(field);
    assertThat(refused.get("detail").stringValue()).startsWith(field + " ").contains(works);
  }
}
