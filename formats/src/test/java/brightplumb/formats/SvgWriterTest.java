package brightplumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import brightplumb.formats.svg.SvgWriter;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Read back with the platform's own XML parser. */
class SvgWriterTest {

    private static Document parsed(PatternSheet sheet) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(SvgWriter.write(sheet).getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void one_user_unit_is_one_millimetre() throws Exception {
        Ink line = new Ink.Stroke("ruler", Ink.Pen.CUT, List.of(new Line(Point.of(20, 30), Point.of(520, 30))));
        PatternSheet sheet = new PatternSheet(
                List.of(line), Map.of(), 540, 60, new TitleBlock("Line", "Nobody", "House", "test", "today", ""));
        Element svg = parsed(sheet).getDocumentElement();
        assertThat(svg.getAttribute("width")).isEqualTo("540mm");
        assertThat(svg.getAttribute("viewBox")).isEqualTo("0 0 540 60");
        Element path = (Element) svg.getElementsByTagName("path").item(0);
        String[] ends = path.getAttribute("d").substring(1).split("L");
        double x0 = Double.parseDouble(ends[0].split(",")[0]);
        double x1 = Double.parseDouble(ends[1].split(",")[0]);
        assertThat(x1 - x0).isCloseTo(500, within(1e-9));
    }

    @Test
    void every_piece_has_named_groups_for_its_kinds_of_line() throws Exception {
        NodeList groups = parsed(Patterns.skirt("Nobody")).getElementsByTagName("g");
        List<String> names = new ArrayList<>();
        for (int i = 0; i < groups.getLength(); i++) {
            names.add(((Element) groups.item(i)).getAttribute("id"));
        }
        assertThat(names)
                .doesNotHaveDuplicates()
                .contains(
                        "front.cut",
                        "front.sew",
                        "front.darts",
                        "front.fold",
                        "back.cut",
                        "back.marks",
                        "back.grain",
                        "back.label");
    }

    @Test
    void a_name_that_looks_like_markup_stays_a_name() throws Exception {
        Document svg = parsed(Patterns.skirt("<script>alert(1)</script> & \"co\" \u0001"));
        assertThat(svg.getElementsByTagName("script").getLength()).isZero();
        assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).contains("<script>");
    }
}
