package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * Every field of every file in turn is of the wrong kind, nothing, missing, huge or next to
 * nothing: the file is read, or refused in words; what is read can be planned with.
 */
class SpoiltFieldsTest {
  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

  private static final List<JsonNode> SPOILT =
      List.of(
          JSON.nullNode(),
          JSON.textNode("x"),
          JSON.numberNode(12),
          JSON.numberNode(-1),
          JSON.numberNode(1e308),
          JSON.numberNode(1e-320),
          JSON.booleanNode(true),
          JSON.arrayNode(),
          JSON.objectNode());

  private final ObjectMapper mapper = new ObjectMapper();

  @TempDir private Path folder;

  /** A place in a tree: its parent, and the name or number in it. */
  private record Place(JsonNode parent, String name, int index) {
    void put(JsonNode value) {
      if (parent instanceof ObjectNode object) {
        object.set(name, value);
      } else {
        ((ArrayNode) parent).set(index, value);
      }
    }

    void take() {
      if (parent instanceof ObjectNode object) {
        object.remove(name);
      } else {
        ((ArrayNode) parent).remove(index);
      }
    }

    JsonNode value() {
      return parent instanceof ObjectNode ? parent.get(name) : parent.get(index);
    }

    String told() {
      return name.isEmpty() ? "number " + (index + 1) : name;
    }
  }

  private static List<Place> places(JsonNode node) {
    List<Place> all = new ArrayList<>();
    if (node instanceof ObjectNode object) {
      object
          .properties()
          .forEach(
              e -> {
                all.add(new Place(object, e.getKey(), 0));
                all.addAll(places(e.getValue()));
              });
    } else {
      // What follows is of the same kind.
      for (int i = 0; i < Math.min(2, node.size()); i++) {
        all.add(new Place(node, "", i));
        all.addAll(places(node.get(i)));
      }
    }
    return all;
  }

  private interface Opening {
    /** Opens and plans; words are asked of what it throws. */
    void open() throws IOException;
  }

  private int tried;
  private int refused;

  /** Whatever stands there: refused in words, or planned with. */
  private void tries(String what, Opening opening) {
    tried++;
    try {
      opening.open();
    } catch (FileException e) {
      refused++;
      assertThat(e.getMessage())
          .as(what)
          .isNotBlank()
          .doesNotContain("Exception")
          .doesNotContain("is null")
          .doesNotContain("java.")
          .doesNotContain("com.fasterxml");
    } catch (IOException | RuntimeException e) {
      throw new AssertionError(what + " brings " + e, e);
    }
  }

  private void everyField(Path file, int each, Opening opening) throws IOException {
    byte[] whole = Files.readAllBytes(file);
    ObjectNode tree = (ObjectNode) mapper.readTree(whole);
    Random random = new Random(19);
    for (Place place : places(tree)) {
      JsonNode was = place.value();
      for (int i = 0; i < each; i++) {
        JsonNode spoilt =
            each >= SPOILT.size() ? SPOILT.get(i) : SPOILT.get(random.nextInt(SPOILT.size()));
        place.put(spoilt);
        Files.write(file, mapper.writeValueAsBytes(tree));
        tries(place.told() + " = " + spoilt, opening);
        place.put(was);
      }
      if (place.parent() instanceof ObjectNode object) {
        List<String> order = new ArrayList<>();
        object.fieldNames().forEachRemaining(order::add);
        place.take();
        Files.write(file, mapper.writeValueAsBytes(tree));
        tries(place.told() + " missing", opening);
        place.put(was);
        assertThat(object.size()).isEqualTo(order.size());
      }
    }
    Files.write(file, whole);
  }

  @Test
  void everyFieldOfAShop() throws IOException {
    Path file = folder.resolve(ShopFile.NAME);
    ShopFile.at(file).save(Demo.shop());
    Build heron = Demo.heron(LocalDate.of(2026, 5, 20));
    everyField(file, 2, () -> Plan.of(heron, ShopFile.open(folder).shop()));
    assertThat(tried).isGreaterThan(250);
  }

  @Test
  void everyFieldOfABuild() throws IOException {
    Path file = folder.resolve("Heron.roughcut.json");
    BuildFile.at(file).save(Demo.heron(LocalDate.of(2026, 5, 20)));
    Shop shop = Demo.shop();
    everyField(file, 2, () -> Plan.of(BuildFile.open(file).build(), shop));
    assertThat(tried).isGreaterThan(500);
    assertThat(refused).isGreaterThan(50);
  }

  /** The two: the drawer a word, a board of no wood. */
  @Test
  void whatCantBeReadIsLeftAsideAndTheRestIsThere() throws IOException {
    Path file = folder.resolve(ShopFile.NAME);
    ShopFile.at(file).save(Demo.shop());
    ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
    tree.put("cutters", "x");
    ((ObjectNode) tree.path("boards").get(1)).putNull("species");
    Files.write(file, mapper.writeValueAsBytes(tree));
    ShopFile.Opened opened = ShopFile.open(folder);
    assertThat(opened.trouble().orElseThrow().toString())
        .contains("cutters")
        .contains("boards, number 2")
        .contains(ShopFile.NAME);
    assertThat(opened.shop().boards()).hasSize(Demo.shop().boards().size() - 1);
    assertThat(opened.shop().saws()).isEqualTo(Demo.shop().saws());
    assertThat(opened.shop().cutters()).as("what is usual").isNotEmpty();
    opened.file().save(opened.shop());
    assertThat(ShopFile.open(folder).trouble()).isEmpty();
    assertThat(Versions.of(file)).as("the file as it was").isNotEmpty();
  }
}
