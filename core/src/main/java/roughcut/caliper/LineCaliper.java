package roughcut.caliper;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Executor;

/**
 * A caliper that sends lines of text ({@link CaliperLine}): over a serial line, which a system
 * shows as a file, or any other stream. It is listened to on a thread of its own; what it sends is
 * heard where the executor runs. When the stream ends or breaks, the caliper is gone.
 */
public final class LineCaliper implements Caliper {
  /** More of a line than this is not kept; no reading is as long. */
  private static final int LONGEST = 100;

  private final Callable<Reader> line;
  private final boolean metric;
  private final Executor where;
  private volatile Reader reader;
  private volatile boolean closed;
  private volatile double offset;
  private volatile boolean held;
  private volatile double last;

  /**
   * A caliper on a line.
   *
   * @param line opened when the caliper is
   * @param metric what a bare number is in
   * @param where its readings are heard
   */
  public LineCaliper(Callable<Reader> line, boolean metric, Executor where) {
    this.line = line;
    this.metric = metric;
    this.where = where;
  }

  /** One on a serial line that the system shows as a file; its speed is set by the system. */
  public static LineCaliper at(Path device, boolean metric, Executor where) {
    return new LineCaliper(
        () -> Files.newBufferedReader(device, StandardCharsets.US_ASCII), metric, where);
  }

  @Override
  public void open(Hearer hearer) {
    Thread listening = new Thread(() -> listen(hearer), "caliper");
    listening.setDaemon(true);
    listening.start();
  }

  private void listen(Hearer hearer) {
    try (Reader opened = line.call();
        BufferedReader lines = new BufferedReader(opened)) {
      reader = opened;
      Optional<String> text = line(lines);
      while (text.isPresent() && !closed) {
        CaliperLine read = CaliperLine.of(text.get(), metric);
        read.mm().ifPresent(mm -> send(hearer, mm));
        read.trouble().ifPresent(t -> tell(hearer, t));
        text = line(lines);
      }
    } catch (IOException | UncheckedIOException e) {
      // Unplugged in the middle of a line: the same as its end.
    } catch (Exception e) {
      throw new IllegalStateException("can't open a serial line this way", e);
    } finally {
      if (!closed) {
        tell(hearer, Trouble.DROPPED);
      }
    }
  }

  /**
   * The next line that was sent to its end and isn't blank; what breaks off in the middle is no
   * line, since 14 of 14.32 would be taken for a reading. What never ends isn't kept.
   */
  private static Optional<String> line(Reader from) throws IOException {
    StringBuilder text = new StringBuilder();
    for (int c = from.read(); c >= 0; c = from.read()) {
      boolean end = c == '\n' || c == '\r';
      if (end && !text.isEmpty()) {
        return Optional.of(text.toString());
      }
      if (!end && text.length() < LONGEST) {
        text.append((char) c);
      }
    }
    return Optional.empty();
  }

  private void send(Hearer hearer, double mm) {
    if (!held) {
      last = mm;
    }
    Sample sample = new Sample(last - offset, System.nanoTime() / 1_000_000);
    where.execute(() -> hearer.read(sample));
  }

  private void tell(Hearer hearer, Trouble trouble) {
    where.execute(() -> hearer.told(trouble));
  }

  @Override
  public void zero() {
    offset = last;
  }

  @Override
  public void hold(boolean held) {
    this.held = held;
  }

  @Override
  public void close() {
    closed = true;
    Reader open = reader;
    if (open != null) {
      try {
        open.close();
      } catch (IOException e) {
        // Nothing more is wanted of it.
      }
    }
  }
}
