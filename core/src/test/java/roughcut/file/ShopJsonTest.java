package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.CutterKind;
import roughcut.shop.Limit;
import roughcut.shop.Planer;
import roughcut.shop.Shop;
import roughcut.shop.Template;
import roughcut.wild.RandomBuilds;

/** A shop there and back, and files that say less, other or nonsense. */
class ShopJsonTest {
  private static Shop read(String json) throws FileException {
    return ShopFile.read(
        Json.parse(json.getBytes(StandardCharsets.UTF_8), "shop.json"), "shop.json");
  }

  private static String with(String fields) {
    return "{\"kind\": \"rough-cut-shop\", \"format\": 1, " + fields + "}";
  }

  @Test
  void everyShopComesBackAsItWas() throws FileException {
    List<Shop> shops = new ArrayList<>(List.of(Demo.shop(), Shop.usual("mine")));
    for (long seed = 1; seed <= 200; seed++) {
      shops.add(RandomBuilds.wild(seed).shop());
    }
    Limit looks = new Limit(2.5, Limit.NO_STOP);
    shops.add(Demo.shop().withLimit("edge", looks));
    for (Shop shop : shops) {
      ObjectNode tree = ShopFile.tree(shop);
      assertThat(read(new String(Json.bytes(tree), StandardCharsets.UTF_8))).isEqualTo(shop);
    }
  }

  /** The words of the file as a reader of another make would look for them. */
  @Test
  void theFileSaysWhatItAlwaysSaid() {
    JsonNode tree = ShopFile.tree(Demo.shop());
    JsonNode board = tree.path("boards").path(0);
    Board first = Demo.shop().boards().get(0);
    assertThat(board.path("id").asText()).isEqualTo(first.id());
    assertThat(board.path("length").asDouble()).isEqualTo(first.length().orElseThrow());
    assertThat(List.of("flat", "rift", "quarter")).contains(board.path("grain").asText());
    Board unmeasured = Board.unknown("new", "elm");
    JsonNode bare = ShopFile.tree(Demo.shop().withBoards(List.of(unmeasured)));
    assertThat(bare.path("boards").path(0).has("length")).isFalse();
    assertThat(bare.path("boards").path(0).has("mass")).isFalse();
    JsonNode cutter = tree.path("cutters").path(0);
    Cutter one = Demo.shop().cutters().get(0);
    assertThat(cutter.path("kind").asText()).isEqualTo(one.kind().word());
    assertThat(cutter.path("condition").asText()).isIn("sharp", "fair", "dull");
    assertThat(cutter.path("stickOut").asDouble()).isEqualTo(one.stickOut());
    JsonNode looks =
        ShopFile.tree(Demo.shop().withLimit("web", new Limit(3, Limit.NO_STOP))).path("limits");
    assertThat(looks.path("web").has("fail")).as("a limit that never stops").isFalse();
    assertThat(tree.toString()).doesNotContain("NaN").doesNotContain("null");
  }

  /** A file from before a field was there is read as it was meant. */
  @Test
  void whatAFileDoesNotSayIsAsUsual() throws FileException {
    Shop shop =
        read(
            with(
                """
                "saws": [{"name": "band", "kerf": 1.2, "allowance": 0.5}],
                "boards": [{"id": "a", "marks": [{"x": 1, "y": 2, "length": 3, "width": 4}]}],
                "templates": [{"name": "body", "thickness": 12, "opening": 0}],
                "limits": {"edge": {"warn": 4}}"""));
    assertThat(shop.name()).isEqualTo("My shop");
    assertThat(shop.saws().get(0).resawAllowance()).isEqualTo(1.5);
    assertThat(shop.saws().get(0).height()).isEqualTo(100);
    assertThat(shop.planer()).isEqualTo(Planer.USUAL);
    assertThat(shop.cutters()).isEqualTo(CutterBook.all());
    Board board = shop.boards().get(0);
    assertThat(board.species()).isEqualTo("uncertain");
    assertThat(board.length()).isEmpty();
    assertThat(board.marks().get(0).kind()).isEqualTo(BoardMark.Kind.KNOT);
    assertThat(board.marks().get(0).intent()).isEqualTo(BoardMark.Intent.HIDE);
    Template template = shop.templates().get(0);
    assertThat(template.opening()).isEmpty();
    assertThat(template.treble()).isTrue();
    assertThat(template.use()).isEqualTo(Template.Use.ROUTING);
    assertThat(shop.limits().get("edge").fail()).isNaN();
    assertThat(read(with("\"cutters\": []")).cutters()).as("an empty drawer").isEmpty();
    Planer half = read(with("\"planer\": {\"width\": 250}")).planer();
    assertThat(half.width()).isEqualTo(250);
    assertThat(half.snipe()).isEqualTo(Planer.USUAL.snipe());
  }

  @Test
  void kindsAreReadInCapitalsToo() throws FileException {
    Shop shop =
        read(
            with(
                """
                "boards": [{"id": "a", "grain": "QUARTER"}],
                "cutters": [{"name": "c", "kind": "Top-Bearing", "diameter": 12.7, "cutting": 25,
                  "shank": 6.35, "bearing": 12.7, "bearingHeight": 5}]"""));
    assertThat(shop.boards().get(0).grain()).isEqualTo(Board.Grain.QUARTER);
    assertThat(shop.cutters().get(0).kind()).isEqualTo(CutterKind.TOP_BEARING);
    assertThat(shop.cutters().get(0).topSpeed()).isEqualTo(Cutter.ROUTER_SPEED);
  }

  /** Each says what is wrong and where, in words of the shop. */
  @Test
  void nonsenseIsRefusedInWordsWithItsPlace() {
    String[][] cases = {
      {"\"boards\": [{\"id\": \"a\", \"grain\": \"wavy\"}]", "“wavy” is not a word for a grain"},
      {"\"boards\": [{\"id\": \"a\"}, {\"id\": \"a\"}]", "two boards are called a"},
      {
        "\"boards\": [{\"id\": \"a\"}, {\"id\": \"b\", \"length\": \"long\"}]",
        "boards, number 2, length"
      },
      {"\"boards\": [{\"id\": \"a\", \"length\": 20000}]", "at most 10000 mm"},
      {"\"saws\": [{\"name\": \"s\"}]", "a saw needs a name, a kerf"},
      {"\"limits\": {\"edge\": {}}", "a limit's target is at or above its minimum"},
      {"\"cutters\": [{\"name\": \"c\"}]", "c needs a possible diameter"},
      {
        "\"boards\": [{\"id\": \"a\", \"marks\": [{\"x\": 3}]}]",
        "a mark needs a position and a size"
      },
      {"\"planer\": 7", "planer"},
      {"\"boards\": [7]", "boards, number 1"},
    };
    for (String[] each : cases) {
      assertThatThrownBy(() -> read(with(each[0])))
          .as(each[0])
          .isInstanceOf(FileException.class)
          .hasMessageStartingWith("shop.json: ")
          .hasMessageContaining(each[1]);
    }
  }
}
