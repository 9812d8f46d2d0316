package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.Drafted;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Unit;
import brightplumb.formats.pdf.BenchPdf;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.math3.analysis.interpolation.SplineInterpolator;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/** A draft followed by tape and chalk alone comes out as the draft. */
class BenchSheetTest {

    private static final TitleBlock TITLE = new TitleBlock("Skirt", "Nobody", "House", "revision 1", "today", "WH");

    private static BenchSheet sheet(String cut) {
        return BenchSheet.of(DrawnPattern.of(draft(cut)));
    }

    private static Drafted draft(String cut) {
        return Patterns.drafted(cut);
    }

    @ParameterizedTest
    @ValueSource(strings = {"straight-skirt", "round-back-pencil", "ankle-pencil", "half-block-skirt"})
    void every_point_lies_on_the_sewn_line_or_one_inside_it_or_is_a_darts_point(String cut) {
        for (BenchSheet.Panel panel : sheet(cut).panels()) {
            List<Point> line = new ArrayList<>(Curves.flattened(panel.piece().sewLine(), 400));
            panel.piece().inner().forEach(l -> line.addAll(Curves.flattened(l.run(), 400)));
            for (BenchSheet.Place place : panel.places()) {
                boolean dart =
                        panel.piece().darts().stream().anyMatch(d -> d.point().distance(place.at()) < 1e-9);
                double away = line.stream()
                        .mapToDouble(p -> p.distance(place.at()))
                        .min()
                        .orElseThrow();
                boolean onLine = away < 1 || straightAway(panel, place.at());
                assertThat(dart || onLine).as(cut + " " + place).isTrue();
            }
        }
    }

    private static boolean straightAway(BenchSheet.Panel panel, Point at) {
        return panel.piece().sewLine().stream()
                .anyMatch(s -> s.from().distance(at) < 1e-6 || s.to().distance(at) < 1e-6);
    }

    @ParameterizedTest
    @ValueSource(strings = {"straight-skirt", "round-back-pencil", "ankle-pencil", "half-block-skirt"})
    void joining_the_points_by_straight_lines_alone_loses_less_than_a_hundredth_of_the_cloth(String cut) {
        for (BenchSheet.Panel panel : sheet(cut).panels()) {
            List<Point> points = panel.places().stream()
                    .takeWhile(p -> !p.what().endsWith(", from"))
                    .filter(p -> !p.what().equals("dart point"))
                    .map(BenchSheet.Place::at)
                    .toList();
            double area = 0;
            for (int i = 0; i < points.size(); i++) {
                area += points.get(i).cross(points.get((i + 1) % points.size())) / 2;
            }
            double drawn = Outlines.area(panel.piece().sewLine());
            assertThat(Math.abs(area - drawn) / drawn).as(cut).isLessThan(0.01);
        }
    }

    /** The points as they are numbered and told, a lath laid through them by Commons Math, and distances by JTS. */
    @ParameterizedTest
    @MethodSource("cuts")
    void a_smooth_line_through_the_points_lies_within_a_millimetre_of_every_curve(String cut) {
        for (BenchSheet.Panel panel : sheet(cut).panels()) {
            List<LineString> drawn = new ArrayList<>(List.of(chain(panel.piece().sewLine())));
            panel.piece().inner().forEach(l -> drawn.add(chain(l.run())));
            for (BenchSheet.Place place : panel.places()) {
                Matcher through = THROUGH.matcher(place.how());
                if (!through.find()) {
                    continue;
                }
                List<Point> points = new ArrayList<>(List.of(at(panel, Integer.parseInt(through.group(1)))));
                for (String number : through.group(2).split(", ")) {
                    points.add(at(panel, Integer.parseInt(number)));
                }
                points.add(place.at());
                for (Point p : smooth(points)) {
                    var spot = GEOMETRY.createPoint(new Coordinate(p.x(), p.y()));
                    assertThat(drawn.stream()
                                    .mapToDouble(d -> d.distance(spot))
                                    .min()
                                    .orElseThrow())
                            .as(panel.name() + " " + place.how())
                            .isLessThan(1);
                }
            }
        }
    }

