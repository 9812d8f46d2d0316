package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Making;
import brightplumb.core.garment.Notions;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Unit;
import brightplumb.core.measure.UsualBody;
import brightplumb.formats.pdf.MakingPdf;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.PracticePdf;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.io.IOException;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** A page is printed in one unit, its sentences too. */
class PrintedUnitTest {

    private static final Pattern INCHES = Pattern.compile("\\binch|[0-9½¼¾⅛⅜⅝⅞] in\\b");
    private static final TitleBlock TITLE =
            new TitleBlock("Practice", "Usual Body", "House", "working draft", "25 November 2026", "B.P.");

    @TestFactory
    Stream<DynamicTest> in_centimetres_no_page_says_an_inch() {
        Spoken metric = new Spoken(Unit.CENTIMETRE, DecimalMark.COMMA);
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    assertThat(printed(cut, metric))
                            .doesNotContainPattern(INCHES)
                            .doesNotContain("{");
                }));
    }

    @TestFactory
    Stream<DynamicTest> in_inches_no_page_says_a_centimetre() {
        Spoken inches = new Spoken(Unit.INCH, DecimalMark.COMMA);
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    assertThat(printed(cut, inches))
                            .doesNotContainPattern("[0-9] cm\\b")
                            .doesNotContain("{");
                }));
    }

    private static String printed(Cut cut, Spoken spoken) throws IOException {
        Drafted drafted = Drafting.draft(DraftRequest.of(cut.id(), null, UsualBody.SHEET, Map.of(), null));
        return text(Patterns.written(out -> PracticePdf.write(drafted.draft(), TITLE, PaperSize.A4, spoken, out)))
                + text(Patterns.written(out -> MakingPdf.write(
                        drafted.pieces(),
                        Notions.of(drafted),
                        Making.of(drafted, cut.order()),
                        TITLE,
                        PaperSize.A4,
                        spoken,
                        out)));
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
