package roughcut.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The tables that ship with the program, held against a plain reading of their lines. */
class CatalogueTest {
  /** Split at commas by hand; none of the tables quotes. */
  private static List<Map<String, String>> plainly(String table) throws IOException {
    List<Map<String, String>> rows = new ArrayList<>();
    try (InputStream in = CatalogueTest.class.getResourceAsStream("/roughcut/data/" + table)) {
      String[] names = null;
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        if (line.isBlank() || line.startsWith("#")) {
          continue;
        }
        String[] cells = line.split(",", -1);
        if (names == null) {
          names = cells;
          continue;
        }
        assertThat(cells).as(table + ": " + line).hasSameSizeAs(names);
        Map<String, String> row = new LinkedHashMap<>();
        for (int i = 0; i < names.length; i++) {
          row.put(names[i], cells[i]);
        }
        rows.add(row);
      }
    }
    return rows;
  }

  private static double number(Map<String, String> row, String column) {
    return Double.parseDouble(row.get(column));
  }

  @Test
  void everyWoodIsReadColumnByColumn() throws IOException {
    List<Map<String, String>> rows = plainly("species.csv");
    assertThat(SpeciesBook.all()).hasSameSizeAs(rows);
    for (Map<String, String> row : rows) {
      Species wood = SpeciesBook.find(row.get("id")).orElseThrow();
      assertThat(wood.name()).isEqualTo(row.get("name"));
      assertThat(wood.densityLow()).isEqualTo(number(row, "density_low"));
      assertThat(wood.density()).isEqualTo(number(row, "density"));
      assertThat(wood.densityHigh()).isEqualTo(number(row, "density_high"));
      assertThat(wood.hardness()).isEqualTo(number(row, "hardness"));
      assertThat(wood.radial()).isEqualTo(number(row, "radial"));
      assertThat(wood.tangential()).isEqualTo(number(row, "tangential"));
      assertThat(wood.tint() + wood.figure()).isEqualTo(row.get("tint") + row.get("figure"));
      assertThat(wood.machines() + wood.dust()).isEqualTo(row.get("machines") + row.get("dust"));
      // Wood shrinks by a few parts in a hundred, more along the rings than across them.
      assertThat(wood.tangential())
          .as(wood.id())
          .isBetween(0.03, 0.15)
          .isGreaterThan(wood.radial());
      assertThat(wood.density()).isBetween(wood.densityLow(), wood.densityHigh());
    }
  }

  @Test
  void gluesRodsAndShapesAreReadColumnByColumn() throws IOException {
    List<Map<String, String>> glues = plainly("glues.csv");
    for (int i = 0; i < glues.size(); i++) {
      Glue glue = GlueBook.all().get(i);
      Map<String, String> row = glues.get(i);
      assertThat(glue.id()).isEqualTo(row.get("id"));
      assertThat(glue.open()).isEqualTo(number(row, "open"));
      assertThat(glue.clampMinutes()).isEqualTo(number(row, "clamp_minutes"));
      assertThat(glue.cureHours()).isEqualTo(number(row, "cure_hours"));
      assertThat(glue.coverage()).isEqualTo(number(row, "coverage"));
      assertThat(glue.least()).isEqualTo(number(row, "least"));
      assertThat(glue.gap()).isEqualTo(number(row, "gap"));
      assertThat(glue.warmthLengthens()).isEqualTo(row.get("warmth_lengthens").equals("true"));
    }
    assertThat(GlueBook.all().stream().filter(Glue::warmthLengthens).map(Glue::id))
        .as("hide glue gels as it cools; all others set faster in the warm")
        .containsExactly("hide");
    List<Map<String, String>> rods = plainly("rods.csv");
    for (int i = 0; i < rods.size(); i++) {
      RodKind rod = RodBook.all().get(i);
      String[] body = rods.get(i).get("body").split("x");
      assertThat(rod.body())
          .isEqualTo(
              new RodKind.Segment(
                  Double.parseDouble(body[0]),
                  Double.parseDouble(body[1]),
                  Double.parseDouble(body[2])));
      assertThat(rod.single()).isEqualTo(rod.deeper() > 0);
      assertThat(rod.round()).isEqualTo(rods.get(i).get("round").equals("true"));
    }
    List<Map<String, String>> shapes = plainly("bodies.csv");
    for (int i = 0; i < shapes.size(); i++) {
      BodyShapeBook.BodyShape shape = BodyShapeBook.all().get(i);
      assertThat(shape.hornBass()).isEqualTo(number(shapes.get(i), "horn_bass"));
      assertThat(shape.slant()).isEqualTo(number(shapes.get(i), "slant"));
      assertThat(shape.waist()).isLessThan(Math.min(shape.upper(), shape.lower()));
    }
  }

  @Test
  void cuttersFittingsAndBridgesAreReadColumnByColumn() throws IOException {
    List<Map<String, String>> cutters = plainly("cutters.csv");
    assertThat(CutterBook.all()).hasSameSizeAs(cutters);
    for (int i = 0; i < cutters.size(); i++) {
      Cutter cutter = CutterBook.all().get(i);
      assertThat(cutter.kind().word()).isEqualTo(cutters.get(i).get("kind"));
      assertThat(cutter.cutting()).isEqualTo(number(cutters.get(i), "cutting"));
      assertThat(cutter.bearingHeight()).isEqualTo(number(cutters.get(i), "bearing_height"));
      assertThat(cutter.topSpeed()).isEqualTo(number(cutters.get(i), "top_speed"));
      assertThat(cutter.spur()).isEqualTo(number(cutters.get(i), "spur"));
    }
    List<Map<String, String>> fittings = plainly("fittings.csv");
    assertThat(FittingBook.all()).hasSameSizeAs(fittings);
    for (Map<String, String> row : fittings) {
      FittingKind kind = FittingBook.get(row.get("type"), row.get("id"));
      assertThat(kind.name()).isEqualTo(row.get("name"));
      assertThat(kind.tabDeeper()).isEqualTo(number(row, "tab_deeper"));
      assertThat(kind.bushing()).isEqualTo(number(row, "bushing"));
      assertThat(kind.plateWidth()).isEqualTo(number(row, "plate_width"));
      assertThat(kind.mass()).isEqualTo(number(row, "mass"));
    }
    for (Map<String, String> row : plainly("bridges.csv")) {
      BridgeKind bridge = BridgeBook.get(row.get("id"));
      assertThat(bridge.posts()).isEqualTo(number(row, "posts"));
      assertThat(bridge.angled()).isEqualTo(row.get("angled").equals("yes"));
      assertThat(bridge.cuts().block().width()).isEqualTo(number(row, "block_width"));
      assertThat(bridge.cuts().springs().to()).isCloseTo(number(row, "spring_length"), within(0.0));
    }
  }

  @Test
  void aWoodNobodyKnowsIsNoError() {
    Species wood = SpeciesBook.get("driftwood");
    assertThat(wood.id()).isEqualTo("driftwood");
    assertThat(wood.densityLow()).isLessThan(wood.densityHigh());
  }

  @Test
  void aTableThatIsNotThereIsSaid() {
    assertThatThrownBy(() -> CsvTable.read("nothing.csv", Glue.class))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("nothing.csv");
  }
}
