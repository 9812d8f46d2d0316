package brightplumb.formats.svg;

import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes a pattern sheet as SVG 1.1 whose user unit is one millimetre. */
public final class SvgWriter {

    private static final int DECIMALS = 4;

    private static final String SVG = "http://www.w3.org/2000/svg";

    private SvgWriter() {}

    /** The sheet as an SVG document. */
    public static String write(PatternSheet sheet) {
        StringWriter out = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(out);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace(SVG);
            xml.writeAttribute("width", number(sheet.width()) + "mm");
            xml.writeAttribute("height", number(sheet.height()) + "mm");
            xml.writeAttribute("viewBox", "0 0 " + number(sheet.width()) + " " + number(sheet.height()));
            element(xml, "title", sheet.title().garment() + ", " + sheet.title().person());
            groups(xml, sheet.ink());
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("Writing to memory does not fail", e);
        }
        return out.toString();
    }

    private static void groups(XMLStreamWriter xml, List<Ink> inks) throws XMLStreamException {
        String open = null;
        for (Ink ink : inks) {
            if (!ink.group().equals(open)) {
                if (open != null) {
                    xml.writeEndElement();
                }
                open = ink.group();
                xml.writeStartElement("g");
                xml.writeAttribute("id", open);
            }
            if (ink instanceof Ink.Stroke stroke) {
                stroke(xml, stroke);
            } else {
                text(xml, (Ink.Text) ink);
            }
        }
        if (open != null) {
            xml.writeEndElement();
        }
    }

    private static void stroke(XMLStreamWriter xml, Ink.Stroke stroke) throws XMLStreamException {
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", SvgPath.of(stroke.run(), DECIMALS));
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", "#1C2730");
        xml.writeAttribute("stroke-width", number(stroke.pen().width()));
        if (stroke.pen().dash() > 0) {
            xml.writeAttribute(
                    "stroke-dasharray",
                    number(stroke.pen().dash()) + " " + number(stroke.pen().gap()));
        }
    }

    private static void text(XMLStreamWriter xml, Ink.Text text) throws XMLStreamException {
        xml.writeStartElement("text");
        String at = number(text.at().x()) + " " + number(text.at().y());
        xml.writeAttribute("transform", "translate(" + at + ") rotate(" + number(text.turned()) + ")");
        xml.writeAttribute("font-family", "sans-serif");
        xml.writeAttribute("font-size", number(text.height() * 1.4));
        xml.writeCharacters(printable(text.text()));
        xml.writeEndElement();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(printable(text));
        xml.writeEndElement();
    }

    /** Characters XML cannot carry are left out; the writer escapes the rest. */
    private static String printable(String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints()
                .filter(c -> c >= 0x20 && c != 0xFFFE && c != 0xFFFF && (c < 0xD800 || c > 0xDFFF))
                .forEach(kept::appendCodePoint);
        return kept.toString();
    }

    /** A number with at most four decimals: a tenth of a micrometre. */
    private static String number(double value) {
        return SvgPath.number(value, DECIMALS);
    }
}
