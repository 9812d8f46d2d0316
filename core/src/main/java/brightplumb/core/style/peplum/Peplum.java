package brightplumb.core.style.peplum;

import static brightplumb.core.rule.TopSettings.PEPLUM_LENGTH;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Rectangle;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Drape;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.drape.FallsSoftly;
import brightplumb.core.style.lining.BodiceLining;
import brightplumb.core.style.opening.Zip;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A full circle of cloth that falls from a top edge, its inner edge as long as the edge it is sewn to, slit at the
 * centre back. Where the edge goes over the arms, so much of the ring hangs free between front and back. A strip as
 * long as the ring, sewn on from inside and folded over, is the channel of an elastic over bodice and arms alike.
 * Common practice, no source.
 */
public final class Peplum implements Operation {

    private static final Panel PEPLUM = new Panel("peplum");

    private static final Fact PEPLUM_INNER = new Fact("peplum.inner");

    /** The peplum to the top edge. */
    private static final Seam SEAM = new Seam("peplum");

    private static final Seam SIDE_SEAM = Seam.SIDE.in("peplum");

    /** The casing strip to the inner edge, over bodice and arms alike. */
    private static final Seam STRIP_SEAM = SEAM.of("casing");

    private static final Fact STRIP = new Fact("peplum.casing");

    private static final PieceId CASING = PieceId.of("peplum-casing");

    private static final StepId CASED = new StepId("peplum.cased");

    private static final StepId ON = new StepId("peplum");

    private static final StepId MADE = new StepId("peplum.made");

    private static final StepId TOP_ELASTIC = new StepId("top.elastic");

    /** Its inner edge. */
    public static final EdgeRole INNER = new EdgeRole("inner", "inner edge");

    private static final EdgeRole SIDE = new EdgeRole("peplum.side", "peplum's side");
    private static final EdgeRole OUTER = new EdgeRole("outer", "outer edge");
    private static final EdgeRole SLIT = new EdgeRole("slit", "slit");
    private static final EdgeRole SEWN_ON = new EdgeRole("casing.sewn", "sewn to the peplum");
    private static final EdgeRole FOLDED = new EdgeRole("casing.folded", "folded over");
    private static final EdgeRole STRIP_END = new EdgeRole("casing.end", "end");

    /** A sixth of a quarter turn at a time: within a thousandth of a millimetre on any radius here. */
    private static final double AT_MOST = Math.PI / 12;

    /** The elastic in its channel is so much of the edge: held up without cutting in. */
    private static final double HELD = 0.9;

    /** The elastic, and the room it has in its channel, inches. */
    private static final double ELASTIC = 0.5;

    private static final double ROOM = 0.25;

    /** Its ends lap by so much where they are sewn together, inches. */
    private static final double LAP = 1;

    @Override
    public String id() {
        return "peplum";
    }

