package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Drafted;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Unit;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.PracticePdf;
import brightplumb.formats.sheet.PracticeSheet;
import brightplumb.formats.sheet.PracticeSheet.Frame;
import brightplumb.formats.sheet.PracticeSheet.Kind;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A draft on paper as it is drawn, to be drawn after. */
class PracticeSheetTest {

    private static final TitleBlock TITLE = new TitleBlock("Practice", "Nobody", "House", "test", "today", "");

    private static long count(Frame frame, Kind kind) {
        return frame.lines().stream().filter(l -> l.kind() == kind).count();
    }

    @Test
    void it_grows_from_step_to_step_and_does_not_move() {
        Drafted trousers = Patterns.drafted("classic-trousers");
        List<Frame> frames = PracticeSheet.of(trousers.draft()).frames();
        assertThat(frames).hasSameSizeAs(trousers.draft().steps());
        long outlines = 0;
        for (Frame frame : frames) {
            boolean panels = frame.step().drawn().isEmpty()
                    || frame.step().drawn().stream().anyMatch(d -> d.sheet().matches("front|back"));
            if (panels) {
                assertThat(frame.to())
                        .as(frame.step().fact().id())
                        .isEqualTo(frames.get(0).to());
                assertThat(count(frame, Kind.OUTLINE)).isGreaterThanOrEqualTo(outlines);
                outlines = count(frame, Kind.OUTLINE);
            }
        }
        assertThat(count(frames.get(2), Kind.OUTLINE)).isZero();
        assertThat(outlines).as("both panels, all round").isGreaterThan(6);
    }

    @Test
    void an_amount_of_a_made_piece_stands_in_its_outline() {
        Drafted skirt = Patterns.drafted("straight-skirt");
        Frame high = PracticeSheet.of(skirt.draft()).frames().stream()
                .filter(f -> f.step().fact().id().equals("band.height"))
                .findFirst()
                .orElseThrow();
        assertThat(high.lines())
                .anyMatch(l -> l.kind() == Kind.NOW && Math.abs(l.laidOff() - 38.1) < 0.1)
                .anyMatch(l -> l.kind() == Kind.BEFORE && l.run().size() == 4);
        assertThat(high.to().y() - high.from().y()).as("cut double").isCloseTo(76.2, within(0.1));
    }

    @Test
    void every_step_stands_on_a_page_with_its_working_in_the_tape_of_the_reader() throws IOException {
        Drafted skirt = Patterns.drafted("straight-skirt");
        int steps = skirt.draft().steps().size();
        String inches = text(skirt, new Spoken(Unit.INCH, DecimalMark.POINT), (steps + 3) / 4);
        assertThat(inches)
                .contains(
                        "All figures in inches", "(hip 38 + hip ease 1) ÷ 4", "1 of " + steps, steps + " of " + steps);
        String centimetres = text(skirt, new Spoken(Unit.CENTIMETRE, DecimalMark.COMMA), (steps + 3) / 4);
        assertThat(centimetres).contains("All figures in centimetres", "hip 96,5 + hip ease 2,5");
    }

    private static String text(Drafted drafted, Spoken spoken, int pages) throws IOException {
        byte[] pdf = Patterns.written(out -> PracticePdf.write(drafted.draft(), TITLE, PaperSize.A4, spoken, out));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(pages);
            return new PDFTextStripper().getText(document);
        }
    }
}
