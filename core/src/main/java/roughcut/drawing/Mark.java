package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Bounds;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.plan.Grip;

/**
 * One thing drawn. Places are millimetres on the drawing, x to the right and y up; text is as high
 * as its size says on any medium.
 */
public sealed interface Mark {
  Role role();

  /** Room that words take on paper to each side of where they stand, mm; more than they do. */
  double WORDS = 30;

  /** Height of a capital, of its size. */
  double CAPITALS = 0.72;

  /** An answer for each kind of mark; whoever draws, writes or counts them has to know them all. */
  interface Cases<T, E extends Exception> {
    T stroke(Stroke stroke) throws E;

    T fill(Fill fill) throws E;

    T text(Text text) throws E;

    T dimension(Dimension dimension) throws E;

    T spot(Spot spot) throws E;

    T handle(Handle handle) throws E;
  }

  <T, E extends Exception> T fold(Cases<T, E> cases) throws E;

  /** It, where it is a line. */
  default Optional<Stroke> line() {
    return Optional.empty();
  }

  /** It, where it is a piece of wood. */
  default Optional<Fill> wood() {
    return Optional.empty();
  }

  /** Whether it is there on the wood: a line or a shape, no dimension, word or grip. */
  default boolean drawn() {
    return false;
  }

  /** Whether it is there to be taken hold of or asked about, and has no place at a machine. */
  default boolean toBeAsked() {
    return false;
  }

  /** Boxes round its stretches, so that it can be asked what it touches; none of a handle. */
  List<Bounds> stretches();

  private static List<Bounds> along(List<Point> points, boolean closed) {
    List<Bounds> all = new ArrayList<>();
    for (int i = 1; i < points.size(); i++) {
      all.add(box(points.get(i - 1), points.get(i)));
    }
    if (closed && points.size() > 2) {
      all.add(box(points.get(points.size() - 1), points.get(0)));
    }
    return all;
  }

  private static Bounds box(Point a, Point b) {
    return new Bounds(
        Math.min(a.x(), b.x()),
        Math.min(a.y(), b.y()),
        Math.max(a.x(), b.x()),
        Math.max(a.y(), b.y()));
  }

  /** A line. */
  record Stroke(Role role, Path path) implements Mark {
    /** Straight from point to point. */
    public Stroke(Role role, List<Point> points, boolean closed) {
      this(role, Path.straight(points, closed));
    }

    /** Corners on it. */
    public List<Point> points() {
      return path.points();
    }

    public boolean closed() {
      return path.closed();
    }

    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.stroke(this);
    }

    @Override
    public Optional<Stroke> line() {
      return Optional.of(this);
    }

    @Override
    public boolean drawn() {
      return true;
    }

