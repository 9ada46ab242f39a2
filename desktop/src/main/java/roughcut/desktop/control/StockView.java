package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Map;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Background;
import roughcut.machining.BodyPrograms;
import roughcut.machining.MachineProgram;
import roughcut.machining.SetUp;
import roughcut.machining.Simulation;
import roughcut.stock.HeightMap;
import roughcut.stock.StockPicture;

/** Simulated stock, run up to any line of a program. */
public final class StockView extends VBox {
  private static final Background CUTTING = new Background("simulated stock");

  /** Of the picture, pixels; twice as fine as it is shown. */
  private static final int WIDTH = 520;

  private static final int HEIGHT = 400;

  private final ImageView picture = new ImageView();
  private final Slider line = new Slider();
  private final Label words = new Label();
  private MachineProgram program;
  private SetUp setUp;
  private HeightMap before;
  private List<String> lines = List.of();
  private int colour;

  /** What was asked for last: what comes for another is let go. */
  private volatile Object wanted;

  public StockView() {
    super(6);
    picture.setPreserveRatio(true);
    // As wide as the column, and never what makes it wide.
    picture
        .fitWidthProperty()
        .bind(
            Bindings.createDoubleBinding(
                () -> Math.max(1, Math.min(WIDTH / 2.0, getWidth())), widthProperty()));
    picture.setAccessibleText(say("Stock as cut up to the line"));
    StackPane frame = new StackPane(picture);
    frame.setAlignment(Pos.CENTER);
    frame.setMinWidth(0);
    frame.setPrefWidth(1);
    line.setMin(1);
    line.setBlockIncrement(10);
    line.setAccessibleText(say("Line of the program"));
    ControlNames.set(line, "programs.line");
    line.valueProperty().addListener((p, was, is) -> run());
    words.getStyleClass().add("lower-note");
    words.setMinHeight(USE_PREF_SIZE);
    ControlNames.set(words, "programs.line-text");
    getChildren().addAll(frame, line, words);
  }

  /**
   * Shows one of a body's programs, at its end.
   *
   * @param colour of the wood, 0xRRGGBB
   */
  public void show(BodyPrograms programs, int chosen, int colour) {
    MachineProgram next = programs.programs().get(chosen);
    this.colour = colour;
    if (next == program) {
      return;
    }
    program = next;
    setUp = programs.setUp().withCutters(Map.of(1, next.cutter()));
    before =
        chosen == 0
            ? Simulation.uncut(setUp)
            : programs.programs().get(chosen - 1).report().stock();
    lines = next.text().lines().toList();
    line.setMax(lines.size());
    line.setValue(lines.size());
    run();
  }

  /** Beside the window: each line is run from the beginning. */
  private void run() {
    if (program == null) {
      return;
    }
    int at = (int) Math.round(line.getValue());
    words.setText(say("Line {line}: {text}", at, lines.get(at - 1)));
    Object mine = new Object();
    wanted = mine;
    MachineProgram now = program;
    SetUp stock = setUp;
    HeightMap from = before;
    int wood = colour;
    boolean end = at == lines.size();
    CUTTING.work(
        () ->
            wanted != mine
                ? null
                : StockPicture.of(
                    end
                        ? now.report().stock()
                        : Simulation.until(now.text(), stock, from, at).stock(),
                    stock.top(),
                    stock.underside(),
                    wood,
                    WIDTH,
                    HEIGHT),
        pixels -> {
          if (wanted == mine && pixels != null) {
            WritableImage image = new WritableImage(WIDTH, HEIGHT);
            image
                .getPixelWriter()
                .setPixels(0, 0, WIDTH, HEIGHT, PixelFormat.getIntArgbInstance(), pixels, 0, WIDTH);
            picture.setImage(image);
          }
        });
  }
}
