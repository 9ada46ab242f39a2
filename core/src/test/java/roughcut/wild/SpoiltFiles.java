package roughcut.wild;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.demo.Demo;
import roughcut.file.FileException;
import roughcut.file.ForeignFiles;
import roughcut.file.ReadBack;
import roughcut.record.Build;

/** Sound files of every kind that the program reads, and how each is read. */
final class SpoiltFiles {
  static final List<String> KINDS = List.of("build", "shop", "boards", "svg", "dxf");

  private static final List<Build> DEMOS = Demo.builds(LocalDate.of(2026, 5, 4));

  private static final String SVG =
      """
      <svg xmlns="http://www.w3.org/2000/svg" width="500mm" height="340mm" viewBox="0 0 500 340">
      <g transform="translate(10 20) rotate(3)">
      <path d="M 20,150 C 30,20 180,10 240,60 S 380,-20 460,60 q 30,60 10,120
      A 90 80 15 0 1 300,250 L 240 220 T 120,260 H 60 V 200 Z"/>
      <rect x="5" y="6" width="40" height="30" rx="4"/>
      <circle cx="50" cy="60" r="22"/><ellipse cx="9" cy="8" rx="7" ry="3"/>
      <polygon points="1,2 30,4 20,40"/>
      </g></svg>
      """;

  private static final String DXF =
      String.join(
          "\n",
          "0",
          "SECTION",
          "2",
          "HEADER",
          "9",
          "$INSUNITS",
          "70",
          "4",
          "0",
          "ENDSEC",
          "0",
          "SECTION",
          "2",
          "ENTITIES",
          "0",
          "LWPOLYLINE",
          "90",
          "4",
          "70",
          "1",
          "10",
          "0.0",
          "20",
          "0.0",
          "42",
          "0.3",
          "10",
          "480.0",
          "20",
          "0.0",
          "10",
          "460.0",
          "20",
          "300.0",
          "42",
          "-0.2",
          "10",
          "10.0",
          "20",
          "320.0",
          "0",
          "ARC",
          "10",
          "50.0",
          "20",
          "60.0",
          "40",
          "25.0",
          "50",
          "10.0",
          "51",
          "200.0",
          "0",
          "CIRCLE",
          "10",
          "90.0",
          "20",
          "60.0",
          "40",
          "12.0",
          "0",
          "ELLIPSE",
          "10",
          "9.0",
          "20",
          "8.0",
          "11",
          "40.0",
          "21",
          "0.0",
          "40",
          "0.5",
          "41",
          "0.0",
          "42",
          "6.28",
          "0",
          "SPLINE",
          "70",
          "8",
          "71",
          "3",
          "72",
          "8",
          "73",
          "4",
          "40",
          "0",
          "40",
          "0",
          "40",
          "0",
          "40",
          "0",
          "40",
          "1",
          "40",
          "1",
          "40",
          "1",
          "40",
          "1",
          "10",
          "0",
          "20",
          "0",
          "10",
          "30",
          "20",
          "90",
          "10",
          "80",
          "20",
          "60",
          "10",
          "120",
          "20",
          "0",
          "0",
          "LINE",
          "10",
          "1",
          "20",
          "2",
          "11",
          "9",
          "21",
          "9",
          "0",
          "ENDSEC",
          "0",
          "EOF",
          "");

  private static final Map<String, byte[]> SOUND =
      Map.of(
          "shop", ForeignFiles.shop(Demo.shop()),
          "boards", ForeignFiles.boards(Demo.shop()),
          "svg", SVG.getBytes(StandardCharsets.UTF_8),
          "dxf", DXF.getBytes(StandardCharsets.UTF_8));

  private SpoiltFiles() {}

  static byte[] sound(String kind, long seed) {
    return kind.equals("build")
        ? ReadBack.bytes(DEMOS.get(Math.floorMod(seed, DEMOS.size())))
        : SOUND.get(kind);
  }

  /** Reads a file; a build with what it holds when that is an outline, null otherwise. */
  static Build read(String kind, byte[] content) throws FileException {
    switch (kind) {
      case "shop" -> ForeignFiles.readShop(content);
      case "boards" -> ForeignFiles.readBoards(content);
      default -> {
        Build heron = DEMOS.get(0);
        return heron.withDesign(
            heron.design().withDrawn(Optional.of(ForeignFiles.readOutline(kind, content))));
      }
    }
    return null;
  }
}
