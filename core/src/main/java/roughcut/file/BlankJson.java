package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import roughcut.design.BlankStep;
import roughcut.design.Design;
import roughcut.design.Placement;
import roughcut.design.SmallPart;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/** What a build says of its blanks beside the stacks: later steps, places by hand, small parts. */
final class BlankJson {
  private BlankJson() {}

  static void write(ObjectNode root, Design design) {
    ArrayNode steps = root.putArray("neckSteps");
    for (BlankStep step : design.neckSteps()) {
      ObjectNode node = steps.addObject();
      node.put("kind", step.kind().word()).put("species", step.species());
      BuildJson.putNumber(node, "thickness", step.thickness());
      BuildJson.putNumber(node, "length", step.length());
    }
    ObjectNode placements = root.putObject("placements");
    design
        .placements()
        .forEach(
            (part, placement) -> {
              ObjectNode node = placements.putObject(part);
              node.put("board", placement.board());
              BuildJson.putNumber(node, "x", placement.x());
              BuildJson.putNumber(node, "y", placement.y());
              node.put("turned", placement.turned());
            });
    ArrayNode small = root.putArray("smallParts");
    for (SmallPart part : design.smallParts()) {
      ObjectNode node = small.addObject();
      node.put("name", part.name()).put("species", part.species());
      BuildJson.putNumber(node, "length", part.length());
      BuildJson.putNumber(node, "width", part.width());
      BuildJson.putNumber(node, "thickness", part.thickness());
    }
  }

  static Design read(ObjectNode root, Design design, BuildJson reader) throws FileException {
    List<BlankStep> steps = new ArrayList<>();
    for (JsonNode node : root.path("neckSteps")) {
      String where = "neckSteps, " + (steps.size() + 1);
      steps.add(
          new BlankStep(
              kind(node.path("kind").asText(), where),
              node.path("species").asText(),
              reader.number(node.path("thickness"), where + ", thickness"),
              reader.number(node.path("length"), where + ", length")));
    }
    List<SmallPart> small = new ArrayList<>();
    for (JsonNode node : root.path("smallParts")) {
      String where = "smallParts, " + (small.size() + 1);
      small.add(
          new SmallPart(
              node.path("name").asText(),
              node.path("species").asText(),
              reader.number(node.path("length"), where + ", length"),
              reader.number(node.path("width"), where + ", width"),
              reader.number(node.path("thickness"), where + ", thickness")));
    }
    Design next = design.withNeckSteps(steps).withSmallParts(small);
    for (Map.Entry<String, JsonNode> entry : root.path("placements").properties()) {
      String where = "placements, " + entry.getKey();
      JsonNode node = entry.getValue();
      next =
          next.withPlacement(
              entry.getKey(),
              new Placement(
                  node.path("board").asText(),
                  reader.number(node.path("x"), where + ", x"),
                  reader.number(node.path("y"), where + ", y"),
                  node.path("turned").asBoolean()));
    }
    return next;
  }

  private static BlankStep.Kind kind(String word, String where) {
    for (BlankStep.Kind kind : BlankStep.Kind.values()) {
      if (kind.word().equals(word)) {
        return kind;
      }
    }
    throw new InvalidValue(
        Text.of(
            "{where}: “{kind}” is a step that this program doesn't know",
            where,
            word.toLowerCase(Locale.ROOT)));
  }
}
