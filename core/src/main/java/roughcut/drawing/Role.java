package roughcut.drawing;

import roughcut.clearance.Clearance;

/**
 * What a mark is for. The role decides how it is drawn everywhere, and is its layer in exchange
 * files.
 */
public enum Role {
  WOOD(Pen.FINE, Dash.SOLID, "#25292B"),
  END_GRAIN(Pen.FINE, Dash.SOLID, "#25292B"),
  OUTLINE(Pen.HEAVY, Dash.SOLID, "#25292B"),
  EDGE(Pen.MEDIUM, Dash.SOLID, "#25292B"),
  GLUE_LINE(Pen.FINE, Dash.SOLID, "#5A4A3C"),
  SEAM(Pen.MEDIUM, Dash.SOLID, "#5A4A3C"),
  HIDDEN(Pen.FINE, Dash.HIDDEN, "#25292B"),
  CENTRE(Pen.FINE, Dash.CENTRE, "#A0524A"),
  STOCK(Pen.FINE, Dash.STOCK, "#6C6A63"),
  KERF(Pen.FINE, Dash.SOLID, "#25292B"),
  CHANNEL(Pen.MEDIUM, Dash.SOLID, "#25292B"),
  FRET(Pen.MEDIUM, Dash.SOLID, "#4A4D4F"),
  NUT(Pen.MEDIUM, Dash.SOLID, "#25292B"),
  STRING(Pen.FINE, Dash.SOLID, "#8A877E"),
  SADDLE(Pen.MEDIUM, Dash.CENTRE, "#25292B"),
  DIMENSION(Pen.FINE, Dash.SOLID, "#25292B"),
  NOTE(Pen.FINE, Dash.SOLID, "#6C6A63"),
  MEASURED(Pen.FINE, Dash.SOLID, "#1F5C73"),
  /** What is covered by something else in the end. */
  COVERED(Pen.FINE, Dash.SOLID, "#A39E92"),
  /** Bevels that lead the carving. */
  FACET(Pen.FINE, Dash.HIDDEN, "#1F5C73"),
  /** What can be taken hold of. */
  TOUCH(Pen.MEDIUM, Dash.SOLID, "#1F5C73"),
  LOOK(Pen.MEDIUM, Dash.SOLID, "#B5761A"),
  STOP(Pen.MEDIUM, Dash.SOLID, "#A33A2C");

  /** Line weights, mm on paper. */
  public enum Pen {
    FINE(0.13),
    MEDIUM(0.25),
    HEAVY(0.4);

    private final double width;

    Pen(double width) {
      this.width = width;
    }

    public double width() {
      return width;
    }
  }

  /** Line kinds: lengths drawn and left out, mm on paper. */
  public enum Dash {
    SOLID,
    HIDDEN(1.6, 1.0),
    CENTRE(6, 1.2, 1.2, 1.2),
    STOCK(0.8, 1.2);

    private final double[] lengths;

    Dash(double... lengths) {
      this.lengths = lengths;
    }

    public double[] lengths() {
      return lengths.clone();
    }
  }

  private final Pen pen;
  private final Dash dash;
  private final String colour;

  Role(Pen pen, Dash dash, String colour) {
    this.pen = pen;
    this.dash = dash;
    this.colour = colour;
  }

  public Pen pen() {
    return pen;
  }

  public Dash dash() {
    return dash;
  }

  /** Its ink, {@code #rrggbb}. */
  public String colour() {
    return colour;
  }

  /**
   * In which role a place is drawn that may be too thin.
   *
   * @param clear its role where there is enough
   */
  static Role of(Clearance.State state, Role clear) {
    return switch (state) {
      case STOP -> STOP;
      case LOOK -> LOOK;
      case CLEAR -> clear;
    };
  }
}
