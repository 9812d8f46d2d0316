package brightplumb.core.style.band;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.BandSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;

/** Whether the band is as long as the edge it is sewn to; up to half an inch of the edge can be held in to it. */
final class BandFits {

    static final CheckId ID = new CheckId("band.fits", "fits");

    private static final double HELD_IN = Length.INCH / 2;

    private BandFits() {}

    static boolean applies(Inspected on) {
        return on.draft().pattern().find(Seam.WAIST).isPresent();
    }

    static Check of(Inspected on) {
        Laid laid = new Laid(on.draft().pattern(), on.draft().join(Seam.WAIST));
        double longer = laid.edge() - laid.band();
        boolean stretched = longer > 0 && laid.band() * (1 + on.set().cloth().stretch()) >= laid.edge();
        Verdict verdict = Math.abs(longer) <= Tolerance.SEAM || stretched
                ? Verdict.TRUE
                : longer > 0 && longer <= HELD_IN ? Verdict.WATCH : Verdict.OFF;
        return new Check(
                ID,
                "Band",
                verdict,
                Quantity.MM,
                laid.band(),
                laid.edge(),
                Tolerance.SEAM,
                switch (verdict) {
                    case TRUE ->
                        longer > Tolerance.SEAM
                                ? "The band is stretched to the waist it is sewn to, and draws it in."
                                : "The band is as long as the waist it is sewn to, darts shut.";
                    case WATCH -> "The edge is a little longer than the band, and is held in to it.";
                    default -> "The band is not as long as the edge it is sewn to.";
                },
                verdict == Verdict.TRUE
                        ? ""
                        : "The edge lies lower on the hip than the waist the band was made for: hold it in, shape the "
                                + "band, or take the side in.",
                verdict == Verdict.TRUE
                        ? List.of()
                        : List.of(new Remedy(
                                "Set the band above the waist line", Map.of(BandSettings.BAND_PLACE, BandPlace.ABOVE))),
                laid);
    }

    /** The band laid along the edge it is sewn to. */
    record Laid(Pattern pattern, Join join) implements Evidence {

        double edge() {
            return join.layers().get(0).length();
        }

        double band() {
            return join.layers().get(1).length();
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("edge, darts shut", edge()),
                    Figure.mm("band", band()),
                    Figure.together("edge longer", edge() - band()));
        }

        /** The edge straightened out over the band: each stretch from one seam or dart to the next. */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            double x = 0;
            for (Stretch s : join.layers().get(0).stretches()) {
                Piece piece = pattern.piece(s.piece());
                List<Segment> line = pattern.lines(new Run(List.of(s)));
                Point from = line.get(0).from();
                Point to = line.get(line.size() - 1).to();
                Rigid level = Rigid.turn(from, -Math.atan2(to.y() - from.y(), to.x() - from.x()));
                Rigid lay = Rigid.slide(Point.of(x, -70).minus(from)).after(level);
                table.draw(Exhibit.ink(piece), Curves.moved(line, lay));
                table.draw(Exhibit.Ink.PENCIL, Point.of(x, -86), Point.of(x, 20));
                x += s.length();
            }
            table.draw(Exhibit.Ink.PENCIL, Point.of(x, -86), Point.of(x, 20));
            table.draw(Exhibit.Ink.PLAIN, Point.of(0, 0), Point.of(band(), 0))
                    .say(Exhibit.Ink.PLAIN, Point.of(band() / 2, 34), "band", Quantity.MM, band())
                    .say(Exhibit.Ink.PENCIL, Point.of(x / 2, -120), "edge, darts shut", Quantity.MM, edge());
            if (Math.abs(x - band()) > Tolerance.SEAM) {
                table.draw(Exhibit.Ink.FAULT, Point.of(Math.min(x, band()), 0), Point.of(Math.max(x, band()), 0));
            }
            return table.done();
        }
    }
}
