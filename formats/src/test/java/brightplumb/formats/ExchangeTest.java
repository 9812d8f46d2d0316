package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.csv.CutListCsv;
import brightplumb.formats.dxf.DxfWriter;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.RollPdf;
import brightplumb.formats.pdf.TiledPdf;
import brightplumb.formats.plot.PlotReader;
import brightplumb.formats.plot.PlotWriter;
import brightplumb.formats.plot.RollPlotter;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.Model;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.Shown;
import brightplumb.formats.sheet.TitleBlock;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/**
 * Files that other machines read: pairs of DXF and strokes of HP-GL are read back as their published formats say (from
 * memory).
 */
class ExchangeTest {

    private static final TitleBlock TITLE = new TitleBlock("Line", "Nobody", "House", "test", "today", "");

    private static PatternSheet line(double from, double to) {
        Ink line = new Ink.Stroke("ruler.cut", Ink.Pen.CUT, List.of(new Line(Point.of(from, 30), Point.of(to, 30))));
        return new PatternSheet(List.of(line), Map.of("ruler", Point.of(from, 30)), 540, 60, TITLE);
    }

    private record Pair(int code, String value) {}

    private static List<Pair> pairs(PatternSheet sheet) {
        String[] lines = DxfWriter.write(sheet).split("\r\n");
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < lines.length; i += 2) {
            pairs.add(new Pair(Integer.parseInt(lines[i].strip()), lines[i + 1]));
        }
        return pairs;
    }

    @Test
    void one_dxf_unit_is_one_millimetre_and_y_grows_upward() {
        List<Pair> pairs = pairs(line(20, 520));
        List<Double> x = new ArrayList<>();
        List<Double> y = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            if (pairs.get(i).equals(new Pair(0, "VERTEX"))) {
                x.add(Double.parseDouble(pairs.get(i + 2).value()));
                y.add(Double.parseDouble(pairs.get(i + 3).value()));
            }
        }
        assertThat(x.get(1) - x.get(0)).isCloseTo(500, within(1e-3));
        assertThat(y).allSatisfy(at -> assertThat(at).isCloseTo(30, within(1e-3)));
    }

    @Test
    void a_dxf_has_a_block_for_each_piece_inserted_once_and_a_layer_for_each_kind_of_line() {
        PatternSheet skirt = Patterns.skirt("Nobody");
        List<Pair> pairs = pairs(skirt);
        long blocks = pairs.stream().filter(new Pair(0, "BLOCK")::equals).count();
        assertThat(blocks).isEqualTo(skirt.places().size());
        assertThat(pairs.stream().filter(new Pair(0, "INSERT")::equals).count()).isEqualTo(blocks);
        assertThat(pairs).contains(new Pair(2, "CUT"), new Pair(2, "SEW"), new Pair(2, "FRONT"), new Pair(0, "EOF"));
        assertThat(DxfWriter.write(skirt)).isASCII();
        for (String section : List.of("HEADER", "TABLES", "BLOCKS", "ENTITIES")) {
            assertThat(pairs.stream().filter(new Pair(2, section)::equals)).hasSize(1);
        }
        assertThat(pairs.stream().filter(new Pair(0, "SECTION")::equals).count())
                .isEqualTo(pairs.stream().filter(new Pair(0, "ENDSEC")::equals).count());
    }

    @Test
    void forty_units_of_a_plot_are_a_millimetre_and_the_pen_is_up_between_strokes() {
        String plot = PlotWriter.write(line(20, 520));
        assertThat(plot).startsWith("IN;").contains("SP1;").endsWith("PU;SP0;\n");
        String stroke = plot.lines().filter(l -> l.contains("PD")).findFirst().orElseThrow();
        assertThat(stroke).isEqualTo("PU" + 40 * 30 + ",800;PD" + 40 * 30 + ",20800;");
        String skirt = PlotWriter.write(Patterns.skirt("Åse"));
        assertThat(skirt).isASCII();
        assertThat(skirt.lines().filter(l -> l.contains("PD"))).allMatch(l -> l.startsWith("PU"));
    }

    @Test
    void the_cut_list_has_a_line_for_each_piece_with_what_it_takes() throws IOException {
        var pieces = Patterns.drafted("straight-skirt").pieces();
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(CutListCsv.write(pieces)))
                .getRecords();
        assertThat(rows).hasSameSizeAs(pieces);
        for (int i = 0; i < rows.size(); i++) {
            CSVRecord row = rows.get(i);
            assertThat(row.get("piece")).isEqualTo(pieces.get(i).piece().id().toString());
            double box = Double.parseDouble(row.get("across_mm")) * Double.parseDouble(row.get("along_mm")) / 100;
            assertThat(Double.parseDouble(row.get("area_cm2"))).isBetween(box * 0.3, box * 1.001 + 0.1);
        }
    }

    @Test
    void a_print_has_a_layer_for_each_kind_of_line_and_shows_the_outline_that_was_asked() throws IOException {
        PatternSheet skirt = Patterns.skirt("Nobody");
        try (PDDocument document = Loader.loadPDF(Patterns.written(out -> TiledPdf.write(skirt, PaperSize.A0, out)))) {
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames())
                    .contains("Cut line", "Sewn line", "Labels", "Grain");
        }
        assertThat(Shown.CUT.of(skirt).ink().stream().map(Ink::kind))
                .contains("cut")
                .doesNotContain("sew");
        assertThat(Shown.SEW.of(skirt).ink().stream().map(Ink::kind))
                .contains("sew")
                .doesNotContain("cut");
        assertThat(Shown.BOTH.of(skirt)).isEqualTo(skirt);
    }

    @Test
    void a_model_is_so_many_times_smaller_has_a_bar_and_says_what_it_is() throws IOException {
        PatternSheet full = line(20, 520);
        PatternSheet quarter = Model.of(full, 4);
        List<Double> lengths = quarter.ink().stream()
                .filter(Ink.Stroke.class::isInstance)
                .map(i -> Curves.length(((Ink.Stroke) i).run()))
                .toList();
        assertThat(lengths.get(0)).as("half a metre").isCloseTo(125, within(1e-9));
        assertThat(lengths.get(1))
                .as("the bar for ten centimetres, with its two ends")
                .isCloseTo(25 + 8, within(1e-9));
        try (PDDocument document = Loader.loadPDF(
                Patterns.written(out -> TiledPdf.write(Model.of(Patterns.skirt("Nobody"), 4), PaperSize.A4, out)))) {
            assertThat(new PDFTextStripper().getText(document)).contains(Model.WORDS);
            assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(3);
        }
    }

    @Test
    void a_plotter_draws_what_was_written_tells_how_far_it_is_and_can_jam() {
        PatternSheet skirt = Patterns.skirt("Nobody");
        String plot = PlotWriter.write(skirt);
        double written = skirt.ink().stream()
                .filter(Ink.Stroke.class::isInstance)
                .mapToDouble(i -> Curves.length(((Ink.Stroke) i).run()))
                .sum();
        List<PlotReader.Stroke> read = PlotReader.read(plot);
        assertThat(read.stream().mapToDouble(PlotReader.Stroke::length).sum())
                .isCloseTo(written, within(written * 1e-3));
        assertThat(read.stream().map(PlotReader.Stroke::word)).contains("cut 1 on fold");
        List<Integer> told = new ArrayList<>();
        RollPlotter plotter = RollPlotter.taking(plot);
        RollPlotter.Plotted whole = plotter.plot(100, told::add);
        assertThat(whole.jammed()).isFalse();
        assertThat(told).isSorted().endsWith(100).hasSizeGreaterThan(5);
        RollPlotter.Plotted half = plotter.plot(50, percent -> {});
        assertThat(half.jammed()).isTrue();
        assertThat(half.drawn()).isBetween(50, 99);
        assertThat(half.strokes()).hasSizeLessThan(whole.strokes().size()).isNotEmpty();
        assertThat(inked(plotter.picture(half.strokes()))).isLessThan(inked(plotter.picture(whole.strokes())));
        assertThatThrownBy(() -> PlotReader.read("IN;ZZ3;")).hasMessageContaining("does not know ZZ");
    }

    private static long inked(BufferedImage picture) {
        return Arrays.stream(picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth()))
                .filter(rgb -> (rgb & 0xffffff) != 0xffffff)
                .count();
    }

    @Test
    void on_a_roll_the_pattern_is_one_page_at_full_size_and_no_wider_than_the_roll() throws IOException {
        DrawnPattern palazzo = DrawnPattern.of(Patterns.drafted("box-fold-palazzo"));
        PatternSheet sheet = RollPdf.sheet(DrawnPieces.of(palazzo, TITLE), 914.4, 1);
        try (PDDocument document = Loader.loadPDF(Patterns.written(out -> RollPdf.write(sheet, out)))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            double wide = document.getPage(0).getMediaBox().getWidth() * 25.4 / 72;
            assertThat(wide).isCloseTo(sheet.width() + 20, within(0.01)).isLessThanOrEqualTo(914.4);
        }
        PatternSheet model = RollPdf.sheet(DrawnPieces.of(palazzo, TITLE), 297, 4);
        assertThat(model.width()).isLessThanOrEqualTo(297 - 20);
        assertThatThrownBy(() -> RollPdf.sheet(DrawnPieces.of(palazzo, TITLE), 210, 1))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("roll"));
    }
}
