package roughcut.design;

import java.util.Optional;
import roughcut.shop.RodBook;
import roughcut.shop.RodKind;

/** A truss rod of the book as decisions about its channel. */
public final class RodSizes {
  private RodSizes() {}

  /** The design with the channel that this rod wants. */
  public static Design set(Design design, RodKind rod) {
    Design next =
        NeckDecisions.ROD_ACTING.with(
            Decisions.ROD_LENGTH.with(design, rod.body().length()),
            rod.single() ? RodActing.SINGLE : RodActing.DOUBLE);
    next = Decisions.ROD_WIDTH.with(next, rod.body().width());
    next = Decisions.ROD_DEPTH.with(next, rod.body().depth());
    next = NeckDecisions.ROD_DEPTH_MIDDLE.with(next, rod.deeper());
    next =
        NeckDecisions.ROD_BOTTOM.with(next, rod.round() ? ChannelBottom.ROUND : ChannelBottom.FLAT);
    next = NeckDecisions.ROD_ADJUSTER_LENGTH.with(next, rod.adjuster().length());
    if (rod.adjuster().length() > 0) {
      next = NeckDecisions.ROD_ADJUSTER_WIDTH.with(next, rod.adjuster().width());
      next = NeckDecisions.ROD_ADJUSTER_DEPTH.with(next, rod.adjuster().depth());
    }
    return next;
  }

  /** The rod of the book whose channel the design has; empty for the maker's own sizes. */
  public static Optional<RodKind> matching(Design design) {
    return RodBook.all().stream()
        .filter(rod -> set(design, rod).equals(written(design)))
        .findFirst();
  }

  /** The design with the same decisions written out, so that usual values compare. */
  private static Design written(Design design) {
    Design next =
        NeckDecisions.ROD_ACTING.with(
            Decisions.ROD_LENGTH.with(design, Decisions.ROD_LENGTH.in(design)),
            NeckDecisions.ROD_ACTING.in(design));
    next = Decisions.ROD_WIDTH.with(next, Decisions.ROD_WIDTH.in(design));
    next = Decisions.ROD_DEPTH.with(next, Decisions.ROD_DEPTH.in(design));
    next = NeckDecisions.ROD_DEPTH_MIDDLE.with(next, NeckDecisions.ROD_DEPTH_MIDDLE.in(design));
    next = NeckDecisions.ROD_BOTTOM.with(next, NeckDecisions.ROD_BOTTOM.in(design));
    double adjuster = NeckDecisions.ROD_ADJUSTER_LENGTH.in(design);
    next = NeckDecisions.ROD_ADJUSTER_LENGTH.with(next, adjuster);
    if (adjuster > 0) {
      next =
          NeckDecisions.ROD_ADJUSTER_WIDTH.with(next, NeckDecisions.ROD_ADJUSTER_WIDTH.in(design));
      next =
          NeckDecisions.ROD_ADJUSTER_DEPTH.with(next, NeckDecisions.ROD_ADJUSTER_DEPTH.in(design));
    }
    return next;
  }
}
