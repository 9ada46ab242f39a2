package roughcut.measure;

import java.util.Map;

/**
 * Evaluates a formula as it is shown to the maker, with angles in degrees: the other story, told by
 * the text alone, against which the program's own arithmetic is held.
 */
public final class Formula {
  private final String text;
  private final Map<String, Double> symbols;
  private int at;

  private Formula(String text, Map<String, Double> symbols) {
    this.text = text;
    this.symbols = symbols;
  }

  public static double evaluate(String text, Map<String, Double> symbols) {
    Formula formula = new Formula(text, symbols);
    double value = formula.sum();
    if (formula.peek() != 0) {
      throw new IllegalArgumentException(
          "can't read on from “" + text.substring(formula.at) + "” in " + text);
    }
    return value;
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

  private double sum() {
    double value = product();
    while (true) {
      if (take('+')) {
        value += product();
      } else if (take('−')) {
        value -= product();
      } else {
        return value;
      }
    }
  }

  private double product() {
    double value = power();
    while (true) {
      if (take('·')) {
        value *= power();
      } else if (take('/')) {
        value /= power();
      } else {
        return value;
      }
    }
  }

  private double power() {
    double base = single();
    return take('^') ? Math.pow(base, single()) : base;
  }

  private double single() {
    if (take('−')) {
      return -single();
    }
    if (take('√')) {
      return Math.sqrt(single());
    }
    if (take('(')) {
      double value = sum();
      expect(')');
      return value;
    }
    int start = at;
    while (at < text.length()
        && (Character.isLetterOrDigit(text.charAt(at))
            || text.charAt(at) == '_'
            || text.charAt(at) == '.'
            || text.charAt(at) == '²')) {
      at++;
    }
    String word = text.substring(start, at);
    if (word.isEmpty()) {
      throw new IllegalArgumentException(
          "expected a number or symbol at “" + text.substring(at) + "” in " + text);
    }
    if (Character.isDigit(word.charAt(0))) {
      return Double.parseDouble(word);
    }
    return peek() == '(' && !symbols.containsKey(word) ? function(word) : symbol(word);
  }

  private double symbol(String word) {
    Double value = symbols.get(word);
    if (value == null) {
      throw new IllegalArgumentException("no input “" + word + "” for " + text);
    }
    return value;
  }

  private double function(String name) {
    expect('(');
    double value = sum();
    double second = take(',') ? sum() : Double.NaN;
    expect(')');
    return switch (name) {
      case "sin" -> Math.sin(Math.toRadians(value));
      case "cos" -> Math.cos(Math.toRadians(value));
      case "tan" -> Math.tan(Math.toRadians(value));
      case "atan" -> Math.toDegrees(Math.atan(value));
      case "asin" -> Math.toDegrees(Math.asin(value));
      case "log2" -> Math.log(value) / Math.log(2);
      case "abs" -> Math.abs(value);
      case "floor" -> Math.floor(value);
      case "ceil" -> Math.ceil(value);
      case "max" -> Math.max(value, second);
      case "min" -> Math.min(value, second);
      default -> throw new IllegalArgumentException("no function " + name);
    };
  }

  private void expect(char c) {
    if (!take(c)) {
      throw new IllegalArgumentException(
          "expected " + c + " at “" + text.substring(at) + "” in " + text);
    }
  }
}
