package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.desktop.session.Session;
import roughcut.drawing.OutlinePoints;
import roughcut.geometry.Chain;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.plan.Plan;
import roughcut.plan.PointOutline;
import roughcut.plan.StretchKind;

/**
 * Draws a part's outline point by point: the chosen point's place in numbers, whether the line has
 * a corner there, what it is from there on, and points added and taken out.
 */
public final class OutlineEditor extends VBox {
  private final Session session;
  private final DrawnPart part;
  private final String id;
  private final Runnable changed;
  private final Button begin;
  private final Label many = new Label();
  private final Label which = new Label();
  private final VBox editing = new VBox(6);
  private final EntryField along;
  private final EntryField across;
  private final PickField<Boolean> corner;
  private final PickField<StretchKind> kind;
  private final Label next = new Label();
  private final PickField<Integer> measure;
  private final Label apart = new Label();
  private final CheckBox curvature = new CheckBox(say("Show curvature"));
  private final Button add;
  private final Button remove;
  private final Button bass;
  private int chosen;
  private int to = -1;

  /**
   * Makes one.
   *
   * @param id what its controls are called, before “.points”, “.point.along” and so on
   * @param changed another point was chosen: the drawing has to show it
   */
  public OutlineEditor(Session session, DrawnPart part, String id, Runnable changed) {
    super(6);
    this.session = session;
    this.part = part;
    this.id = id;
    this.changed = changed;
    begin = button(".points", say("Edit point by point"));
    begin.setOnAction(
        e ->
            PointOutline.of(plan(), part)
                .ifPresent(
                    o -> make(say("drawing the outline by its points"), ".points", o::begun)));
    many.setWrapText(true);
    many.getStyleClass().add("panel-text");
    along = place(".point.along", say("Along"), Point::x, (o, to) -> o.putAlong(chosen(o), to));
    across = place(".point.across", say("Across"), Point::y, (o, to) -> o.putAcross(chosen(o), to));
    corner =
        new PickField<>(
            id + ".point.corner",
            say("At the point"),
            is -> is ? say("corner") : say("smooth"),
            is ->
                change(
                    is ? say("a corner") : say("a smooth point"),
                    c -> is ? c.cornered(chosen) : c.smoothed(chosen)));
    kind =
        new PickField<>(
            id + ".point.kind",
            say("To the next point"),
            k -> say(k.label()),
            k -> change(say("a stretch of the outline"), c -> k.in(c, chosen)));
    measure =
        new PickField<>(
            id + ".point.measure",
            say("Measure to"),
            p -> p < 0 ? say("nothing") : say("point {point}", p + 1),
            this::measured);
    apart.setWrapText(true);
    apart.getStyleClass().add("panel-text");
    ControlNames.set(apart, id + ".point.apart");
    add = button(".point.add", say("Add point"), say("adding a point"), this::added);
    remove =
        button(
            ".point.remove", say("Remove point"), say("removing a point"), c -> c.removed(chosen));
    bass = button(".point.mirror", say("Mirror the bass side"));
    bass.setOnAction(
        e ->
            outline()
                .ifPresent(
                    o -> make(say("both sides alike"), ".point", () -> o.with(o.mirrored(-1)))));
    Button fair =
        button(".point.fair", say("Even out the curve"), say("evening out the curve"), Chain::fair);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox turner =
        new HBox(6, which, space, step(".point.back", "‹", -1), step(".point.on", "›", 1));
    turner.setAlignment(Pos.CENTER_LEFT);
    which.getStyleClass().add("panel-text");
    ControlNames.set(which, id + ".point.which");
    next.getStyleClass().add("panel-text");
    editing
        .getChildren()
        .addAll(turner, along, across, corner, kind, next, new HBox(6, add, remove), fair, bass);
    editing.getChildren().addAll(measure, apart);
    ControlNames.set(curvature, id + ".curvature");
    curvature.setOnAction(e -> changed.run());
    editing.getChildren().add(curvature);
    Label how = new Label(say("Double-click the line to add a point there."));
    how.setWrapText(true);
    how.getStyleClass().add("panel-text");
    editing.getChildren().add(how);
    getChildren().addAll(begin, many, editing);
    show();
  }

  private Plan plan() {
    return session.plan().get();
  }

  private Optional<PointOutline> outline() {
    return PointOutline.drawn(plan(), part);
  }

