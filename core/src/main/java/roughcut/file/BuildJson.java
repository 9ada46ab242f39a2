package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.design.OrderChange;
import roughcut.design.OutlineSizes;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.design.SurfaceDecisions;
import roughcut.measure.InvalidInput;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.record.Brief;
import roughcut.record.Build;
import roughcut.shop.StringSpec;

/**
 * A build as JSON. Every plain decision is written out, so that a file says the same whatever the
 * program's usual values become.
 */
final class BuildJson {
  static final String KIND = "rough-cut-build";
  static final int FORMAT = 6;

  /** No length, angle or mass is so small. */
  private static final double NOTHING = 1e-100;

  /** From this format on readings stand in the order in which they were entered. */
  static final int ENTERED = 5;

  /** From this format on bores that templates are pinned on are of a kind, not of a name. */
  static final int REGISTERS = 6;

  /** From this format on a body is as wide across its curve as was decided. */
  private static final int ACROSS = 4;

  private static final String ORDER = "order";
  static final String BRIEF = "brief";

  /** Objects whose fields are names that the maker gave: what isn't there any more was removed. */
  static final List<String> NAMED_BY_THE_MAKER = List.of("boards", "saws", "placements");

  private final String file;

  private BuildJson(String file) {
    this.file = file;
  }

  static ObjectNode write(Build build) {
    ObjectNode root = Json.object();
    root.put("kind", KIND);
    root.put("format", FORMAT);
    root.put("name", build.name());
    ObjectNode decisions = root.putObject("decisions");
    for (Decision decision : Decisions.all()) {
      // Written down, what follows from others would stand decided when it is read again.
      decision
          .number()
          .filter(n -> !n.follows() || !n.undecided(build.design()))
          .ifPresent(n -> putNumber(decisions, n.id(), n.in(build.design())));
      decision.choice().ifPresent(c -> decisions.put(c.id(), c.in(build.design()).word()));
    }
    for (Map.Entry<String, Double> entry : build.design().numbers().entrySet()) {
      if (!decisions.has(entry.getKey()) && !FittingJson.owns(build.design(), entry.getKey())) {
        putNumber(decisions, entry.getKey(), entry.getValue());
      }
    }
    FittingJson.write(root, build.design());
    named(root, build, "boards", "board.");
    named(root, build, "saws", "saw.");
    ArrayNode strings = root.putArray("strings");
    for (StringSpec string : build.design().strings()) {
      ObjectNode node = strings.addObject();
      putNumber(node, "gauge", string.gauge());
      node.put("wound", string.wound());
      putNumber(node, "core", string.core());
      putNumber(node, "pitch", string.pitch());
    }
    writeStack(root.putObject("neckStack"), build.design().neckStack());
    BlankJson.write(root, build.design());
    writeStack(root.putObject("bodyStack"), build.design().bodyStack());
    ArrayNode order = root.putArray(ORDER);
    for (OrderChange change : build.design().order()) {
      order.addObject().put("operation", change.operation()).put("before", change.before());
    }
    LogJson.write(root.putObject(LogJson.FIELD), build.log());
    if (!build.brief().equals(Brief.NONE)) {
      root.set(BRIEF, JsonBinding.write(build.brief()));
    }
    return root;
  }