    @Override
    public List<Bounds> stretches() {
      return along(points(), closed());
    }
  }

  /**
   * A filled shape.
   *
   * @param fill colour, {@code #rrggbb}
   * @param figure colour of the grain drawn in it, or null for none
   * @param grain how the grain is drawn
   * @param turn how far the grain is turned anticlockwise from the drawing's x, degrees
   */
  record Fill(Role role, Outline shape, String fill, String figure, Grain grain, double turn)
      implements Mark {
    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.fill(this);
    }

    @Override
    public Optional<Fill> wood() {
      return role == Role.WOOD || role == Role.END_GRAIN ? Optional.of(this) : Optional.empty();
    }

    @Override
    public boolean drawn() {
      return true;
    }

    @Override
    public List<Bounds> stretches() {
      return List.of(shape.bounds());
    }
  }

  /**
   * Words.
   *
   * @param anchor which end of the text stands at the point
   * @param turn how far the text is turned anticlockwise about the point, degrees
   * @param below whether it hangs under its point rather than stands on it
   * @param link id of the value or decision that the text tells, or null
   */
  record Text(
      Role role,
      Point at,
      String text,
      Anchor anchor,
      Size size,
      double turn,
      boolean below,
      String link)
      implements Mark {
    /** Standing on its point. */
    public Text(
        Role role, Point at, String text, Anchor anchor, Size size, double turn, String link) {
      this(role, at, text, anchor, size, turn, false, link);
    }

    /**
     * The same words where they stand on their line.
     *
     * @param scale how many drawing mm one mm of the medium shows
     */
    public Text standing(double scale) {
      return below
          ? new Text(
              role, at.plus(0, -CAPITALS * size.height() * scale), text, anchor, size, turn, link)
          : this;
    }

    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.text(this);
    }

    @Override
    public List<Bounds> stretches() {
      return List.of(box(at, at).expanded(WORDS));
    }
  }

  /**
   * A dimension between two points, its line moved square to them.
   *
   * @param aside how far the dimension line stands from the points, to the left of the way from a
   *     to b
   * @param link id of the value shown, or null
   */
  record Dimension(Role role, Point a, Point b, double aside, String text, String link)
      implements Mark {
    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.dimension(this);
    }

    @Override
    public List<Bounds> stretches() {
      return List.of(box(a, b).expanded(Math.abs(aside)));
    }
  }

  /**
   * A thin spot, ringed, with its words.
   *
   * @param below whether the words stand below the ring rather than above
   * @param index counts in the plan's list
   */
  record Spot(Role role, Point at, String text, boolean below, int index) implements Mark {
    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.spot(this);
    }

    @Override
    public boolean toBeAsked() {
      return true;
    }

    @Override
    public List<Bounds> stretches() {
      return List.of(box(at, at).expanded(WORDS));
    }
  }

  /**
   * Something that can be taken hold of and dragged; seen on a screen only.
   *
   * @param grip what is dragged
   * @param at where it is taken hold of
   * @param ghost what moves along while it is dragged, closed; possibly nothing
   * @param way in which it can be moved
   * @param bare taken hold of anywhere in its shape, without a grip of its own
   * @param frame how the plan's own sides are seen where it lies
   */
  record Handle(
      Role role, Grip grip, Point at, List<Point> ghost, Way way, boolean bare, Frame frame)
      implements Mark {
    public Handle {
      ghost = List.copyOf(ghost);
    }

    /** How far it is moved in the plan when it is moved so far along the drawing, mm. */
    public double along(double drawn) {
      return way == Way.ACROSS ? 0 : frame.x(drawn);
    }

    /** How far it is moved in the plan when it is moved so far up the drawing, mm. */
    public double across(double drawn) {
      return way == Way.ALONG ? 0 : frame.y(drawn);
    }

    @Override
    public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
      return cases.handle(this);
    }

    @Override
    public boolean toBeAsked() {
      return true;
    }

    @Override
    public List<Bounds> stretches() {
      return List.of();
    }
  }

  /** In which way a handle can be moved. */
  enum Way {
    ALONG,
    ACROSS,
    ANY
  }

  /** Which end of a text stands at its point. */
  enum Anchor {
    START(0, 0),
    MIDDLE(0.5, 1),
    END(1, 2);

    private final double before;
    private final int dxf;

    Anchor(double before, int dxf) {
      this.before = before;
      this.dxf = dxf;
    }

    /** The one on the other side. */
    public Anchor turned() {
      return switch (this) {
        case START -> END;
        case MIDDLE -> MIDDLE;
        case END -> START;
      };
    }

    /** What share of the text stands before its point. */
    public double before() {
      return before;
    }

    /** How DXF counts it: 0 left, 1 centred, 2 right. */
    public int dxf() {
      return dxf;
    }
  }

  /** Text sizes, height of a line in mm on paper. */
  enum Size {
    SMALL(2.4),
    NORMAL(3.0),
    TITLE(4.5),
    /** The name of a sheet on the page map. */
    SHEET(13);

    private final double height;

    Size(double height) {
      this.height = height;
    }

    public double height() {
      return height;
    }
  }

  /** How wood's grain is drawn. */
  enum Grain {
    NONE,
    ALONG,
    END
  }
}