  private EntryField place(
      String name,
      String called,
      ToDoubleFunction<Point> place,
      BiFunction<PointOutline, Double, Chain> put) {
    return new EntryField(
        id + name,
        called,
        Quantity.LENGTH,
        false,
        session,
        () ->
            outline()
                .map(o -> OptionalDouble.of(place.applyAsDouble(o.place(chosen(o)))))
                .orElse(OptionalDouble.empty()),
        to -> {
          PointOutline o = outline().orElseThrow();
          return session.edit(
              say("moving a point of the outline"),
              id + name,
              b -> b.withDesign(o.with(put.apply(o, to.orElseThrow()))));
        });
  }

  private int chosen(PointOutline outline) {
    return Math.min(chosen, outline.chain().points() - 1);
  }

  private Button button(String name, String words, String undone, UnaryOperator<Chain> change) {
    Button button = button(name, words);
    button.setOnAction(e -> change(undone, change));
    return button;
  }

  private Button button(String name, String words) {
    Button button = new Button(words);
    ControlNames.set(button, id + name);
    button.getStyleClass().add("text-button");
    button.setMinWidth(USE_PREF_SIZE);
    return button;
  }

  private Button step(String name, String words, int by) {
    Button button = new Button(words);
    ControlNames.set(button, id + name);
    button.setAccessibleText(by < 0 ? say("previous point") : say("next point"));
    button.setOnAction(
        e -> outline().ifPresent(o -> choose(Math.floorMod(chosen(o) + by, o.chain().points()))));
    return button;
  }

  private Chain added(Chain chain) {
    int stretch = Math.min(chosen, chain.segments().size() - 1);
    chosen = stretch + 1;
    return chain.added(stretch, 0.5);
  }

  private void change(String words, UnaryOperator<Chain> change) {
    outline().ifPresent(o -> make(words, ".point", () -> o.with(change.apply(o.chain()))));
  }

  private void make(String words, String merge, Supplier<Design> design) {
    session.make(words, id + merge, b -> b.withDesign(design.get()));
    session.history().settle();
    changed.run();
  }

  /**
   * Another point on the line, no further from a place of the plan.
   *
   * @return false where none can be
   */
  public boolean add(Point at, double near) {
    Optional<Chain.Place> room = outline().flatMap(o -> o.room(at, near));
    room.ifPresent(
        p -> {
          chosen = p.stretch() + 1;
          change(say("adding a point"), c -> c.added(p.stretch(), p.t()));
        });
    return room.isPresent();
  }

  /**
   * Takes the point out that is worked on.
   *
   * @return false where it can't be
   */
  public boolean remove() {
    boolean can = outline().filter(o -> o.chain().removable(chosen(o))).isPresent();
    if (can) {
      remove.fire();
    }
    return can;
  }

  /** What the drawing is to show of it. */
  public OutlinePoints.Shown shown() {
    return new OutlinePoints.Shown(chosen, to, curvature.isSelected());
  }

  private void measured(int point) {
    to = point;
    show();
    changed.run();
  }

  /** Works on another point. */
  public void choose(int point) {
    chosen = point;
    show();
    changed.run();
  }

  /** Shows the chosen point as it is now. */
  public void show() {
    boolean drawn = plan().build().design().drawn(part).isPresent();
    Optional<PointOutline> outline = outline();
    there(begin, !drawn);
    there(editing, outline.isPresent());
    there(many, drawn && outline.isEmpty());
    many.setText(
        say(
            "The outline has more than {most} points, too many to edit one by one.",
            PointOutline.MOST));
    outline.ifPresent(this::show);
  }

  private void show(PointOutline o) {
    chosen = chosen(o);
    Chain chain = o.chain();
    int last = chain.segments().size();
    which.setText(say("Point {point} of {points}", chosen + 1, chain.points()));
    along.show();
    across.show();
    along.setDisable(o.end(chosen));
    boolean end = o.end(chosen);
    there(corner, !end);
    corner.show(List.of(false, true), !chain.smooth(chosen));
    there(kind, chosen < last);
    there(next, chosen < last);
    if (chosen < last) {
      kind.show(StretchKind.of(part), StretchKind.of(chain.segments().get(chosen)));
      next.setText(
          say(
              "{length} to the next point",
              NumberWriter.text(
                  chain.segments().get(chosen).length(), Quantity.LENGTH, session.units().get())));
    }
    there(bass, o.hasSides());
    to = to < chain.points() && to != chosen ? to : -1;
    measure.show(IntStream.range(-1, chain.points()).filter(i -> i != chosen).boxed().toList(), to);
    there(apart, to >= 0);
    if (to >= 0) {
      apart.setText(o.apart(chosen, to).in(session.units().get()));
    }
    add.setDisable(chain.points() >= PointOutline.MOST);
    remove.setDisable(!chain.removable(chosen));
  }

  private static void there(Node node, boolean is) {
    node.setVisible(is);
    node.setManaged(is);
  }
}