  private static void writeStack(ObjectNode node, Stack stack) {
    node.put("mirrored", stack.mirrored());
    ArrayNode strips = node.putArray("strips");
    for (Strip strip : stack.strips()) {
      ObjectNode one = strips.addObject();
      one.put("species", strip.species());
      putNumber(one, "thickness", strip.thickness());
      putNumber(one, "heelThickness", strip.heelThickness());
      putNumber(one, "bow", strip.bow());
      one.put("grain", strip.grain().name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }
  }

  /** Whole numbers below it are written without a point. */
  static final double WHOLE = 1e9;

  static void putNumber(ObjectNode node, String field, double value) {
    if (value == Math.rint(value) && Math.abs(value) < WHOLE) {
      node.put(field, (long) value);
    } else {
      node.put(field, value);
    }
  }

  /**
   * Reads a build.
   *
   * @param file what to call it in messages
   * @throws FileTrouble saying what is wrong and where in the file
   */
  static Build read(ObjectNode root, String file) throws FileException {
    return new BuildJson(file).build(root);
  }

  private Build build(ObjectNode root) throws FileException {
    if (!KIND.equals(root.path("kind").asText())) {
      throw new FileException(Text.of("{file} is not a Rough Cut build", file));
    }
    checkFormat(root.path("format"));
    Map<String, Double> numbers = new TreeMap<>();
    Map<String, String> choices = new TreeMap<>();
    Design design;
    try {
      design =
          Design.of(
              Map.of(),
              Map.of(),
              strings(root.path("strings")),
              stack(root.path("neckStack"), "neckStack"));
      if (root.has("bodyStack")) {
        design = design.withBodyStack(stack(root.path("bodyStack"), "bodyStack"));
      }
      design = design.withOrder(order(root.path(ORDER)));
      design = FittingJson.read(root, BlankJson.read(root, design, this), this);
      for (Map.Entry<String, JsonNode> entry : root.path("decisions").properties()) {
        decision(design, entry.getKey(), entry.getValue(), numbers, choices);
      }
      FittingJson.decisions(root, design, this, numbers, choices);
      for (Map.Entry<String, JsonNode> entry : root.path("boards").properties()) {
        choices.put("board." + entry.getKey(), entry.getValue().asText());
      }
      for (Map.Entry<String, JsonNode> entry : root.path("saws").properties()) {
        choices.put("saw." + entry.getKey(), entry.getValue().asText());
      }
      if (root.path("format").asInt() < ACROSS) {
        // The body may be cut already: it keeps the shape that it had.
        choices.putIfAbsent(SurfaceDecisions.OUTLINE_SIZES.id(), OutlineSizes.POINTS.word());
      }
      design = design.withNumbers(numbers).withChoices(choices);
      Brief brief =
          root.has(BRIEF) ? JsonBinding.read(root.get(BRIEF), Brief.class, file) : Brief.NONE;
      return new Build(
          root.path("name").asText(), design, new LogJson(this, design).read(root), brief);
    } catch (IllegalArgumentException e) {
      throw new FileException(Text.of("{file}: {why}", file, Refused.why(e)), e);
    }
  }

  private void checkFormat(JsonNode format) throws FileException {
    if (!format.isInt() || format.asInt() < 1) {
      throw new FileException(Text.of("{file}: format number missing", file));
    }
    if (format.asInt() > FORMAT) {
      throw new FileException(
          Text.of(
              "{file} was saved by a newer version of Rough Cut (format {format}; this version "
                  + "reads up to {newest}). Nothing was changed.",
              file,
              format.asInt(),
              FORMAT));
    }
  }

  /** Choices of something by its name: boards for parts, saws for what they cut. */
  private static void named(ObjectNode root, Build build, String field, String prefix) {
    ObjectNode names = root.putObject(field);
    build
        .design()
        .choices()
        .forEach(
            (id, word) -> {
              if (id.startsWith(prefix)) {
                names.put(id.substring(prefix.length()), word);
              }
            });
  }

  void decision(
      Design design,
      String id,
      JsonNode value,
      Map<String, Double> numbers,
      Map<String, String> choices)
      throws FileException {
    Optional<Decision> decision = Decisions.find(design, id);
    // One that isn't known is kept in the file as it is.
    Optional<NumberDecision> asNumber = decision.flatMap(Decision::number);
    if (asNumber.isPresent()) {
      NumberDecision number = asNumber.get();
      double read = number(value, "decisions, " + id);
      if (!number.allows(read)) {
        throw new FileException(
            Text.of(
                "{file}: {id} is {value}, outside {least} to {most}",
                file,
                id,
                Text.shown(read, number.quantity()),
                Text.shown(number.least(), number.quantity()),
                Text.shown(number.most(), number.quantity())));
      }
      numbers.put(id, read);
    }
    Optional<ChoiceDecision<?>> choice = decision.flatMap(Decision::choice);
    if (choice.isPresent()) {
      try {
        choices.put(id, choice.get().read(value.asText()).word());
      } catch (InvalidInput e) {
        throw new FileException(Text.of("{file}: {id}: {why}", file, id, Refused.why(e)), e);
      }
    }
  }

  double number(JsonNode node, String where) throws FileException {
    if (!node.isNumber() || !Double.isFinite(node.doubleValue())) {
      throw new FileException(
          node.isMissingNode()
              ? Text.of("{file}: {where} is missing: it must be a number", file, where)
              : node.isNull()
                  ? Text.of("{file}: {where} is empty: it must be a number", file, where)
                  : Text.of("{file}: {where} must be a number and is {value}", file, where, node));
    }
    // Next to nothing is nothing: what is divided by it would be endless.
    return Math.abs(node.doubleValue()) < NOTHING ? 0 : node.doubleValue();
  }

  private List<StringSpec> strings(JsonNode array) throws FileException {
    List<StringSpec> strings = new ArrayList<>();
    for (JsonNode node : array) {
      strings.add(
          new StringSpec(
              number(node.path("gauge"), "strings, " + (strings.size() + 1) + ", gauge"),
              node.path("wound").asBoolean(),
              node.has("core")
                  ? number(node.path("core"), "strings, " + (strings.size() + 1) + ", core")
                  : 0,
              node.has("pitch")
                  ? number(node.path("pitch"), "strings, " + (strings.size() + 1) + ", pitch")
                  : StringSpec.USUAL_PITCH));
    }
    return strings;
  }

  private static List<OrderChange> order(JsonNode array) {
    List<OrderChange> order = new ArrayList<>();
    for (JsonNode node : array) {
      order.add(new OrderChange(node.path("operation").asText(), node.path("before").asText("")));
    }
    return order;
  }

  private Stack stack(JsonNode node, String which) throws FileException {
    List<Strip> strips = new ArrayList<>();
    for (JsonNode strip : node.path("strips")) {
      String where = which + ", strip " + (strips.size() + 1);
      double thickness = number(strip.path("thickness"), where + ", thickness");
      double heel =
          strip.has("heelThickness")
              ? number(strip.path("heelThickness"), where + ", heelThickness")
              : thickness;
      double bow = strip.has("bow") ? number(strip.path("bow"), where + ", bow") : 0;
      String grain = strip.path("grain").asText("to-heel");
      strips.add(
          new Strip(
              strip.path("species").asText(),
              thickness,
              heel,
              bow,
              grain.equals("to-head") ? Strip.Grain.TO_HEAD : Strip.Grain.TO_HEEL));
    }
    return new Stack(strips, node.path("mirrored").asBoolean(true));
  }

  /** What the file is called in messages. */
  String file() {
    return file;
  }
}
