package brightplumb.core.cutting;

import static brightplumb.core.table.Exhibit.Ink.CLOTH;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Crossings;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;

/** Whether the widest piece, allowances counted, goes across the cloth as it is laid. */
final class ClothWideEnough {

    static final CheckId ID = new CheckId("cloth.wide.enough", "wide");

    /** Usual widths of cloth, mm: 36, 45, 54 and 60 in; 90, 115, 140, 150 and 160 cm. */
    private static final double[] USUAL = {
        900, 36 * Length.INCH, 45 * Length.INCH, 1150, 54 * Length.INCH, 1400, 1500, 60 * Length.INCH, 1600
    };

    private ClothWideEnough() {}

    static Check of(List<CutPiece> pieces, Cloth cloth) {
        Across across = widest(pieces, cloth);
        boolean wide = across.piece() <= across.room();
        return new Check(
                        ID,
                        "Cloth width",
                        wide ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        across.room(),
                        across.piece(),
                        0,
                        wide
                                ? "The widest piece goes across the cloth with its allowances."
                                : "The widest piece does not go across the cloth.",
                        wide
                                ? ""
                                : "With its allowances it is wider than the cloth as it is laid; buy wider cloth, or "
                                        + "seam the piece.",
                        wide ? List.of() : wider(across),
                        across)
                .asFloor();
    }

    /** The piece that uses most of its room; a line is walked only where the box round its handles may be wider. */
    private static Across widest(List<CutPiece> pieces, Cloth cloth) {
        Across widest = Across.of(pieces.get(0), cloth);
        for (CutPiece piece : pieces.subList(1, pieces.size())) {
            if (Across.bound(piece, cloth).uses() > widest.uses()) {
                Across across = Across.of(piece, cloth);
                widest = across.uses() > widest.uses() ? across : widest;
            }
        }
        return widest;
    }

    private static List<Remedy> wider(Across across) {
        double needed = across.piece() * (across.doubled() ? 2 : 1);
        return DoubleStream.of(USUAL)
                .filter(w -> w >= needed)
                .limit(1)
                .mapToObj(w -> new Remedy(Sentence.of("Buy the next usual width that takes it"), Map.of(), w))
                .toList();
    }

    /**
     * The widest piece laid across the cloth, its grain along the selvedge.
     *
     * @param left where it begins: at the fold, or at its leftmost place
     * @param piece how wide it is with its allowances, mm
     */
    record Across(CutPiece cut, Cloth cloth, double left, double piece) implements Evidence {

        static Across of(CutPiece cut, Cloth cloth) {
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (Point place : Curves.flattened(cut.upright(), 12)) {
                least = Math.min(least, place.x());
                most = Math.max(most, place.x());
            }
            return between(cut, cloth, least, most);
        }

        /** No piece is wider than the ends and handles of its lines. */
        static Across bound(CutPiece cut, Cloth cloth) {
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (Segment s : cut.upright()) {
                double[] box = Crossings.box(s);
                least = Math.min(least, box[0]);
                most = Math.max(most, box[1]);
            }
            return between(cut, cloth, least, most);
        }

        private static Across between(CutPiece cut, Cloth cloth, double least, double most) {
            double left = cut.onFold() && !cut.turned() ? 0 : least;
            return new Across(cut, cloth, left, most - left);
        }

        /** Whether the piece finds only half the width: on the fold, or on doubled cloth. */
        boolean doubled() {
            return cut.onFold() && !cut.turned()
                    || cloth.folded() && !cut.piece().copies().flat();
        }

        double room() {
            return cloth.width() / (doubled() ? 2 : 1);
        }

        double uses() {
            return piece / room();
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("cloth width", cloth.width()),
                    Figure.mm(doubled() ? "half of it, folded" : "laid open", room()),
                    Figure.mm(cut.name() + ", cut", piece()),
                    Figure.together("to spare", room() - piece()));
        }

        @Override
        public Exhibit exhibit() {
            List<Point> places = Curves.flattened(cut.upright(), 12);
            double top = places.stream().mapToDouble(Point::y).min().orElse(0);
            double bottom = places.stream().mapToDouble(Point::y).max().orElse(0);
            // The length of the cloth runs across the picture: the piece is turned a quarter, waist to the left.
            Rigid lay = Rigid.slide(Point.of(40 - top, -left)).after(new Rigid(0, 1, 1, 0, 0, 0));
            double length = bottom - top + 80;
            boolean wide = piece <= room();
            Exhibit.Table table = new Exhibit.Table()
                    .fill(
                            CLOTH,
                            Exhibit.outline(
                                    Point.of(0, 0), Point.of(length, 0), Point.of(length, room()), Point.of(0, room())))
                    .draw(!cut.piece().behind() ? FRONT : Exhibit.Ink.BACK, Curves.moved(cut.upright(), lay))
                    .draw(PENCIL, Point.of(0, 0), Point.of(length, 0))
                    .say(PENCIL, Point.of(length / 2, -16), doubled() ? "fold of the cloth" : "selvedge")
                    .say(PENCIL, Point.of(length / 2, room() + 26), "selvedge")
                    .span(PLAIN, Point.of(-40, 0), Point.of(-40, room()), doubled() ? "half the cloth" : "the cloth")
                    .span(wide ? PLAIN : FAULT, Point.of(length + 40, 0), Point.of(length + 40, piece()), "the piece");
            if (!wide) {
                table.draw(FAULT, Point.of(0, room()), Point.of(length, room()));
            }
            return table.done();
        }
    }
}
