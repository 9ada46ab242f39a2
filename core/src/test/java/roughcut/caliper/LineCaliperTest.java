package roughcut.caliper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PipedReader;
import java.io.PipedWriter;
import java.io.Reader;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A caliper on a line, from its text to what is heard, to its end and its breaking off. */
class LineCaliperTest {
  /** Everything heard, in its order. */
  private static final class Heard implements Caliper.Hearer {
    private final BlockingQueue<Object> all = new LinkedBlockingQueue<>();

    @Override
    public void read(Sample sample) {
      all.add(sample.mm());
    }

    @Override
    public void told(Caliper.Trouble trouble) {
      all.add(trouble);
    }

    Object next() throws InterruptedException {
      Object next = all.poll(5, TimeUnit.SECONDS);
      assertThat(next).as("nothing came").isNotNull();
      return next;
    }
  }

  @Test
  void linesAreHeardInTheirOrderAndTheirEndIsTheCaliperGone() throws InterruptedException {
    Heard heard = new Heard();
    String sent = "+0012.34 mm\r\n0.5 in\nLOW\nrubbish\n-3,20\n";
    new LineCaliper(() -> new StringReader(sent), true, Runnable::run).open(heard);
    assertThat((Double) heard.next()).isCloseTo(12.34, within(1e-9));
    assertThat((Double) heard.next()).isCloseTo(12.7, within(1e-9));
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.LOW_BATTERY);
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.UNREADABLE);
    assertThat((Double) heard.next()).isCloseTo(-3.2, within(1e-9));
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.DROPPED);
  }

  @Test
  void zeroAndHoldAreTheProgramsOwnWhereTheLineHasNone() throws Exception {
    Heard heard = new Heard();
    PipedWriter out = new PipedWriter();
    PipedReader in = new PipedReader(out);
    LineCaliper caliper = new LineCaliper(() -> in, false, Runnable::run);
    caliper.open(heard);
    send(out, "1.0\n");
    assertThat((Double) heard.next())
        .as("a bare number is in inches")
        .isCloseTo(25.4, within(1e-9));
    caliper.zero();
    send(out, "1.5\n");
    assertThat((Double) heard.next()).isCloseTo(12.7, within(1e-9));
    caliper.hold(true);
    send(out, "3.0\n");
    assertThat((Double) heard.next()).as("held").isCloseTo(12.7, within(1e-9));
    caliper.hold(false);
    send(out, "2.0\n");
    assertThat((Double) heard.next()).isCloseTo(25.4, within(1e-9));
    caliper.close();
    send(out, "9.0\n");
    Thread.sleep(100);
    assertThat(heard.all).as("nothing after it is closed").isEmpty();
  }

  private static void send(PipedWriter out, String text) {
    try {
      out.write(text);
      out.flush();
    } catch (IOException e) {
      // Closed at the other end, as it is to be.
    }
  }

  /** Broken off in the middle of a number: no reading, the caliper gone. */
  @Test
  void aLineThatBreaksOffIsNoReading() throws InterruptedException {
    Heard heard = new Heard();
    Reader breaking =
        new Reader() {
          private int at;

          @Override
          public int read(char[] into, int from, int length) throws IOException {
            if (at++ > 0) {
              throw new IOException("unplugged");
            }
            "12.3\n14.".getChars(0, 8, into, from);
            return 8;
          }

          @Override
          public void close() {}
        };
    new LineCaliper(() -> breaking, true, Runnable::run).open(heard);
    List<Object> all = new ArrayList<>(List.of(heard.next(), heard.next()));
    assertThat((Double) all.get(0)).isCloseTo(12.3, within(1e-9));
    assertThat(all.get(1)).isEqualTo(Caliper.Trouble.DROPPED);
    assertThat(heard.all).isEmpty();
  }

  /**
   * A line that ends in the middle of its number is no reading: 14 of 14.32 would be a wrong one.
   */
  @Test
  void whatEndsWithoutALineFeedIsNoReading() throws InterruptedException {
    Heard heard = new Heard();
    new LineCaliper(() -> new StringReader("12.30\r\n\r\n14"), true, Runnable::run).open(heard);
    assertThat((Double) heard.next()).isCloseTo(12.3, within(1e-9));
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.DROPPED);
    assertThat(heard.all).isEmpty();
  }

  /** A device that never ends its line fills no memory and gives no reading. */
  @Test
  void aLineWithoutEndIsUnreadable() throws InterruptedException {
    Heard heard = new Heard();
    String noise = "7".repeat(5_000_000) + "\n3.5\n";
    new LineCaliper(() -> new StringReader(noise), true, Runnable::run).open(heard);
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.UNREADABLE);
    assertThat((Double) heard.next()).isCloseTo(3.5, within(1e-9));
  }

  @Test
  void aDeviceThatIsNotThereIsACaliperGone(@TempDir Path folder) throws InterruptedException {
    Heard heard = new Heard();
    LineCaliper.at(folder.resolve("ttyUSB9"), true, Runnable::run).open(heard);
    assertThat(heard.next()).isEqualTo(Caliper.Trouble.DROPPED);
  }
}
