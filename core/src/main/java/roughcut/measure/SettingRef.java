package roughcut.measure;

/**
 * A number that something is set to, by the name it is told under: a key, a member of a row, a
 * decision, or the number itself. A plain string isn't one, so that a name nobody tells can't be
 * written down.
 */
public interface SettingRef {
  /** The number's name. */
  String id();
}