    private static LineString chain(List<Segment> run) {
        return GEOMETRY.createLineString(Curves.flattened(run, 64).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));
    }

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final Pattern THROUGH = Pattern.compile("smooth curve from (\\d+) through ([\\d, ]+\\d)");

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    private static Point at(BenchSheet.Panel panel, int number) {
        return panel.places().stream()
                .filter(p -> p.number() == number)
                .findFirst()
                .orElseThrow()
                .at();
    }

    private static List<Point> smooth(List<Point> through) {
        double[] at = new double[through.size()];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + through.get(i - 1).distance(through.get(i));
        }
        var lath = new SplineInterpolator();
        var x = lath.interpolate(at, through.stream().mapToDouble(Point::x).toArray());
        var y = lath.interpolate(at, through.stream().mapToDouble(Point::y).toArray());
        List<Point> line = new ArrayList<>();
        for (double along = 0; along < at[at.length - 1]; along += 0.7) {
            line.add(Point.of(x.value(along), y.value(along)));
        }
        return line;
    }

    @ParameterizedTest
    @ValueSource(strings = {"straight-skirt", "ankle-pencil", "half-block-skirt"})
    void no_line_is_drawn_from_a_darts_point_but_its_legs(String cut) {
        for (BenchSheet.Panel panel : sheet(cut).panels()) {
            for (BenchSheet.Place place : panel.places()) {
                if (place.what().equals("dart point")) {
                    assertThat(panel.places())
                            .as(cut)
                            .noneMatch(p -> p.how().matches(".*(from|and) " + place.number() + "( .*)?"));
                }
            }
        }
    }

    @Test
    void a_piece_made_besides_is_told_by_its_own_edges_with_its_folds() {
        BenchSheet sheet = sheet("flap-pocket-shorts");
        BenchSheet.Panel pocket = panel(sheet, "pocket");
        assertThat(pocket.onBody()).isFalse();
        assertThat(pocket.places())
                .hasSize(4)
                .allSatisfy(p -> assertThat(p.what()).startsWith("corner, ").doesNotContain("centre"));
        assertThat(panel(sheet, "flap").places())
                .extracting(BenchSheet.Place::what)
                .as("the line it is folded on, from end to end")
                .anySatisfy(what -> assertThat(what).endsWith(", from"))
                .anySatisfy(what -> assertThat(what).endsWith(", to"));
        assertThat(panel(sheet, "front").onBody()).isTrue();
    }

    private static BenchSheet.Panel panel(BenchSheet sheet, String id) {
        return sheet.panels().stream()
                .filter(p -> p.piece().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void each_piece_has_its_own_page_with_numbers_in_the_tapes_fractions() throws IOException {
        byte[] pdf = Patterns.written(
                out -> BenchPdf.write(sheet("straight-skirt"), TITLE, PaperSize.A4, Unit.INCH, DecimalMark.COMMA, out));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            String words = new PDFTextStripper().getText(document);
            assertThat(words)
                    .contains("Skirt: front", "Skirt: back", "waist at the side", "smooth curve from", "dart point")
                    .contains("The hip line: 8 down")
                    .matches("(?s).*\\d[⅛¼⅜½⅝¾⅞].*")
                    .doesNotContain("?");
        }
        try (PDDocument metric = Loader.loadPDF(Patterns.written(out -> BenchPdf.write(
                sheet("straight-skirt"), TITLE, PaperSize.LETTER, Unit.CENTIMETRE, DecimalMark.COMMA, out)))) {
            assertThat(new PDFTextStripper().getText(metric)).contains("20,3 down");
        }
    }

    /** Where each word stands, as PDFBox reads it back. */
    private static final class Margins extends PDFTextStripper {
        private double rightmost;
        private double lowest;

        @Override
        protected void processTextPosition(TextPosition text) {
            rightmost = Math.max(rightmost, (text.getXDirAdj() + text.getWidthDirAdj()) * 25.4 / 72);
            lowest = Math.max(lowest, text.getYDirAdj() * 25.4 / 72);
            super.processTextPosition(text);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"classic-trousers", "straight-skirt", "shorts-block"})
    void nothing_leaves_the_margins_and_no_few_rows_spill_onto_a_page(String cut) throws IOException {
        BenchSheet chalk = BenchSheet.of(DrawnPattern.of(draft(cut)), true);
        for (PaperSize paper : List.of(PaperSize.A4, PaperSize.LETTER)) {
            byte[] pdf = Patterns.written(
                    out -> BenchPdf.write(chalk, TITLE, paper, Unit.CENTIMETRE, DecimalMark.COMMA, out));
            try (PDDocument document = Loader.loadPDF(pdf)) {
                Margins margins = new Margins();
                margins.getText(document);
                assertThat(margins.rightmost).isLessThan(paper.width() - 11);
                assertThat(margins.lowest).isLessThan(paper.height() - 10);
                assertThat(document.getNumberOfPages())
                        .isLessThanOrEqualTo(2 * chalk.panels().size());
                for (int page = 1; page <= document.getNumberOfPages(); page++) {
                    margins.setStartPage(page);
                    margins.setEndPage(page);
                    assertThat(margins.getText(document)
                                    .lines()
                                    .filter(l -> l.matches("\\d+ .*"))
                                    .count())
                            .as("rows on page " + page)
                            .isGreaterThanOrEqualTo(4);
                }
            }
        }
    }

    @Test
    void with_allowances_every_point_of_the_outline_has_its_fellow_on_the_cut_line() {
        Drafted drafted = draft("slit-pencil");
        BenchSheet chalk = BenchSheet.of(DrawnPattern.of(drafted), true);
        assertThat(sheet("slit-pencil").panels().get(0).places()).allMatch(p -> p.cut() == null);
        for (BenchSheet.Panel panel : chalk.panels()) {
            for (BenchSheet.Place place : panel.places()) {
                boolean drawnInside =
                        place.what().contains(", from") || place.what().contains(", to");
                if (!drawnInside) {
                    assertThat(place.cut() == null)
                            .as(place.what())
                            .isEqualTo(place.what().equals("dart point"));
                }
                if (place.cut() != null) {
                    assertThat(Curves.nearest(panel.piece().cutLine(), place.cut())
                                    .away())
                            .as(panel.name() + ", " + place.what())
                            .isLessThan(0.05);
                }
            }
        }
        BenchSheet.Place side = panel(chalk, "front").places().stream()
                .filter(p -> p.what().equals("hip on the side"))
                .findFirst()
                .orElseThrow();
        assertThat(side.cut().x() - side.at().x()).as("an inch at the side").isCloseTo(25.4, within(0.2));
    }

    @Test
    void a_half_block_back_stands_on_the_fronts_frame_half_a_hip_wide() {
        Drafted drafted = draft("half-block-skirt");
        BenchSheet.Panel back = panel(BenchSheet.of(DrawnPattern.of(drafted)), "back");
        BenchSheet.Panel front = panel(BenchSheet.of(DrawnPattern.of(drafted)), "front");
        double half = back.piece().frame();
        assertThat(back.begins()).contains("half a hip wide");
        assertThat(front.piece().frame()).isNull();
        double frontSide = side(front);
        double backSide = side(back);
        assertThat(backSide).as("the sides meet on the frame").isCloseTo(frontSide, within(0.5));
        assertThat(back.places().get(0).at().x())
                .as("its centre is the far side")
                .isBetween(half - 60, half + 1);
    }

    private static double side(BenchSheet.Panel panel) {
        return panel.places().stream()
                .filter(p -> p.what().equals("hip on the side"))
                .mapToDouble(p -> p.at().x())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_back_taken_from_the_front_says_which_points_are_the_fronts() {
        boolean traced = brightplumb.core.garment.Catalogue.CUTS.stream()
                .map(c -> panel(sheet(c.id()), "back").begins())
                .anyMatch(words -> words.startsWith("Trace the front first"));
        assertThat(traced).isTrue();
    }
}
