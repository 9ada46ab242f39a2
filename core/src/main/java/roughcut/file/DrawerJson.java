package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.CutterKind;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/** The cutter drawer and the templates as JSON. */
final class DrawerJson {
  private DrawerJson() {}

  static void write(ObjectNode root, Shop shop) {
    ArrayNode cutters = root.putArray("cutters");
    for (Cutter c : shop.cutters()) {
      ObjectNode node = cutters.addObject();
      node.put("name", c.name()).put("kind", c.kind().word());
      BuildJson.putNumber(node, "diameter", c.diameter());
      BuildJson.putNumber(node, "cutting", c.cutting());
      BuildJson.putNumber(node, "shank", c.shank());
      BuildJson.putNumber(node, "bearing", c.bearing());
      BuildJson.putNumber(node, "bearingHeight", c.bearingHeight());
      node.put("flutes", c.flutes());
      BuildJson.putNumber(node, "stickOut", c.stickOut());
      BuildJson.putNumber(node, "topSpeed", c.topSpeed());
      BuildJson.putNumber(node, "spur", c.spur());
      node.put("condition", c.condition().word());
    }
    ArrayNode templates = root.putArray("templates");
    for (Template t : shop.templates()) {
      ObjectNode node = templates.addObject();
      node.put("name", t.name());
      BuildJson.putNumber(node, "thickness", t.thickness());
      node.put("material", t.material()).put("use", t.use().word()).put("master", t.master());
      // 0 rather than nothing, so that a measurement taken back isn't mistaken for an unknown field
      BuildJson.putNumber(node, "opening", t.opening().orElse(0.0));
      node.put("treble", t.treble()).put("registered", t.registered());
    }
  }

  /** The drawer; a file from before there was one gets the usual one. */
  static List<Cutter> cutters(JsonNode array) {
    if (array.isMissingNode()) {
      return CutterBook.all();
    }
    List<Cutter> cutters = new ArrayList<>();
    for (JsonNode node : array) {
      cutters.add(
          new Cutter(
              node.path("name").asText(),
              CutterKind.of(node.path("kind").asText()),
              node.path("diameter").asDouble(-1),
              node.path("cutting").asDouble(-1),
              node.path("shank").asDouble(-1),
              node.path("bearing").asDouble(0),
              node.path("bearingHeight").asDouble(0),
              node.path("flutes").asInt(2),
              node.path("stickOut").asDouble(50),
              node.path("topSpeed").asDouble(Cutter.ROUTER_SPEED),
              node.path("spur").asDouble(0),
              condition(node.path("condition").asText("sharp"))));
    }
    return cutters;
  }

  private static Cutter.Condition condition(String word) {
    for (Cutter.Condition condition : Cutter.Condition.values()) {
      if (condition.word().equals(word.toLowerCase(Locale.ROOT))) {
        return condition;
      }
    }
    throw new IllegalArgumentException("a cutter is sharp, fair or dull, not “" + word + "”");
  }

  static List<Template> templates(JsonNode array) {
    List<Template> templates = new ArrayList<>();
    for (JsonNode node : array) {
      double opening = node.path("opening").asDouble(0);
      templates.add(
          new Template(
              node.path("name").asText(),
              node.path("thickness").asDouble(-1),
              node.path("material").asText("plywood"),
              node.path("use").asText().equals(Template.Use.LAYOUT_ONLY.word())
                  ? Template.Use.LAYOUT_ONLY
                  : Template.Use.ROUTING,
              node.path("master").asBoolean(),
              opening > 0 ? Optional.of(opening) : Optional.empty(),
              node.path("treble").asBoolean(true),
              node.path("registered").asText("index holes")));
    }
    return templates;
  }
}
