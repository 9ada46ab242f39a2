package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.Optional;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/**
 * The template that a step of a rout wants: its opening is the cavity for a bearing as wide as the
 * cutter; for a guide bush it is larger all round by (bush − cutter) / 2 (handbook page 6).
 *
 * @param offset that a guide bush wants all round, mm
 * @param width of the opening along the strings
 * @param length of it across
 * @param owned the one that is made already
 * @param say what is to be said of it, empty for nothing
 */
public record TemplatePlan(
    RoutStep step, double offset, Value width, Value length, Optional<Template> owned, Text say) {

  /** How far a measured opening may be off before it is said, mm. */
  private static final double WORN = 0.1;

  /** Its opening in place on the body. */
  public Outline opening() {
    return offset > 0 ? step.outline().buffer(offset) : step.outline();
  }

  private static Value found(RoutStep step, String side, double value, Provenance provenance) {
    return SearchedValue.of(
        "rout." + step.name() + "." + side,
        Text.of("Rout {side}", side),
        value,
        FINE_LENGTH,
        Text.of("found from the rout as planned"),
        provenance);
  }

  static TemplatePlan of(CutBody body, Shop shop, Cut cut, RoutStep step, double cutter) {
    Value bush = body.inputs.get(RoutDecisions.TEMPLATE_BUSH);
    double offset = bush.value() > 0 ? Math.max(0, (bush.value() - cutter) / 2) : 0;
    Bounds b = step.drawn();
    Value wide = found(step, "width", b.width(), body.provenance(cut));
    Value across = found(step, "length", b.height(), body.provenance(cut));
    Value more =
        ComputedValue.of(
            "template." + step.name() + ".offset",
            Text.of("Bush offset, (bush − cutter) / 2"),
            FINE_LENGTH,
            "max(0, (b − d) / 2)",
            in("b", bush),
            in(
                "d",
                TableValue.of(
                    "template." + step.name() + ".cutter",
                    Text.of("Cutter"),
                    cutter,
                    FINE_LENGTH,
                    Text.of("the cutter itself"))));
    Value width =
        body.registry.put(
            RoutKeys.TEMPLATE_WIDTH.id(step.name()),
            Text.of("Template {step}, opening length along the strings", Text.word(step.name())),
            FINE_LENGTH,
            "w + 2 · o",
            in("w", wide),
            in("o", more));
    Value length =
        body.registry.put(
            RoutKeys.TEMPLATE_LENGTH.id(step.name()),
            Text.of("Template {step}, opening width", Text.word(step.name())),
            LENGTH,
            "w + 2 · o",
            in("w", across),
            in("o", more));
    Optional<Template> owned = shop.template(step.name());
    return new TemplatePlan(
        step,
        offset,
        width,
        length,
        owned,
        owned.map(t -> say(t, width.value())).orElse(Text.of("to make")));
  }

  private static Text say(Template template, double wanted) {
    if (template.melts()) {
      return Text.of(
          "thin acrylic melts at a hot bearing: use it for layout only, or copy it to a "
              + "thicker board first");
    }
    if (template.master()) {
      return Text.of("a master template: copy it, and rout with the copy");
    }
    if (template.use() == Template.Use.LAYOUT_ONLY) {
      return Text.of("for layout only");
    }
    if (template.opening().isPresent() && Math.abs(template.opening().get() - wanted) > WORN) {
      double off = template.opening().get() - wanted;
      return Text.of(
          off > 0
              ? "its opening was last measured as {name}, planned {wanted}: the rout comes out "
                  + "{size} wider. Walls, cover and fit follow that"
              : "its opening was last measured as {name}, planned {wanted}: the rout comes out "
                  + "{size} narrower: ease it by hand, or correct the template",
          Text.length(template.opening().get(), 2),
          Text.length(wanted, 2),
          Text.length(Math.abs(off), 2));
    }
    return Text.NONE;
  }
}
