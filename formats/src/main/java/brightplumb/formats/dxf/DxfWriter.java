package brightplumb.formats.dxf;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.formats.sheet.Ink;
import brightplumb.formats.sheet.PatternSheet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Writes a pattern sheet as DXF of release 12, ASCII, one drawing unit a millimetre, y upward: a block for each piece,
 * inserted where it lies on the sheet, and a layer for each kind of line. Curves are polylines that stand off them by
 * no more than a fifth of a millimetre.
 */
public final class DxfWriter {

    private static final int STEPS = 32;

    private final StringBuilder out = new StringBuilder();
    private final PatternSheet sheet;

    private DxfWriter(PatternSheet sheet) {
        this.sheet = sheet;
    }

    /** The sheet as a DXF file. */
    public static String write(PatternSheet sheet) {
        DxfWriter dxf = new DxfWriter(sheet);
        dxf.all();
        return dxf.out.toString();
    }

    private void all() {
        Map<String, List<Ink>> pieces = byPiece();
        Set<String> layers = new LinkedHashSet<>();
        sheet.ink().forEach(i -> layers.add(layer(i)));
        section("HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$INSUNITS").pair(70, 4);
        pair(9, "$EXTMIN").at(10, Point.of(0, sheet.height()));
        pair(9, "$EXTMAX").at(10, Point.of(sheet.width(), 0));
        end();
        section("TABLES");
        pair(0, "TABLE").pair(2, "LAYER").pair(70, layers.size());
        int colour = 1;
        for (String layer : layers) {
            pair(0, "LAYER")
                    .pair(2, layer)
                    .pair(70, 0)
                    .pair(62, colour++ % 7 + 1)
                    .pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB");
        end();
        section("BLOCKS");
        pieces.forEach((piece, ink) -> {
            pair(0, "BLOCK").pair(8, "0").pair(2, block(piece)).pair(70, 0).at(10, origin(piece));
            ink.forEach(this::draw);
            pair(0, "ENDBLK").pair(8, "0");
        });
        end();
        section("ENTITIES");
        pieces.keySet()
                .forEach(piece ->
                        pair(0, "INSERT").pair(8, "0").pair(2, block(piece)).at(10, origin(piece)));
        sheet.ink().stream().filter(i -> !pieces.containsKey(piece(i))).forEach(this::draw);
        end();
        pair(0, "EOF");
    }

    private Map<String, List<Ink>> byPiece() {
        Map<String, List<Ink>> pieces = new LinkedHashMap<>();
        for (String piece : new TreeMap<>(sheet.places()).keySet()) {
            pieces.put(
                    piece,
                    sheet.ink().stream().filter(i -> piece(i).equals(piece)).toList());
        }
        return pieces;
    }

    private static String piece(Ink ink) {
        int dot = ink.group().lastIndexOf('.');
        return dot < 0 ? "" : ink.group().substring(0, dot);
    }

    /** What kind of line it is: CUT, SEW, MARKS. */
    private static String layer(Ink ink) {
        return ink.kind().toUpperCase(Locale.ROOT);
    }

    private static String block(String piece) {
        return piece.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    private Point origin(String piece) {
        return sheet.places().get(piece);
    }

    private void draw(Ink ink) {
        if (ink instanceof Ink.Text text) {
            pair(0, "TEXT").pair(8, layer(ink)).at(10, text.at()).pair(40, text.height());
            pair(1, plain(text.text())).pair(50, -text.turned());
            return;
        }
        List<Point> places = Curves.flattened(((Ink.Stroke) ink).run(), STEPS);
        pair(0, "POLYLINE").pair(8, layer(ink)).pair(66, 1).pair(70, 0);
        for (Point place : places) {
            pair(0, "VERTEX").pair(8, layer(ink)).at(10, place);
        }
        pair(0, "SEQEND").pair(8, layer(ink));
    }

    /** Release 12 knows no letters beyond the plain ones: each other is written by its number. */
    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (c < 128) {
                plain.appendCodePoint(c);
            } else {
                plain.append(String.format(Locale.ROOT, "\\U+%04X", c));
            }
        });
        return plain.toString();
    }

    private void section(String name) {
        pair(0, "SECTION").pair(2, name);
    }

    private void end() {
        pair(0, "ENDSEC");
    }

    /** A place on the sheet, whose y grows downward. */
    private DxfWriter at(int code, Point place) {
        return pair(code, place.x()).pair(code + 10, sheet.height() - place.y()).pair(code + 20, 0.0);
    }

    private DxfWriter pair(int code, Object value) {
        String written = value instanceof Double d ? String.format(Locale.ROOT, "%.4f", d) : String.valueOf(value);
        out.append(code).append("\r\n").append(written).append("\r\n");
        return this;
    }
}
