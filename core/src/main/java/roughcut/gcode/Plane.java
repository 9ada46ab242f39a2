package roughcut.gcode;

/**
 * The plane that arcs lie in: two axes, anticlockwise as seen from the third. Axes are numbered
 * from x, 0, to z, 2.
 */
enum Plane {
  XY(0, 1, 2),
  ZX(2, 0, 1),
  YZ(1, 2, 0);

  final int first;
  final int second;
  final int along;

  Plane(int first, int second, int along) {
    this.first = first;
    this.second = second;
    this.along = along;
  }
}
