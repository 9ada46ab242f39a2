package roughcut.rout;

import roughcut.finding.Finding;
import roughcut.geometry.Point;

/** Something about the body's cuts that can't be, and where it is, from above. */
public record CutProblem(Finding finding, Point at) {}