    @Override
    public String title() {
        return "Circle peplum";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(PEPLUM_LENGTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(PEPLUM_LENGTH, Rule.inProportion(Amount.byHabit(9), "{9}, to the waist or a little above."));
    }

    @Override
    public boolean fits(Draft before) {
        return edged(before).size() == 2;
    }

    /** The bodice's panels with a top edge, front and back. */
    private static List<Piece> edged(Draft draft) {
        return draft.with(BodiceEdges.TOP).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.id().hand() == Hand.BOTH)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount ring = before.fact(BodiceFacts.TOP_RING);
        Amount radius = table.step(
                ring.over(2 * Math.PI).as(PeplumFacts.RADIUS, "peplum's radius"),
                "Inner radius",
                "A full circle: the whole edge, divided by twice pi.");
        Amount deep = table.step(
                table.set(PEPLUM_LENGTH).as(PEPLUM_LENGTH.fact(), "peplum length"),
                "Peplum long",
                table.set().why(PEPLUM_LENGTH));
        List<Piece> edged = edged(before);
        double onBody = 2
                * edged.stream()
                        .mapToDouble(p -> p.require(BodiceEdges.TOP).length())
                        .sum();
        double free = (ring.value() - onBody) / 4;
        Pattern pattern = before.pattern();
        List<Piece> quarters = new ArrayList<>();
        for (Piece bodice : edged) {
            double along = bodice.require(BodiceEdges.TOP).length() + free;
            Piece quarter = quarter(bodice, radius.value(), deep.value(), along, free);
            quarters.add(quarter);
            table.paper().draw(quarter.id().toString(), Drawn.Role.OUTLINE, "", quarter.sewLine());
        }
        table.step(
                PEPLUM_INNER,
                "Inner edge, half",
                Amount.found(
                        "measured along the curve",
                        quarters.stream()
                                .mapToDouble(q -> q.require(INNER).length())
                                .sum()),
                free > 1
                        ? "From the centre front over the arm to the slit; between front and back it hangs free over "
                                + "the arm."
                        : "From the centre front to the slit at the centre back, as long as the edge it is sewn to.");
        pattern = pattern.with(quarters);
        List<Join> joins = new ArrayList<>();
        for (int i = 0; i < edged.size(); i++) {
            Piece bodice = edged.get(i);
            Piece quarter = quarters.get(i);
            double long_ = bodice.require(BodiceEdges.TOP).length();
            double to = Math.min(long_, quarter.require(INNER).length());
            joins.add(Join.sewn(
                    SEAM,
                    Run.of(Stretch.whole(bodice, bodice.require(BodiceEdges.TOP))),
                    Run.of(new Stretch(quarter.id(), Hand.BOTH, INNER, 1, 0, to, false))));
        }
        joins.add(Join.sewn(SIDE_SEAM, SIDE, quarters.get(0), quarters.get(1)));
        Amount wide = table.step(
                STRIP,
                "Casing strip wide, finished",
                Amount.inches("elastic", ELASTIC).plus(Amount.inches("room", ROOM)),
                "As long as the ring; with an allowance at each long edge it is cut {1.25} wider than the elastic.");
        Piece strip = strip(quarters, wide.value());
        table.paper().draw(CASING.toString(), Drawn.Role.OUTLINE, "", strip.sewLine());
        pattern = pattern.with(List.of(strip));
        joins.add(Join.sewn(
                STRIP_SEAM,
                Run.of(Stretch.whole(quarters.get(0), quarters.get(0).require(INNER)))
                        .then(Run.of(Stretch.whole(
                                        quarters.get(1), quarters.get(1).require(INNER)))
                                .reversed()),
                Run.of(Stretch.whole(strip, strip.require(SEWN_ON)))));
        return table.finished(
                pattern.joined(joins),
                off -> quarters.forEach(quarter -> {
                    String sheet = quarter.id().toString();
                    off.down(PeplumFacts.RADIUS, sheet, 0, 0, radius.value())
                            .down(PEPLUM_LENGTH.fact(), sheet, 0, radius.value(), radius.value() + deep.value())
                            .along(PEPLUM_INNER, sheet, quarter.require(INNER).run());
                    off.down(STRIP, CASING.toString(), 0, 0, wide.value());
                }));
    }

