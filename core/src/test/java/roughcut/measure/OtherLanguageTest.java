package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.plan.Constructions;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Measurables;
import roughcut.shop.FinishBook;
import roughcut.shop.GlueBook;
import roughcut.shop.Shop;
import roughcut.whatif.FixSuggestions;

/** Whatever the plans of all constructions say is said in another language, too. */
class OtherLanguageTest {
  private static final Units READ = Units.MM.in(new Pseudo());

  /** Words that are data: what the maker or a table calls a thing. */
  private static Set<String> names(Shop shop) {
    // The longest first: one may be part of another.
    Set<String> names =
        new TreeSet<>(Comparator.comparing(String::length).reversed().thenComparing(n -> n));
    GlueBook.all().forEach(g -> names.add(g.name()));
    FinishBook.all().forEach(f -> names.add(f.name()));
    shop.boards().forEach(b -> names.add(b.id()));
    shop.boards().forEach(b -> b.marks().forEach(m -> names.add(m.words())));
    // A card may break a cutter's name over two lines.
    shop.cutters().forEach(c -> names.addAll(List.of(c.name().split(" "))));
    shop.cutters().forEach(c -> names.add(c.name()));
    shop.saws().forEach(s -> names.add(s.name()));
    shop.woods().all().forEach(w -> names.add(w.name()));
    // What a safety sheet calls a dust.
    shop.woods().all().forEach(w -> names.add(w.dust().isEmpty() ? w.name() : w.dust()));
    shop.templates().forEach(t -> names.add(t.registered()));
    return names;
  }

  @Test
  void nothingStaysInEnglish() {
    Map<String, String> left = new TreeMap<>();
    Set<String> names = names(Demo.shop());
    List<Build> builds = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    builds.addAll(Constructions.all());
    for (Build build : builds) {
      Plan plan = Plan.of(build, Demo.shop());
      Set<String> known = new TreeSet<>((SortedSet<String>) names);
      known.add(plan.name());
      Consumer<Text> check = text -> check(text, known, left);
      plan.findings().forEach(f -> check.accept(f.text()));
      plan.clearances().stream().map(Clearance::what).forEach(check);
      plan.values().values().forEach(v -> check.accept(v.label()));
      plan.values().values().stream()
          .filter(v -> v.origin() != Origin.WORKED)
          .forEach(v -> check.accept(v.how()));
      FixSuggestions.stack(plan).forEach(w -> check.accept(w.text()));
      List<Supplier<Drawing>> drawings = new ArrayList<>(AllDrawings.of(plan, READ).values());
      drawings.addAll(AllDrawings.beside(plan, READ).values());
      for (Supplier<Drawing> drawing : drawings) {
        Drawing drawn = drawing.get();
        check.accept(Text.raw(drawn.title()));
        drawn
            .marks()
            .forEach(
                m -> Optional.ofNullable(AllDrawings.words(m)).map(Text::raw).ifPresent(check));
      }
      Bench bench = Bench.of(plan, LocalDate.of(2026, 5, 4).atTime(12, 0));
      for (Bench.OperationStatus step : bench.steps()) {
        step.why().forEach(check);
        Operation op = step.operation();
        check.accept(op.title());
        check.accept(op.wrong());
        op.after().values().forEach(check);
        op.tools().forEach(check);
        op.care().forEach(check);
        op.holds()
            .forEach(
                h -> {
                  check.accept(h.what());
                  check.accept(h.how());
                  check.accept(h.reason());
                });
      }
    }
    for (Decision decision : Decisions.all()) {
      check(decision.label(), names, left);
      check(decision.hint(), names, left);
      decision.choice().ifPresent(c -> c.choices().forEach(o -> check(o.label(), names, left)));
    }
    Measurables.all().forEach(m -> check(m.label(), names, left));
    assertThat(left).isEmpty();
  }

  private static void check(Text text, Set<String> names, Map<String, String> left) {
    String said = text.in(READ);
    // A unit is written alike in every language.
    said = said.replace(Quantity.PRESSURE.sign(), "");
    for (String name : names) {
      said = said.replace(name, "");
    }
    for (String word : said.split("[^A-Za-z]+")) {
      if (word.length() > 2) {
        left.putIfAbsent(word, text.toString());
      }
    }
  }
}
