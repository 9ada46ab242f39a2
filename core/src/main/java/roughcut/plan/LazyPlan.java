package roughcut.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import roughcut.measure.Value;
import roughcut.memo.Memo;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * A plan's chapters, each worked out once, when it is first asked for, from those before it: a fret
 * layout needs no body, and who asks for a number of the neck doesn't wait for the routs.
 */
final class LazyPlan {
  private final Build build;
  private final PlanInputs inputs;
  private final Memo memo;
  private final Supplier<AsDesignedPlan> drawn;
  private LayoutPlan layout;
  private FretboardPlan fretboard;
  private StringPlan strings;
  private NeckPlan neck;
  private PlanInputs afterNeck;
  private BlankPlan blanks;
  private BodyPlan body;
  private Plan plan;

  LazyPlan(Build build, Shop shop) {
    this(build, shop, new Memo(), () -> new AsDesignedPlan(build, shop));
  }

  /**
   * Chapters of which some may be taken as they were.
   *
   * @param memo for this plan
   * @param drawn the plan before anything was measured
   */
  LazyPlan(Build build, Shop shop, Memo memo, Supplier<AsDesignedPlan> drawn) {
    this.drawn = drawn;
    this.build = build;
    this.memo = memo;
    this.inputs = new PlanInputs(build.withDesign(build.design().asking(memo)), shop);
  }

  Build build() {
    return build;
  }

  synchronized LayoutPlan layout() {
    if (layout == null) {
      layout = memo.block("layout", List.of(), () -> LayoutPlan.of(inputs, memo));
    }
    return layout;
  }

  synchronized FretboardPlan fretboard() {
    if (fretboard == null) {
      LayoutPlan before = layout();
      fretboard =
          memo.block("fretboard", List.of(before), () -> FretboardPlan.of(inputs, before, memo));
    }
    return fretboard;
  }

  synchronized StringPlan strings() {
    if (strings == null) {
      List<Object> before = List.of(layout(), fretboard());
      strings = memo.block("strings", before, () -> StringPlan.of(inputs, layout, fretboard, memo));
    }
    return strings;
  }

  synchronized NeckPlan neck() {
    if (neck == null) {
      List<Object> before = List.of(layout(), fretboard(), strings());
      neck =
          memo.block("neck", before, () -> NeckPlan.of(inputs, layout, fretboard, strings, memo));
      memo.entries(neck.following());
      afterNeck = inputs.with(neck.following());
    }
    return neck;
  }

  synchronized BlankPlan blanks() {
    if (blanks == null) {
      List<Object> before = List.of(layout(), fretboard(), neck());
      blanks =
          memo.block(
              "blanks", before, () -> BlankPlan.of(afterNeck, layout, fretboard, neck, memo));
    }
    return blanks;
  }

  synchronized BodyPlan body() {
    if (body == null) {
      BodyPlan.From from = BodyPlan.From.of(layout(), fretboard(), strings(), neck(), blanks());
      body = memo.block("body", from.parts(), () -> BodyPlan.of(afterNeck, from, memo));
    }
    return body;
  }

  /** What each chapter tells, in the order of working. */
  private Stream<Supplier<ChapterResult>> told() {
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
      List<ChapterResult> all = told().map(Supplier::get).toList();
      plan =
          new Plan(
              build,
              inputs.shop(),
              layout,
              fretboard,
              strings,
              neck,
              blanks,
              body,
              ChapterResult.union(all),
              drawn.get());
    }
    return plan;
  }
}
