package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Sentences of any shape, against the same put together word for word. */
class TextProperties {
  private static final Units[] UNITS = {Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64};

  /** A sentence as it is made, and as it is expected to be read. */
  private record Made(Text text, List<String> words, List<Object> args, List<Double> numbers) {
    String read(Units units) {
      StringBuilder said = new StringBuilder(words.get(0));
      for (int i = 0; i < args.size(); i++) {
        said.append(said(args.get(i), units)).append(words.get(i + 1));
      }
      return said.toString();
    }
  }

  private static String said(Object arg, Units units) {
    if (arg instanceof Made made) {
      return made.read(units);
    }
    return arg instanceof Text.Length length
        ? length(length.number(), length.decimals(), units)
        : arg.toString();
  }

  /**
   * By the formatter of the language, not by ours; the lengths below need no rounding of halves.
   */
  private static String length(double mm, int decimals, Units units) {
    String number =
        units.metric()
            ? String.format(java.util.Locale.ROOT, "%." + decimals + "f", mm)
            : String.format(java.util.Locale.ROOT, "%.3f", mm / 25.4);
    return number + (units.metric() ? " mm" : " in");
  }

  private static Made made(Random random, int depth) {
    int holes = random.nextInt(5);
    List<String> words = new ArrayList<>();
    List<Object> args = new ArrayList<>();
    List<Double> numbers = new ArrayList<>();
    StringBuilder template = new StringBuilder();
    for (int i = 0; i <= holes; i++) {
      String word =
          List.of("", " under ", "the ", ", ", "} then ", "100 % ").get(random.nextInt(6));
      words.add(word);
      template.append(word);
      if (i < holes) {
        template.append("{h").append(i).append('}');
        args.add(arg(random, depth, numbers));
      }
    }
    Object[] given =
        args.stream().map(a -> a instanceof Made made ? made.text() : a).toArray(Object[]::new);
    return new Made(Text.of(template.toString(), given), words, args, numbers);
  }

  private static Object arg(Random random, int depth, List<Double> numbers) {
    switch (random.nextInt(depth > 2 ? 3 : 4)) {
      case 0 -> {
        double mm = random.nextInt(40000) / 40.0 + 0.003;
        numbers.add(mm);
        return Text.length(mm, random.nextInt(3));
      }
      case 1 -> {
        int count = random.nextInt(2000);
        numbers.add((double) count);
        return count;
      }
      case 2 -> {
        return List.of("maple-1", "{h0}", "offcut 30 mm", "", "Süd", "$1", "{")
            .get(random.nextInt(7));
      }
      default -> {
        Made made = made(random, depth + 1);
        numbers.addAll(made.numbers());
        return made;
      }
    }
  }

  @Property(tries = 2000)
  void aSentenceReadsAsItWasPutTogether(@ForAll long seed) {
    Made made = made(new Random(seed), 0);
    for (Units units : UNITS) {
      assertThat(made.text().in(units)).isEqualTo(made.read(units));
    }
    assertThat(made.text().numbers()).isEqualTo(made.numbers());
    assertThat(made.text().alike(made.text())).isTrue();
  }

  /** Holes in any order, some of them left out: each still gets its own thing. */
  @Property(tries = 500)
  void aTranslationTurnsHolesAsItLikes(@ForAll long seed) {
    Random random = new Random(seed);
    Made made = made(random, 3);
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < made.args().size(); i++) {
      order.add(i);
    }
    Collections.shuffle(order, random);
    List<Integer> kept = order.subList(0, random.nextInt(order.size() + 1));
    StringBuilder turned = new StringBuilder("so: ");
    StringBuilder expected = new StringBuilder("so: ");
    for (int i : kept) {
      turned.append("{h").append(i).append("} und ");
      expected.append(said(made.args().get(i), Units.MM)).append(" und ");
    }
    Units read = Units.MM.in(t -> t.equals(made.text().template()) ? turned.toString() : t);
    assertThat(made.text().in(read)).isEqualTo(expected.toString());
  }

  /** One thing less: what is left reads as it did, and only it is gone. */
  @Property(tries = 500)
  void withoutOneThingTheOthersStay(@ForAll long seed) {
    Random random = new Random(seed);
    Made made = made(random, 3);
    if (made.args().isEmpty()) {
      return;
    }
    int gone = random.nextInt(made.args().size());
    List<String> words = new ArrayList<>(made.words());
    String before = words.get(gone);
    words.set(
        gone,
        (before.endsWith(" ") ? before.substring(0, before.length() - 1) : before)
            + words.remove(gone + 1));
    List<Object> args = new ArrayList<>(made.args());
    args.remove(gone);
    Made less = new Made(made.text(), words, args, List.of());
    assertThat(made.text().without(gone).in(Units.MM)).isEqualTo(less.read(Units.MM));
  }

  @Property(tries = 300)
  void joinedReadsOneAfterTheOther(@ForAll long seed) {
    Random random = new Random(seed);
    List<Text> all = new ArrayList<>();
    List<String> read = new ArrayList<>();
    for (int i = random.nextInt(5); i > 0; i--) {
      Made made = made(random, 1);
      all.add(made.text());
      if (!made.text().isEmpty()) {
        read.add(made.read(Units.DECIMAL_INCH));
      }
    }
    assertThat(Text.joined(all, "; ").in(Units.DECIMAL_INCH)).isEqualTo(String.join("; ", read));
  }
}