    /** From the centre front, on the fold, round to the slit. */
    private static Piece strip(List<Piece> quarters, double wide) {
        double half =
                quarters.stream().mapToDouble(q -> q.require(INNER).length()).sum();
        return Rectangle.along(Rectangle.of(
                        CASING,
                        "Casing strip",
                        PEPLUM,
                        half,
                        wide,
                        SEWN_ON,
                        STRIP_END,
                        FOLDED,
                        EdgeRole.CENTRE_FRONT,
                        new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1)))
                .ending(EdgeRole.CENTRE_FRONT, End.FOLD);
    }

    /**
     * From the centre to where front and back meet, as a part of the ring.
     *
     * @param along its inner edge, mm
     * @param free how much of that hangs free over the arm, mm
     */
    private static Piece quarter(Piece bodice, double radius, double deep, double along, double free) {
        Half half = bodice.behind() ? Half.BACK : Half.FRONT;
        double angle = along / radius;
        double outside = radius + deep;
        List<Segment> inner = Curves.reversed(arc(radius, angle));
        List<Segment> outer = arc(outside, angle);
        Line side = new Line(inner.get(inner.size() - 1).to(), outer.get(0).from());
        Line centre = new Line(outer.get(outer.size() - 1).to(), inner.get(0).from());
        boolean front = half == Half.FRONT;
        EdgeRole centreRole = front ? EdgeRole.CENTRE_FRONT : SLIT;
        double beside = Math.min(radius * Math.sin(angle) / 4, deep / 4);
        Piece piece = Piece.of(
                PieceId.of("peplum", half),
                "Peplum " + half.id(),
                PEPLUM,
                List.of(
                        Edge.of(INNER, inner),
                        Edge.of(SIDE, List.of(side)),
                        Edge.of(OUTER, outer).as(End.ROLLED),
                        Edge.of(centreRole, List.of(centre)).as(front ? End.FOLD : End.OPENING)),
                new Line(Point.of(beside, radius + deep * 0.25), Point.of(beside, radius + deep * 0.75)),
                front ? new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1) : new Copies.Pairs(1),
                OnBody.NOWHERE);
        return free > 1 ? piece.marked(end(inner, along - free)) : piece;
    }

    /** Where the bodice's edge ends and the ring goes on over the arm. */
    private static Mark end(List<Segment> inner, double at) {
        Curves.Along place = Curves.along(inner, at);
        return Mark.notch(
                Mark.Subject.PLACE, place.at(), place.direction().turned().times(-1), 1, "bodice ends");
    }

    /** Round the origin from an angle off the centre line back to it. */
    private static List<Segment> arc(double radius, double angle) {
        int parts = (int) Math.ceil(angle / AT_MOST);
        List<Segment> arc = new ArrayList<>();
        for (int i = parts; i > 0; i--) {
            arc.add(Cubic.arc(
                    Point.of(0, 0), at(radius, angle * i / parts), at(radius, angle * (i - 1) / parts), angle / parts));
        }
        return List.copyOf(arc);
    }

    private static Point at(double radius, double angle) {
        return Point.of(radius * Math.sin(angle), radius * Math.cos(angle));
    }

    @Override
    public List<Inspection> checks() {
        return List.of(Inspection.always(FallsSoftly.ID, on -> FallsSoftly.of(on, "peplum")));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        double ring = after.fact(BodiceFacts.TOP_RING).value();
        return List.of(Notion.measured(
                Supply.ELASTIC,
                "Elastic for the top edge",
                "soft, {0.5} wide; tried on before it is sewn",
                ring * HELD + LAP * 25.4));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        double ring = after.fact(BodiceFacts.TOP_RING).value();
        boolean firm = set.cloth().drape() == Drape.FIRM;
        List<Seam> on = Stream.of(SEAM, STRIP_SEAM, BodiceLining.TOP_SEAM)
                .filter(seam -> after.pattern().find(seam).isPresent())
                .toList();
        return List.of(
                MakingStep.of(
                                MADE,
                                "Peplum, by itself",
                                Work.BAND,
                                "Front to backs at the sides; press open. Turn both edges of the slit narrow.",
                                firm
                                        ? "Roll the outer edge narrow; so firm a cloth stands away rather than falls."
                                        : "Let it hang, level the outer edge, and roll it narrow.")
                        .sewing(SIDE_SEAM)
                        .after(StepId.MARK),
                MakingStep.of(
                                ON,
                                "Peplum and casing strip on",
                                Work.BAND,
                                "The peplum on the right side of the bodice, right side up, its inner edge on the top "
                                        + "edge: centre front, notches, and the slit clear of the zip; over the arms "
                                        + "it goes on alone.",
                                "The strip on it from inside, its right side to the lining, its ends turned in at the "
                                        + "slit. Sew all layers in one.")
                        .sewing(on)
                        .after(MADE, BodiceLining.ON)
                        .after(BodiceEdges.SIDE_SEAM),
                MakingStep.of(
                                CASED,
                                "Casing strip down",
                                Work.BAND,
                                "Trim the seam, fold the strip over it to the face, turn its free edge under and "
                                        + "edge-stitch it down; its ends beside the slit stay open for the elastic.")
                        .on(Stream.of(CASING))
                        .looking(List.of(Figure.mm("channel", (ELASTIC + ROOM) * 25.4)))
                        .with("edge-stitched")
                        .after(ON),
                MakingStep.of(
                                TOP_ELASTIC,
                                "Elastic in the top edge",
                                Work.DRAW_IN,
                                "Draw it through the channel, pin its ends, and try it on where the edge will sit; "
                                        + "then sew them beside the zip, or lapped by {1}.")
                        .looking(List.of(Figure.mm("elastic, before the lap", ring * HELD)))
                        .taking(Supply.ELASTIC)
                        .after(Zip.STEP, CASED));
    }
}
