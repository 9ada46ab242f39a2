package roughcut.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;

/**
 * Arithmetic as the maker reads it, {@code t / tan(θ)}, and as it is worked: read once, kept, and
 * evaluated with the values of its symbols. Angles in degrees. {@code floor} and {@code ceil} take
 * what is whole to within {@link Precision#WHOLE} as whole.
 *
 * <p>Signs: {@code + − · / ^ √ ( ) ,}; functions: sin cos tan asin atan atan2 log2 abs floor ceil
 * max min; everything else that begins with a letter is a symbol.
 */
public final class Formula {
  /** Texts that name the strips or bars of one design differ between designs. */
  private static final int MOST_KEPT = 20_000;

  private static final Map<String, Formula> KEPT = new ConcurrentHashMap<>();

  private static final Map<String, DoubleUnaryOperator> ONE =
      Map.of(
          "sin", v -> Math.sin(Math.toRadians(v)),
          "cos", v -> Math.cos(Math.toRadians(v)),
          "tan", v -> Math.tan(Math.toRadians(v)),
          "asin", v -> Math.toDegrees(Math.asin(v)),
          "atan", v -> Math.toDegrees(Math.atan(v)),
          "log2", v -> Math.log(v) / Math.log(2),
          "abs", Math::abs,
          "floor", Precision::floor,
          "ceil", Precision::ceil);

  private static final Map<String, DoubleBinaryOperator> TWO =
      Map.of(
          "max", Math::max, "min", Math::min, "atan2", (y, x) -> Math.toDegrees(Math.atan2(y, x)));

  /** A part of a formula, asked for its value. */
  private interface Node {
    double of(double[] symbols);
  }

  private final String text;
  private final Node root;
  private final String[] symbols;

  private Formula(String text) {
    this.text = text;
    Parser reading = new Parser(text);
    this.root = reading.whole();
    this.symbols = reading.symbols.toArray(String[]::new);
  }

  /**
   * The formula of that text.
   *
   * @throws IllegalArgumentException where it can't be read, saying where
   */
  public static Formula of(String text) {
    Formula kept = KEPT.get(text);
    if (kept == null) {
      kept = new Formula(text);
      if (KEPT.size() > MOST_KEPT) {
        KEPT.clear();
      }
      KEPT.put(text, kept);
    }
    return kept;
  }

  /** As it is shown. */
  public String text() {
    return text;
  }

  /** The symbols that it uses, in the order of reading. */
  public List<String> symbols() {
    return List.of(symbols);
  }

  /**
   * @throws IllegalArgumentException when a symbol isn't among the inputs
   */
  double of(List<ComputedValue.Input> inputs) {
    double[] values = new double[symbols.length];
    for (int i = 0; i < values.length; i++) {
      values[i] = value(symbols[i], inputs);
    }
    return root.of(values);
  }

  private double value(String symbol, List<ComputedValue.Input> inputs) {
    for (ComputedValue.Input input : inputs) {
      if (input.symbol().equals(symbol)) {
        return input.value().value();
      }
    }
    throw new IllegalArgumentException("no input “" + symbol + "” for " + text);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Formula f && f.text.equals(text);
  }

  @Override
  public int hashCode() {
    return text.hashCode();
  }

  @Override
  public String toString() {
    return text;
  }

  /** Reads a text from left to right: sums of products of powers. */
  private static final class Parser {
    private final String text;
    private final List<String> symbols = new ArrayList<>();
    private int at;

    Parser(String text) {
      this.text = text;
    }

    Node whole() {
      Node node = sum();
      if (peek() != 0) {
        throw unreadable("unexpected text");
      }
      return node;
    }

    private Node sum() {
      Node left = product();
      while (true) {
        Node first = left;
        if (take('+')) {
          Node second = product();
          left = s -> first.of(s) + second.of(s);
        } else if (take('−')) {
          Node second = product();
          left = s -> first.of(s) - second.of(s);
        } else {
          return left;
        }
      }
    }

    private Node product() {
      Node left = power();
      while (true) {
        Node first = left;
        if (take('·')) {
          Node second = power();
          left = s -> first.of(s) * second.of(s);
        } else if (take('/')) {
          Node second = power();
          left = s -> first.of(s) / second.of(s);
        } else {
          return left;
        }
      }
    }

    private Node power() {
      Node base = single();
      if (!take('^')) {
        return base;
      }
      Node exponent = single();
      return s -> Math.pow(base.of(s), exponent.of(s));
    }

    private Node single() {
      if (take('−')) {
        Node node = power(); // −x² is what stands to its right, taken off
        return s -> -node.of(s);
      }
      if (take('√')) {
        Node node = single();
        return s -> Math.sqrt(node.of(s));
      }
      if (take('(')) {
        Node node = sum();
        expect(')');
        return node;
      }
      String word = word();
      if (Character.isDigit(word.charAt(0))) {
        double number = Double.parseDouble(word);
        return s -> number;
      }
      return peek() == '(' ? function(word) : symbol(word);
    }

    private Node symbol(String word) {
      int known = symbols.indexOf(word);
      int index = known < 0 ? symbols.size() : known;
      if (known < 0) {
        symbols.add(word);
      }
      return s -> s[index];
    }

    private Node function(String name) {
      DoubleUnaryOperator one = ONE.get(name);
      DoubleBinaryOperator two = TWO.get(name);
      if (one == null && two == null) {
        throw unreadable("no function “" + name + "”");
      }
      expect('(');
      Node first = sum();
      if (one != null) {
        expect(')');
        return s -> one.applyAsDouble(first.of(s));
      }
      expect(',');
      Node second = sum();
      expect(')');
      return s -> two.applyAsDouble(first.of(s), second.of(s));
    }

    private String word() {
      char first = peek();
      int start = at;
      while (at < text.length()
          && (Character.isLetterOrDigit(text.charAt(at)) || "_.²".indexOf(text.charAt(at)) >= 0)) {
        at++;
      }
      if (start == at) {
        throw unreadable(
            first == 0 ? "ends too early" : "expected a number or symbol before “" + first + "”");
      }
      return text.substring(start, at);
    }

    private char peek() {
      while (at < text.length() && text.charAt(at) == ' ') {
        at++;
      }
      return at < text.length() ? text.charAt(at) : 0;
    }

    private boolean take(char c) {
      if (peek() == c) {
        at++;
        return true;
      }
      return false;
    }

    private void expect(char c) {
      if (!take(c)) {
        throw unreadable("expected “" + c + "”");
      }
    }

    private IllegalArgumentException unreadable(String what) {
      return new IllegalArgumentException(
          what + " at “" + text.substring(Math.min(at, text.length())) + "” in " + text);
    }
  }
}
