package roughcut.blank;

import java.util.function.UnaryOperator;
import roughcut.design.Build;

/**
 * A change that would make something fit, to be made with one action.
 *
 * @param words what it is and what it costs
 * @param change makes it
 */
public record WayOut(String words, UnaryOperator<Build> change) {}
