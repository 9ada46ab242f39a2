package roughcut.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * A plan's chapters, each worked out once, when it is first asked for, from those before it: a fret
 * layout needs no body, and who asks for a number of the neck doesn't wait for the routs.
 */
final class Chapters {
  private final Ground ground;
  private LayoutPlan layout;
  private FretboardPlan fretboard;
  private StringPlan strings;
  private NeckPlan neck;
  private BlankPlan blanks;
  private BodyPlan body;
  private Plan plan;

  Chapters(Build build, Shop shop) {
    this.ground = new Ground(build, shop);
  }

  Build build() {
    return ground.build();
  }

  synchronized LayoutPlan layout() {
    layout = layout == null ? LayoutPlan.of(ground) : layout;
    return layout;
  }

  synchronized FretboardPlan fretboard() {
    fretboard = fretboard == null ? FretboardPlan.of(ground, layout()) : fretboard;
    return fretboard;
  }

  synchronized StringPlan strings() {
    strings = strings == null ? StringPlan.of(ground, layout(), fretboard()) : strings;
    return strings;
  }

  synchronized NeckPlan neck() {
    neck = neck == null ? NeckPlan.of(ground, layout(), fretboard(), strings()) : neck;
    return neck;
  }

  synchronized BlankPlan blanks() {
    blanks = blanks == null ? BlankPlan.of(layout(), fretboard(), neck()) : blanks;
    return blanks;
  }

  synchronized BodyPlan body() {
    body = body == null ? BodyPlan.of(layout(), fretboard(), strings(), neck(), blanks()) : body;
    return body;
  }

  /** What each chapter tells, in the order of working. */
  private Stream<Supplier<Told>> told() {
    return Stream.of(
        () -> layout().told(),
        () -> fretboard().told(),
        () -> strings().told(),
        () -> neck().told(),
        () -> blanks().told(),
        () -> body().told());
  }

  /** The number of that id; no chapter after the one that tells it is worked out. */
  Optional<Value> value(String id) {
    return told().map(chapter -> chapter.get().values().get(id)).filter(v -> v != null).findFirst();
  }

  /** All of them, in one. */
  synchronized Plan plan() {
    if (plan == null) {
      List<Told> all = told().map(Supplier::get).toList();
      plan =
          new Plan(
              ground.build(),
              ground.shop(),
              layout,
              fretboard,
              strings,
              neck,
              blanks,
              body,
              Told.union(all),
              new Drawn(ground.build(), ground.shop()));
    }
    return plan;
  }
}
