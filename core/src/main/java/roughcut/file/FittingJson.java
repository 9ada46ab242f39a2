package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.design.Decision;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.geometry.Point;

/**
 * What is fitted into the body, and an outline drawn elsewhere, as JSON. Every number of a fitting
 * is written out under its own key, beside the fitting's name.
 */
final class FittingJson {
  /** What the outlines are kept under of what every instrument has. */
  private static final Map<DrawnPart, String> NAMES =
      Map.of(DrawnPart.BODY, "drawnOutline", DrawnPart.HEAD, "drawnHeadstock");

  /** What a fitting's own outline is kept under, beside its name. */
  private static final String OUTLINE = "outline";

  private FittingJson() {}

  static void write(ObjectNode root, Design design) {
    ArrayNode fittings = root.putArray("fittings");
    for (Fitting fitting : design.fittings()) {
      ObjectNode node = fittings.addObject();
      node.put("name", fitting.name()).put("type", fitting.type().word());
      node.put("kind", fitting.kind());
      node.put("label", fitting.label());
      ArrayNode with = node.putArray("with");
      fitting.with().forEach(with::add);
      ObjectNode decided = node.putObject("decided");
      for (Decision decision : FittingDecisions.of(fitting)) {
        String key = decision.id().substring(fitting.id("").length());
        decision.number().ifPresent(n -> BuildJson.putNumber(decided, key, n.in(design)));
        decision
            .choice()
            .filter(c -> !key.equals("kind"))
            .ifPresent(c -> decided.put(key, c.in(design).word()));
      }
      BuildJson.putNumber(
          decided, "rout-depth", FittingDecisions.depth(design, fitting.name()).in(design));
      DrawnPart.of(fitting).ifPresent(p -> drawn(design.drawn(p), node.putObject(OUTLINE)));
    }
    // In the list's order: a file that is saved twice is the same twice.
    DrawnPart.WHOLE.forEach(p -> drawn(design.drawn(p), root.putObject(NAMES.get(p))));
  }

  private static void drawn(Optional<DrawnOutline> outline, ObjectNode node) {
    node.put("source", outline.map(DrawnOutline::source).orElse(""));
    BuildJson.putNumber(node, "open", outline.map(DrawnOutline::open).orElse(0.0));
    ArrayNode corners = node.putArray("corners");
    outline.ifPresent(o -> o.corners().forEach(p -> corners.addArray().add(p.x()).add(p.y())));
    ArrayNode curves = node.putArray("curves");
    outline.ifPresent(o -> CurveJson.write(o.curves(), curves));
  }

  /** Whether a decision is written with its fitting rather than among the plain ones. */
  static boolean owns(Design design, String id) {
    return design.fittings().stream()
        .anyMatch(f -> id.startsWith(f.id("")) || id.equals("rout." + f.name() + ".depth"));
  }

  static Design read(ObjectNode root, Design design, BuildJson reader) throws FileException {
    Design next = design;
    List<Fitting> fittings = new ArrayList<>();
    for (JsonNode node : root.path("fittings")) {
      List<String> with = new ArrayList<>();
      node.path("with").forEach(w -> with.add(w.asText()));
      fittings.add(
          new Fitting(
              FittingType.of(node.path("type").asText()),
              node.path("name").asText(),
              kind(root, node),
              with,
              node.path("label").asText("")));
    }
    next = next.withFittings(fittings);
    for (DrawnPart part : DrawnPart.WHOLE) {
      String name = NAMES.get(part);
      next = next.withDrawn(part, drawn(root.path(name), name, reader));
    }
    for (JsonNode node : root.path("fittings")) {
      Fitting fitting = next.fitting(node.path("name").asText()).orElseThrow();
      Optional<DrawnPart> part = DrawnPart.of(fitting);
      if (part.isPresent()) {
        String where = fitting.name() + ", outline";
        next = next.withDrawn(part.get(), drawn(node.path(OUTLINE), where, reader));
      }
    }
    return next;
  }

  private static Optional<DrawnOutline> drawn(JsonNode drawn, String name, BuildJson reader)
      throws FileException {
    if (drawn.path("corners").size() == 0) {
      return Optional.empty();
    }
    List<Point> corners = new ArrayList<>();
    for (JsonNode corner : drawn.path("corners")) {
      String where = name + ", corner " + (corners.size() + 1);
      corners.add(
          new Point(reader.number(corner.path(0), where), reader.number(corner.path(1), where)));
    }
    return Optional.of(
        new DrawnOutline(
            drawn.path("source").asText("a drawing"),
            corners,
            CurveJson.read(drawn.path("curves"), reader, name),
            drawn.path("open").asDouble(0)));
  }

  /** Templates were pinned on bores whose name began with “index”, before there was a kind. */
  private static String kind(ObjectNode root, JsonNode fitting) {
    String kind = fitting.path("kind").asText();
    boolean registers =
        root.path("format").asInt() < BuildJson.REGISTERS
            && kind.equals("bore")
            && fitting.path("name").asText().startsWith("index");
    return registers ? "index-bore" : kind;
  }

  /** The numbers and choices of all fittings. */
  static void decisions(
      ObjectNode root,
      Design design,
      BuildJson reader,
      Map<String, Double> numbers,
      Map<String, String> choices)
      throws FileException {
    for (JsonNode node : root.path("fittings")) {
      Fitting fitting = design.fitting(node.path("name").asText()).orElseThrow();
      for (Map.Entry<String, JsonNode> entry : node.path("decided").properties()) {
        String id =
            entry.getKey().equals("rout-depth")
                ? "rout." + fitting.name() + ".depth"
                : fitting.id(entry.getKey());
        reader.decision(design, id, entry.getValue(), numbers, choices);
      }
    }
  }
}
