package roughcut.measure;

/**
 * A number of 64 bits that stands for all that something was made of: two things of one print are
 * the same but for one chance in 10¹⁹. What is made of many parts is compared by it at once,
 * however far back they reach.
 */
final class Fingerprint {
  private Fingerprint() {}

  /** A print and one more part. */
  static long of(long print, long part) {
    // The finishing steps of MurmurHash3: every bit of both moves about half of all.
    long mixed = print * 0x9E3779B97F4A7C15L + part;
    mixed ^= mixed >>> 33;
    mixed *= 0xFF51AFD7ED558CCDL;
    mixed ^= mixed >>> 33;
    mixed *= 0xC4CEB9FE1A85EC53L;
    return mixed ^ (mixed >>> 33);
  }

  static long of(long print, double part) {
    return of(print, Double.doubleToLongBits(part));
  }

  static long of(long print, Object part) {
    return of(print, part.hashCode());
  }

  /** Of a number by its name. */
  static long of(ValueKey key, double value) {
    return of(of(of(of(17, key.id()), key.label()), key.quantity().ordinal()), value);
  }
}
