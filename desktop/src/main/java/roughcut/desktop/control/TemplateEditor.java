package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;
import roughcut.shop.Template;

/** The template made for one rout: its board, what it may be used for, its opening as measured. */
public final class TemplateEditor extends VBox {
  private static final List<String> MATERIALS =
      List.of("plywood", "fibreboard", "acrylic", "hardboard");
  private static final List<String> REGISTERED =
      List.of("index holes", "the centre line", "an earlier rout");

  private final Session session;
  private final PickField<String> which;
  private final VBox made = new VBox(4);
  private final PickField<String> belongs;
  private final PickField<String> material;
  private final PickField<Template.Use> use;
  private final PickField<String> registered;
  private final EntryField thickness;
  private final EntryField opening;
  private final CheckBox master = new CheckBox(say("Master template, for copying"));
  private final CheckBox treble = new CheckBox(say("Mark shows with the treble side up"));
  private final Button button = new Button();
  private final Label none = new Label(say("No template yet"));
  private final Consumer<String> look;
  private List<String> here = List.of();
  private String name = "";
  private boolean showing;

  /**
   * Makes an editor.
   *
   * @param look called with the cut whose template is looked at
   */
  public TemplateEditor(Session session, Consumer<String> look) {
    super(4);
    this.session = session;
    this.look = look;
    which = new PickField<>("template.which", say("Rout"), this::spoken, this::pick);
    belongs = new PickField<>("template.belongs", say("Made for"), this::spoken, this::belongTo);
    material =
        new PickField<>(
            "template.material",
            say("Material"),
            m -> m,
            m -> change(t -> with(t, m, t.use(), t.registered())));
    use =
        new PickField<>(
            "template.use",
            say("Used for"),
            u -> say(u.word().replace('-', ' ')),
            u -> change(t -> with(t, t.material(), u, t.registered())));
    registered =
        new PickField<>(
            "template.registered",
            say("Located by"),
            m -> m,
            m -> change(t -> with(t, t.material(), t.use(), m)));
    thickness =
        new EntryField(
            "template.own-thickness",
            say("Thickness"),
            Quantity.LENGTH,
            false,
            session,
            () ->
                template()
                    .map(t -> OptionalDouble.of(t.thickness()))
                    .orElse(OptionalDouble.empty()),
            v -> change(t -> sized(t, v.getAsDouble(), t.opening())));
    opening =
        new EntryField(
            "template.opening",
            say("Opening, measured"),
            Quantity.FINE_LENGTH,
            true,
            session,
            () ->
                template()
                    .flatMap(Template::opening)
                    .map(OptionalDouble::of)
                    .orElse(OptionalDouble.empty()),
            v ->
                change(
                    t ->
                        sized(
                            t,
                            t.thickness(),
                            v.isPresent() ? Optional.of(v.getAsDouble()) : Optional.empty())));
    for (CheckBox box : List.of(master, treble)) {
      box.getStyleClass().add("tick");
      box.setOnAction(
          e -> {
            if (!showing) {
              change(
                  t ->
                      new Template(
                          t.name(),
                          t.thickness(),
                          t.material(),
                          t.use(),
                          master.isSelected(),
                          t.opening(),
                          treble.isSelected(),
                          t.registered()));
            }
          });
    }
    ControlNames.set(master, "template.master");
    ControlNames.set(treble, "template.treble");
    none.getStyleClass().add("panel-text");
    ControlNames.set(button, "template.make");
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> turn());
    made.getChildren()
        .addAll(belongs, material, thickness, use, registered, opening, master, treble);
    getChildren().addAll(which, none, made, new HBox(button));
  }

  private String spoken(String cut) {
    return session.build().get().design().cutTitle(cut).in(session.units().get());
  }

  private static Template with(Template t, String material, Template.Use use, String registered) {
    return new Template(
        t.name(), t.thickness(), material, use, t.master(), t.opening(), t.treble(), registered);
  }

  private static Template sized(Template t, double thickness, Optional<Double> opening) {
    return new Template(
        t.name(),
        thickness,
        t.material(),
        t.use(),
        t.master(),
        opening,
        t.treble(),
        t.registered());
  }

  private Optional<Template> template() {
    return session.shop().get().template(name);
  }

  private void pick(String next) {
    name = next;
    opening.another();
    thickness.another();
    fill();
    session.plan().get().cuts().routs().stream()
        .filter(r -> r.step().name().equals(next))
        .findFirst()
        .ifPresent(r -> look.accept(r.cut().name()));
  }

  private Optional<String> change(UnaryOperator<Template> change) {
    String own = name;
    return session.editShop(
        say("template for {own}", own),
        "template." + own,
        s ->
            s.withTemplates(
                s.templates().stream()
                    .map(t -> t.name().equals(own) ? change.apply(t) : t)
                    .toList()));
  }

  private boolean bare(String rout) {
    return session.shop().get().template(rout).isEmpty();
  }

  /** The template that is looked at, for another rout. */
  private void belongTo(String rout) {
    if (!showing && !rout.equals(name)) {
      String from = name;
      name = rout;
      session.editShop(
          say("use of a template"), "template." + from, s -> s.withTemplateRenamed(from, rout));
      session.history().settle();
    }
  }

  private void turn() {
    String own = name;
    boolean is = template().isPresent();
    session.makeShop(
        is ? say("no template for {own}", own) : say("a template for {own}", own),
        "template." + own,
        s -> {
          List<Template> next = new ArrayList<>(s.templates());
          if (is) {
            next.removeIf(t -> t.name().equals(own));
          } else {
            next.add(
                new Template(
                    own,
                    12,
                    "plywood",
                    Template.Use.ROUTING,
                    false,
                    Optional.empty(),
                    true,
                    "index holes"));
          }
          return s.withTemplates(next);
        });
    session.history().settle();
    fill();
  }

  /** Shows the template of the cut that is looked at, or the one picked last. */
  public void show(Plan plan, String cut) {
    List<RoutPlan> routs = plan.cuts().routs();
    here = routs.stream().map(r -> r.step().name()).toList();
    // Templates of the shop that are for no rout of this instrument can be looked at and given one.
    List<String> names =
        Stream.concat(here.stream(), session.shop().get().templates().stream().map(Template::name))
            .distinct()
            .toList();
    boolean own =
        routs.stream().anyMatch(r -> r.cut().name().equals(cut) && r.step().name().equals(name));
    if (!own && (here.contains(name) || !names.contains(name))) {
      name =
          routs.stream()
              .filter(r -> r.cut().name().equals(cut))
              .map(r -> r.step().name())
              .findFirst()
              .orElse(here.contains(name) ? name : names.isEmpty() ? "" : names.get(0));
    }
    which.show(names, names.contains(name) ? name : null);
    fill();
  }

  private void fill() {
    showing = true;
    Optional<Template> template = template();
    none.setVisible(template.isEmpty());
    none.setManaged(template.isEmpty());
    made.setVisible(template.isPresent());
    made.setManaged(template.isPresent());
    button.setText(template.isPresent() ? say("Remove") : say("Add template"));
    template.ifPresent(
        t -> {
          belongs.show(
              Stream.concat(Stream.of(t.name()), here.stream().filter(this::bare))
                  .distinct()
                  .toList(),
              t.name());
          material.show(MATERIALS, t.material());
          use.show(List.of(Template.Use.values()), t.use());
          registered.show(REGISTERED, t.registered());
          master.setSelected(t.master());
          treble.setSelected(t.treble());
          thickness.show();
          opening.show();
        });
    showing = false;
  }
}
