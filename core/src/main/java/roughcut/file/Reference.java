package roughcut.file;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.clearance.ClearanceKind;
import roughcut.demo.Demo;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Brief;
import roughcut.record.Build;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.shop.FittingBook;
import roughcut.shop.Woods;

/** The reference pages in docs/, written from the code so that they can't fall behind it. */
public final class Reference {
  private Reference() {}

  /** Markdown: every decision and every worked value with its id. */
  public static byte[] values() {
    StringBuilder md = new StringBuilder();
    md.append(
        "# Decisions and values\n\nWritten from the code by `./roughcut reference --to docs`; don't edit by hand.\n\n");
    md.append("## Decisions\n\nSet with `--set id=value`, saved under `decisions` in a build.\n\n");
    md.append(
        "| id | decision | default | limits | can be measured | "
            + "|\n|---|---|---|---|---|---|\n");
    Design usual = Demo.heron(LocalDate.of(2026, 1, 1)).design();
    for (Decision decision : Decisions.all()) {
      md.append(decisionRow(decision, usual));
    }
    md.append(
        "\n### Fittings in the body\n\nUnder the type and name of the fitting: "
            + "`pickup.NAME.from-saddle`. Every rout has `rout.NAME.depth` too; 0 uses the "
            + "calculated depth.\n\n| id | decision | default | limits | can be measured | "
            + "|\n|---|---|---|---|---|---|\n");
    for (FittingType type : FittingType.values()) {
      Fitting one = new Fitting(type, "name", FittingBook.of(type.word()).get(0).id());
      for (Decision decision : FittingDecisions.of(one)) {
        md.append(
            decisionRow(decision, usual.withFittings(List.of(one))).replace(".name.", ".NAME."));
      }
    }
    md.append(
        "\nParts are numbered from 1: `string.I.gauge` from the treble side, `neck.strip.I.thickness` from the bass side.\n");
    measurables(md);
    limits(md);
    operations(md);
    worked(md);
    return md.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static void measurables(StringBuilder md) {
    md.append(
        "\n### Only measured\n\nThe current state of parts; `report --measure "
            + "id=value`.\n\n| id | what | limits | |\n|---|---|---|---|\n");
    for (Measurable measurable : Measurables.all()) {
      md.append("| `")
          .append(measurable.id())
          .append("` | ")
          .append(measurable.label().in(Units.MM))
          .append(" | ")
          .append(NumberWriter.text(measurable.range().least(), measurable.quantity(), Units.MM))
          .append(" to ")
          .append(NumberWriter.text(measurable.range().most(), measurable.quantity(), Units.MM))
          .append(" | ")
          .append(measurable.hint().in(Units.MM))
          .append(" |\n");
    }
  }

  private static void limits(StringBuilder md) {
    md.append(
        "\n## Limits of clearances\n\nDefaults in mm. A shop's own limits are under "
            + "`limits` in `shop.json` by the id of the kind.\n\n| id | what | target | "
            + "minimum | page | handbook |\n|---|---|---|---|---|---|\n");
    for (ClearanceKind kind : ClearanceKind.values()) {
      md.append("| `")
          .append(kind.id())
          .append("` | ")
          .append(kind.words().in(Units.MM))
          .append(" | ")
          .append(NumberWriter.fixed(kind.limit().warn(), 1))
          .append(" | ")
          .append(
              Double.isNaN(kind.limit().fail()) ? "" : NumberWriter.fixed(kind.limit().fail(), 1))
          .append(" | ")
          .append(kind.owner().name().toLowerCase(Locale.ROOT))
          .append(kind.view().isEmpty() ? "" : ", " + kind.view().in(Units.MM))
          .append(" | ")
          .append(kind.handbook().in(Units.MM))
          .append(" |\n");
    }
  }

  private static void operations(StringBuilder md) {
    md.append(
            "\n## Operations\n\nOf the demo's six-string; `./roughcut next` lists those of a build.\n\n")
        .append("| id | operation | part |\n|---|---|---|\n");
    for (Operation op : Operations.of(Plan.of(Demo.heron(LocalDate.of(2026, 1, 1)), Demo.shop()))) {
      md.append("| `")
          .append(op.id())
          .append("` | ")
          .append(op.title().in(Units.MM))
          .append(" | ")
          .append(op.part().word())
          .append(" |\n");
    }
  }

  private static void worked(StringBuilder md) {
    md.append(
        "\n## Values\n\n`./roughcut report` lists them. K is a fret, I a string or glue line, counted from 1. ");
    md.append("Lengths are in mm, angles in degrees; formulas take angles in degrees.\n\n");
    md.append("| id | value | unit | formula |\n|---|---|---|---|\n");
    Map<String, Value> kinds = new LinkedHashMap<>();
    for (Build build : Demo.builds(LocalDate.of(2026, 1, 1))) {
      for (Value worked : Plan.of(build, Demo.shop()).values().values()) {
        kinds.putIfAbsent(general(worked.id()), worked);
      }
    }
    kinds.forEach(
        (id, worked) ->
            md.append("| `")
                .append(id)
                .append("` | ")
                .append(generalLabel(worked.label().in(Units.MM)))
                .append(" | ")
                .append(worked.quantity().unit())
                .append(" | ")
                .append(worked.how().in(Units.MM).replace("|", "\\|"))
                .append(" |\n"));
  }

  private static String decisionRow(Decision decision, Design usual) {
    return decision.fold(number -> numberRow(number, usual), choice -> choiceRow(choice, usual));
  }

  private static String numberRow(NumberDecision number, Design usual) {
    return "| `"
        + number.id()
        + "` | "
        + number.label().in(Units.MM)
        + " | "
        + shown(number, number.in(usual))
        + " | "
        + shown(number, number.least())
        + " to "
        + shown(number, number.most())
        + " | "
        + (number.measurable() ? "yes" : "")
        + " | "
        + number.hint().in(Units.MM)
        + " |\n";
  }

  private static String choiceRow(ChoiceDecision<?> choice, Design usual) {
    return "| `"
        + choice.id()
        + "` | "
        + choice.label().in(Units.MM)
        + " | `"
        + choice.in(usual).word()
        + "` | "
        + choice.choices().stream().map(c -> "`" + c.word() + "`").collect(Collectors.joining(" "))
        + " | | "
        + choice.hint().in(Units.MM)
        + " |\n";
  }

  private static String shown(NumberDecision decision, double value) {
    return NumberWriter.text(value, decision.quantity(), Units.MM);
  }

  private static String general(String id) {
    return id.replaceAll("^fret\\.\\d+", "fret.K")
        .replaceAll("\\.\\d+(?=\\.|$)", ".I")
        .replaceAll("^(web|hardware)\\.[^.]+\\.[^.]+$", "$1.A.B")
        .replaceAll(
            "^(rout|pass|template|pickup|cavity|channel|jack|strap|relief|bore|plate)\\.[a-z0-9-]+\\.",
            "$1.NAME.")
        .replaceAll("^control\\.[a-z0-9-]+\\.([a-z-]+)$", "control.NAME.$1");
  }

  private static String generalLabel(String label) {
    return label
        .replaceAll("(?i)(fret) \\d+", "$1 K")
        .replaceAll("(string|String|line|strip|Strip|Pass) \\d+", "$1 I");
  }

  /** JSON schema of a build file. */
  public static byte[] buildSchema() {
    ObjectNode root = Json.object();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("title", "Rough Cut build");
    root.put(
        "description",
        "Lengths in millimetres, angles in degrees. Unknown fields are kept on save.");
    root.put("type", "object");
    root.putArray("required").add("kind").add("format").add("name").add("strings").add("neckStack");
    ObjectNode properties = root.putObject("properties");
    properties.putObject("kind").put("const", BuildJson.KIND);
    properties
        .putObject("format")
        .put("type", "integer")
        .put("minimum", 1)
        .put("maximum", BuildJson.FORMAT);
    properties.putObject("name").put("type", "string").put("maxLength", Build.LONGEST_NAME);
    properties
        .putObject(BuildFile.SHOP)
        .put("type", "string")
        .put("description", "The folder of its shop, for a build saved elsewhere.");
    decisions(properties.putObject("decisions"));
    ObjectNode string = array(properties, "strings", "From the treble side.");
    number(string.putObject("gauge"), 0.1, 5);
    string.putObject("wound").put("type", "boolean");
    number(string.putObject("core"), 0, 5);
    number(string.putObject("pitch"), 10, 2000);
    ObjectNode fitting = array(properties, "fittings", "The fittings in the body.");
    fitting.putObject("name").put("type", "string").put("pattern", "^" + Fitting.NAME + "$");
    fitting
        .putObject("label")
        .put("type", "string")
        .put("maxLength", Fitting.LONGEST_LABEL)
        .put("description", "The maker's label for it; empty if it goes by its name.");
    ArrayNode types = fitting.putObject("type").putArray("enum");
    for (FittingType type : FittingType.values()) {
      types.add(type.word());
    }
    fitting.putObject("kind").put("type", "string");
    fitting.putObject("with").put("type", "array").putObject("items").put("type", "string");
    fitting
        .putObject("decided")
        .put("type", "object")
        .put("description", "Its numbers and choices by the last part of their ids.");
    drawn(
        fitting,
        "outline",
        "Of a cavity: a drawn outline round its place, x towards the bridge, y to the treble side; "
            + "no corners for none.");
    drawn(properties, "drawnOutline", "A drawn outline of the body; no corners for none.");
    drawn(
        properties,
        "drawnHeadstock",
        "A drawn outline of the headstock, its end towards the neck at the right; no corners "
            + "for none.");
    ObjectNode order = array(properties, "order", "Operations done earlier or later than usual.");
    order.putObject("operation").put("type", "string");
    order
        .putObject("before")
        .put("type", "string")
        .put("description", "The operation it comes right before; empty for the end.");
    ObjectNode stack =
        properties.putObject("neckStack").put("type", "object").putObject("properties");
    stack.putObject("mirrored").put("type", "boolean");
    ObjectNode strip = array(stack, "strips", "From the bass side.");
    strip.putObject("species").put("type", "string");
    number(strip.putObject("thickness"), Strip.LEAST, Strip.MOST);
    strip.putObject("grain").putArray("enum").add("to-heel").add("to-head");
    log(properties);
    brief(properties);
    return Json.bytes(root);
  }

  private static void drawn(ObjectNode properties, String name, String description) {
    ObjectNode drawn =
        properties
            .putObject(name)
            .put("type", "object")
            .put("description", description)
            .putObject("properties");
    drawn.putObject("source").put("type", "string");
    drawn.putObject("open").put("type", "number");
    drawn.putObject("corners").put("type", "array").putObject("items").put("type", "array");
    ObjectNode curves =
        array(
            drawn,
            "curves",
            "Curves that the corners lie on; without one, the outline is straight from "
                + "corner to corner.");
    curves
        .putObject("arc")
        .put("type", "array")
        .put("description", "Centre x and y, radius, from and sweep in radians, anticlockwise.");
    curves.putObject("cubic").put("type", "array").put("description", "Its four points' x and y.");
  }

  private static void choice(ObjectNode one, ChoiceDecision<?> choice) {
    boolean own = choice.own().apply(Woods.OWN + "wood").isPresent();
    ArrayNode ways = own ? one.putArray("anyOf") : null;
    ArrayNode words = (own ? ways.addObject() : one).putArray("enum");
    choice.choices().stream().map(Choice::word).forEach(words::add);
    if (own) {
      ways.addObject().put("pattern", "^" + Woods.OWN);
    }
  }

  private static void brief(ObjectNode properties) {
    ObjectNode brief =
        properties
            .putObject(BuildJson.BRIEF)
            .put("type", "object")
            .put("description", "Requirements of the build; left out if there are none.")
            .putObject("properties");
    brief.putObject("due").put("type", "string").put("format", "date");
    ObjectNode wish = array(brief, "wishes", "Requirements, in the maker's order.");
    wish.putObject("words").put("type", "string");
    ArrayNode kinds = wish.putObject("kind").putArray("enum");
    for (Brief.Kind kind : Brief.Kind.values()) {
      kinds.add(kind.name());
    }
    wish.putObject("value")
        .put("type", "string")
        .put("description", "Id of the value that it is tied to; empty for none.");
    wish.putObject("limit").put("type", "number");
    wish.putObject("held").put("type", "boolean");
    brief
        .putObject("notBefore")
        .put("type", "object")
        .put("description", "Operations that don't start before a time, by their ids.")
        .putObject("additionalProperties")
        .put("type", "string");
  }

  private static void log(ObjectNode properties) {
    ObjectNode log =
        properties
            .putObject(LogJson.FIELD)
            .put("type", "object")
            .put("description", "The history of the instrument.")
            .putObject("properties");
    ObjectNode reading = array(log, "readings", "All measurements; the latest of an id counts.");
    reading.putObject("of").put("type", "string");
    reading.putObject("at").put("type", "string");
    reading.putObject("value").put("type", "number");
    reading.putObject("stage").put("type", "string");
    reading.putObject("with").put("type", "string");
    reading.putObject("counts").put("type", "boolean");
    ObjectNode done = array(log, "done", "Operations done.");
    done.putObject("operation").put("type", "string");
    done.putObject("at").put("type", "string");
    done.putObject("minutes")
        .put("type", "integer")
        .put("minimum", 0)
        .put("maximum", LogJson.MOST_MINUTES);
    done.putObject("note").put("type", "string");
    done.putObject("cutAt")
        .put("type", "object")
        .put("description", "What was set, by the values' ids.")
        .putObject("additionalProperties")
        .put("type", "number");
    done.putObject("accepted")
        .put("type", "object")
        .put(
            "description",
            "The planned values when the part was accepted as it is, by the values' ids.")
        .putObject("additionalProperties")
        .put("type", "number");
    ObjectNode note = array(log, "notes", "The maker's own notes.");
    note.putObject("at").put("type", "string");
    note.putObject("about").put("type", "string");
    note.putObject("words").put("type", "string");
    note.putObject("picture").put("type", "string");
    ObjectNode change =
        array(log, "decided", "Decisions changed since the first measurement or operation.");
    change.putObject("at").put("type", "string");
    change
        .putObject("of")
        .put("type", "string")
        .put("description", "The id of the decision; empty if described in words.");
    change
        .putObject("was")
        .put("type", "string")
        .put("description", "What its field showed before, in mm.");
    change
        .putObject("is")
        .put("type", "string")
        .put("description", "What its field shows since, in mm, or what changed.");
    log.putObject(LogJson.FRETS)
        .put("type", "object")
        .put("description", "What was done to which fret and when, by fret and stage: 7.seated.")
        .putObject("additionalProperties")
        .put("type", "string")
        .put("format", "date");
  }

  private static void decisions(ObjectNode node) {
    ObjectNode properties = node.put("type", "object").putObject("properties");
    for (Decision decision : Decisions.all()) {
      ObjectNode one =
          properties
              .putObject(decision.id())
              .put(
                  "description",
                  decision.label().in(Units.MM) + ". " + decision.hint().in(Units.MM));
      decision.number().ifPresent(n -> number(one, n.least(), n.most()));
      decision.choice().ifPresent(c -> choice(one, c));
    }
  }

  private static ObjectNode array(ObjectNode properties, String name, String description) {
    return properties
        .putObject(name)
        .put("type", "array")
        .put("description", description)
        .putObject("items")
        .put("type", "object")
        .putObject("properties");
  }

  private static void number(ObjectNode node, double least, double most) {
    node.put("type", "number").put("minimum", least).put("maximum", most);
  }
}
