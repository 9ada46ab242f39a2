package roughcut.wild;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.demo.Demo;
import roughcut.file.FileException;
import roughcut.file.ReadBack;
import roughcut.record.Build;

/**
 * Files of every kind, spoilt at random as by a bad disk, another program or a curious maker: each
 * is read, or refused in words.
 */
public final class Mutations {
  private static final String[] NUMBERS = {
    "0",
    "-1",
    "1e300",
    "-1e300",
    "1e-300",
    "NaN",
    "Infinity",
    "1e8",
    "1e13",
    "999999999999",
    "0.1",
    "\"a word\"",
    "null",
    "true",
    "[]",
    "{}",
    "3.5"
  };

  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

  private final Random random;

  Mutations(long seed) {
    this.random = new Random(seed * 31 + 17);
  }

  /** The same bytes, spoilt once or several times. */
  byte[] spoilt(byte[] content) {
    byte[] next = content;
    for (int i = 1 + random.nextInt(3); i > 0; i--) {
      next = once(next);
    }
    return next;
  }

  private byte[] once(byte[] content) {
    if (content.length < 2) {
      return content;
    }
    return switch (random.nextInt(7)) {
      case 0 -> flipped(content);
      case 1 -> cut(content);
      case 2 -> lineGone(content);
      case 3 -> lineTwice(content);
      default -> otherNumber(content);
    };
  }

  private byte[] flipped(byte[] content) {
    byte[] next = content.clone();
    next[random.nextInt(next.length)] = (byte) random.nextInt(256);
    return next;
  }

  private byte[] cut(byte[] content) {
    return java.util.Arrays.copyOf(content, random.nextInt(content.length));
  }

  private static List<String> lines(byte[] content) {
    return new ArrayList<>(List.of(new String(content, StandardCharsets.UTF_8).split("\n", -1)));
  }

  private static byte[] bytes(List<String> lines) {
    return String.join("\n", lines).getBytes(StandardCharsets.UTF_8);
  }

  private byte[] lineGone(byte[] content) {
    List<String> lines = lines(content);
    lines.remove(random.nextInt(lines.size()));
    return bytes(lines);
  }

  private byte[] lineTwice(byte[] content) {
    List<String> lines = lines(content);
    int at = random.nextInt(lines.size());
    lines.add(random.nextInt(lines.size()), lines.get(at));
    return bytes(lines);
  }

  private byte[] otherNumber(byte[] content) {
    String text = new String(content, StandardCharsets.UTF_8);
    Matcher m = NUMBER.matcher(text);
    List<int[]> places = new ArrayList<>();
    while (m.find()) {
      places.add(new int[] {m.start(), m.end()});
    }
    if (places.isEmpty()) {
      return content;
    }
    int[] at = places.get(random.nextInt(places.size()));
    String instead =
        random.nextInt(3) == 0
            ? Double.toString(random.nextGaussian() * Math.pow(10, random.nextInt(6)))
            : NUMBERS[random.nextInt(NUMBERS.length)];
    return (text.substring(0, at[0]) + instead + text.substring(at[1]))
        .getBytes(StandardCharsets.UTF_8);
  }

  /** Reads a spoilt file of a kind, and works out what was read. */
  static Optional<Trial.Failure> tried(String kind, long seed) {
    Mutations mutations = new Mutations(seed);
    byte[] spoilt = mutations.spoilt(SpoiltFiles.sound(kind, seed));
    String where = kind;
    try {
      if (kind.equals("build")) {
        Build read = ReadBack.of(spoilt);
        where = "a spoilt build that reads";
        return Trial.of(new RandomBuilds.Case(read, Demo.shop()), seed % 10 == 0, false);
      }
      Build with = SpoiltFiles.read(kind, spoilt);
      where = "an outline from a spoilt " + kind;
      return with == null
          ? Optional.empty()
          : Trial.of(new RandomBuilds.Case(with, Demo.shop()), false, false);
    } catch (FileException e) {
      return e.getMessage() == null || e.getMessage().isBlank()
          ? Optional.of(new Trial.Failure(where, new AssertionError("refused without words")))
          : Optional.empty();
    } catch (RuntimeException | Error e) {
      return Optional.of(new Trial.Failure(where, e));
    }
  }
}
