package brightplumb.core.block.bodice;

import static brightplumb.core.measure.Measure.TOP_EDGE_GIRTH;
import static brightplumb.core.paper.Drawn.Role.LEVEL;
import static brightplumb.core.paper.Drawn.Role.OUTLINE;
import static brightplumb.core.rule.TopSettings.TOP_KIND;
import static brightplumb.core.rule.TopSettings.TOP_LEVEL;

import brightplumb.core.block.waist.WaistMarks;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.TopKind;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Draws a bodice without shoulders above legs: its waist seam is theirs with the darts shut, its darts stand on theirs,
 * and both its sides are one length. The front's side is the master; the back's underarm rises or falls.
 */
final class WaistSeamedBodice {

    private static final String SHEETS = "bodice-";

    /** A waist dart takes no more, mm; and none that takes less is sewn. */
    private static final double MOST_DART = 1.5 * Length.INCH;

    private static final double LEAST_DART = Length.INCH / 4;

    /** It ends so far below the bust. */
    private static final double BELOW_BUST = Length.INCH;

    /** The top edge stays so far above the bust, mm. */
    private static final double ABOVE_BUST = Length.INCH;

    /** The back's underarm lies no further than this from the chest line, mm. */
    private static final double MOST = 1.5 * Length.INCH;

    private final Draft legs;
    private final Table table;
    private final Seam backSeam;
    private final UpperHalf upper;
    private final Levels levels;
    private final double quarter;
    private final boolean overArms;
    private final double top;

    WaistSeamedBodice(Draft legs, Table table, Seam backSeam) {
        this.legs = legs;
        this.table = table;
        this.backSeam = backSeam;
        this.upper = new UpperHalf(table, SHEETS);
        this.levels = upper.withoutNeck();
        this.quarter = upper.quarter().value();
        boolean over = table.set().chose(TOP_KIND, TopKind.OVER_ARMS);
        this.top = level(over);
        this.overArms = over && top < levels.armhole() - Length.INCH / 2;
    }

    /**
     * Where it begins: below the shoulder, and no lower than leaves the bust covered; round the body alone, no higher
     * than the arms.
     */
    private double level(boolean over) {
        Amount below = table.set(TOP_LEVEL);
        double asked = levels.top() + below.value();
        double most = levels.bust() - ABOVE_BUST;
        if (asked > most && table.set().byHand(TOP_LEVEL)) {
            throw new Refusal(TOP_LEVEL.field(), "So low an edge leaves the bust uncovered; begin higher");
        }
        double at = Math.min(most, over ? asked : Math.max(asked, levels.armhole()));
        table.step(
                TOP_LEVEL.fact(),
                "Top edge below the shoulder",
                Amount.found("from the neck end of the shoulder", at - levels.top()),
                over || at == asked
                        ? table.set().why(TOP_LEVEL)
                        : Sentence.of("Round the body alone it lies under the arms: on the chest line."));
        for (Half panel : Half.values()) {
            table.paper().draw(SHEETS + panel.id(), LEVEL, "", new Line(Point.of(0, at), Point.of(quarter + 30, at)));
        }
        return at;
    }

    /**
     * Draws it.
     *
     * @throws Refusal where a measure is missing, or two make no body, or the sides cannot be brought to one length
     */
    Draft draft() {
        Map<Half, Piece> drawn = new LinkedHashMap<>();
        Piece frontLeg = leg(Half.FRONT);
        LegTop frontSeam = seam(frontLeg);
        Piece front = piece(Half.FRONT, frontSeam, 0);
        drawn.put(Half.FRONT, front);
        LegTop backSeamLine = seam(leg(Half.BACK));
        double wanted = front.require(EdgeRole.SIDE).length();
        double lower = Roots.between(-MOST, MOST, by -> Curves.length(side(backSeamLine, by)) - wanted)
                .orElseThrow(() -> new Refusal(
                        WaistSettings.WAIST_EASE.field(),
                        "Front and back of the bodice cannot be brought to one length at the side; bring the "
                                + "waists of both nearer to each other"));
        drawn.put(Half.BACK, piece(Half.BACK, backSeamLine, lower));
        drawn.forEach(this::say);
        Pattern pattern = legs.pattern().with(List.copyOf(drawn.values()));
        pattern = pattern.joined(joins(pattern, drawn));
        together(drawn, frontSeam, backSeamLine, lower);
        TrunkRound.said(
                table,
                legs,
                levels,
                "Down from the shoulder, along both crotch seams and up again: the waist is sewn, so this decides "
                        + "whether one can sit.");
        return BodicesLaidOff.on(table.finished(pattern), half -> SHEETS + half.id());
    }

    private Piece leg(Half half) {
        return legs.with(EdgeRole.WAIST).stream()
                .filter(p -> p.panel().equals(half.panel()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No leg " + half.id()));
    }

    /**
     * The waist seam of a panel.
     *
     * @param closed how long it is with its darts shut, mm
     * @param dart how far from the centre its first dart stands, mm
     * @param intake what the bodice's own dart takes, mm; 0 where none is sewn
     */
    private record LegTop(double closed, double dart, double intake) {

        double open() {
            return closed + intake;
        }
    }

    private LegTop seam(Piece leg) {
        Run shut = Run.shut(leg, EdgeRole.WAIST);
        double closed = shut.length();
        double over = (quarter - closed) / 2;
        double intake = over < LEAST_DART ? 0 : Math.min(over, MOST_DART);
        // Where the legs have no dart to stand on, under the bust.
        double at = shut.stretches().size() > 1
                ? shut.stretches().get(0).length()
                : Math.min(table.body().bustSpan().value() / 2, closed * 0.6) - intake / 2;
        return new LegTop(closed, at, intake);
    }

    /** From the underarm, or from where the top edge meets it, down to the waist. */
    private List<Segment> side(LegTop seam, double lower) {
        Point underarm = Point.of(quarter, levels.armhole() + lower);
        Point waist = Point.of(seam.open(), 0);
        Point bust = levels.atBust(underarm);
        double handle = (waist.y() - bust.y()) / 3;
        Cubic below = new Cubic(
                bust,
                bust.plus(Point.of(0, handle)),
                waist.minus(Point.of(0, handle)).plus(Point.of((underarm.x() - waist.x()) / 4, 0)),
                waist);
        double from = Math.max(underarm.y(), overArms ? underarm.y() : top + lower);
        if (from < bust.y() - Tolerance.SAME_POINT) {
            return List.of(new Line(Point.of(underarm.x(), from), bust), below);
        }
        return List.of(below.part(
                Curves.crossing(below, Point.of(0, from), Point.of(1, 0)).orElse(0), 1));
    }

    private Piece piece(Half half, LegTop seam, double lower) {
        List<Segment> side = side(seam, lower);
        List<Edge> edges = new ArrayList<>();
        Point centre = Point.of(0, top);
        if (overArms) {
            List<Segment> arm = below(upper.armhole(half, lower));
            edges.add(
                    Edge.of(BodiceEdges.TOP, List.of(new Line(centre, arm.get(0).from()))));
            edges.add(Edge.of(EdgeRole.ARMHOLE, arm));
        } else {
            edges.add(Edge.of(
                    BodiceEdges.TOP, List.of(new Line(centre, side.get(0).from()))));
        }
        edges.add(Edge.of(EdgeRole.SIDE, side));
        Point corner = Point.of(seam.open(), 0);
        edges.add(Edge.of(BodiceEdges.WAIST_SEAM, waist(seam, corner)));
        List<Segment> up = List.of(new Line(Point.of(0, 0), centre));
        boolean front = half == Half.FRONT;
        edges.add(
                front
                        ? Edge.of(EdgeRole.CENTRE_FRONT, up).as(End.FOLD)
                        : Edge.of(EdgeRole.CENTRE_BACK_ZIP, up).as(End.OPENING));
        List<Dart> darts = dart(seam);
        List<Mark> marks = new ArrayList<>();
        darts.forEach(d -> marks.addAll(WaistMarks.dart(d)));
        double x = quarter * 0.55;
        return Piece.of(
                        BodiceEdges.of(half),
                        "Bodice " + half.id(),
                        Panel.BODICE,
                        edges,
                        new Line(Point.of(x, top * 0.8), Point.of(x, top * 0.15)),
                        front ? new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1) : new Copies.Pairs(1),
                        OnBody.AS_DRAFTED)
                .withDarts(darts)
                .withMarks(marks);
    }

    /** The waist seam from the side to the centre, parted where the dart opens. */
    private static List<Segment> waist(LegTop seam, Point corner) {
        if (seam.intake() == 0) {
            return List.of(new Line(corner, Point.of(0, 0)));
        }
        Point outer = Point.of(seam.dart() + seam.intake(), 0);
        Point inner = Point.of(seam.dart(), 0);
        return List.of(new Line(corner, outer), new Line(outer, inner), new Line(inner, Point.of(0, 0)));
    }

    private List<Dart> dart(LegTop seam) {
        if (seam.intake() == 0) {
            return List.of();
        }
        double y = levels.bust() + BELOW_BUST;
        return List.of(new Dart(
                Point.of(seam.dart() + seam.intake() / 2, y),
                Point.of(seam.dart(), 0),
                Point.of(seam.dart() + seam.intake(), 0)));
    }

    /** What of an armhole lies below the top edge. */
    private List<Segment> below(List<Segment> armhole) {
        List<Segment> kept = new ArrayList<>();
        for (Segment part : armhole) {
            if (part.to().y() <= top + 1e-6) {
                continue;
            }
            double from = part.from().y() >= top
                    ? 0
                    : Curves.crossing(part, Point.of(0, top), Point.of(1, 0)).orElse(0);
            kept.add(from == 0 ? part : part.part(from, 1));
        }
        return kept;
    }

    private List<Join> joins(Pattern pattern, Map<Half, Piece> drawn) {
        List<Join> joins = new ArrayList<>();
        for (Half half : Half.values()) {
            Piece bodice = drawn.get(half);
            for (Piece leg : pattern.pieces()) {
                if (leg.panel().equals(half.panel()) && leg.edge(EdgeRole.WAIST).isPresent()) {
                    Hand hand = leg.id().hand();
                    joins.add(Join.sewn(
                            Seam.WAIST,
                            Run.shut(leg, EdgeRole.WAIST),
                            Run.shut(bodice, BodiceEdges.WAIST_SEAM).reversed().of(hand)));
                }
            }
        }
        joins.add(Join.sewn(BodiceEdges.SIDE_SEAM, EdgeRole.SIDE, drawn.get(Half.FRONT), drawn.get(Half.BACK)));
        joins.add(Join.mirrored(backSeam, EdgeRole.CENTRE_BACK_ZIP, drawn.get(Half.BACK)));
        return joins;
    }

    private void say(Half half, Piece piece) {
        table.paper().draw(SHEETS + half.id(), OUTLINE, "", piece.sewLine());
        double intake = piece.darts().stream().mapToDouble(Dart::intake).sum();
        table.step(
                BodiceFacts.BODICE_DART.of(half),
                piece.title() + " waist dart",
                Amount.found("half of what the bust quarter is wider than the waist seam", intake),
                intake == 0
                        ? "The bust is hardly wider than the waist: no dart is sewn."
                        : "On the line of the leg's own dart, {1} short of the bust; the side takes the other half.");
        if (overArms) {
            table.step(
                    BodiceFacts.ARMHOLE_LINE.of(half),
                    piece.title() + " armhole, what is left of it",
                    Amount.found(
                            "measured along the line",
                            piece.require(EdgeRole.ARMHOLE).length()),
                    "Below the top edge the bodice ends at the armhole, finished by its lining.");
        }
    }

    private void together(Map<Half, Piece> drawn, LegTop front, LegTop back, double lower) {
        table.step(
                BodiceFacts.UNDERARM_BACK,
                lower < 0 ? "Back underarm higher" : "Back underarm lower",
                Amount.found("until both sides are one length", Math.abs(lower)),
                "Front and back waist differ, so their sides slope otherwise; the underarm takes up what they would "
                        + "differ by.");
        table.step(
                Amount.found("front, darts shut", front.closed())
                        .plus(Amount.found("back, darts shut", back.closed()))
                        .as(BodiceFacts.WAIST_SEAM_BOTTOM, "legs' waist seam"),
                "Waist seam of the legs, half",
                "Measured along the seam with the darts shut: the bodice is drawn to it.");
        double above = drawn.values().stream()
                .mapToDouble(p -> Run.shut(p, BodiceEdges.WAIST_SEAM).length())
                .sum();
        table.step(
                Amount.found("measured with the darts shut", above)
                        .as(BodiceFacts.WAIST_SEAM_TOP, "bodice's waist seam"),
                "Waist seam of the bodice, half",
                "Centre on centre, dart on dart, side on side.");
        double opening = legs.steps().stream()
                .filter(s -> s.fact().equals(ClosureSettings.ZIP_LENGTH.fact()))
                .mapToDouble(s -> s.amount().value())
                .findFirst()
                .orElse(0);
        table.step(
                BodiceFacts.ZIP_THROUGH,
                "Opening long, from the top edge",
                Amount.found("bodice", -top).plus(Amount.found("into the legs", opening)),
                "One zip from the top edge through the waist seam into the legs.");
        ring(drawn);
    }

    /** Once round the top edge, with the arms where it goes over them. */
    private void ring(Map<Half, Piece> drawn) {
        double onBody = 2
                * drawn.values().stream()
                        .mapToDouble(p -> p.require(BodiceEdges.TOP).length())
                        .sum();
        Amount edge = Amount.found("top edge of the bodice, all round", onBody);
        if (!overArms) {
            if (table.set().chose(TOP_KIND, TopKind.OVER_ARMS)) {
                table.paper()
                        .notice(Notice.of(
                                "top-under-arms", "So low an edge lies under the arms: it goes round the body alone."));
            }
            table.step(
                    edge.as(BodiceFacts.TOP_RING, "top edge"), "Top edge, all round", "A closed band round the chest.");
            return;
        }
        Amount girth = table.body()
                .find(TOP_EDGE_GIRTH)
                .orElseThrow(() -> new Refusal(
                        Measure.TOP_EDGE_GIRTH.field(),
                        "Round the top edge is needed: nobody can say how far it is round body and arms. Take "
                                + "it, or let the edge go round the body"));
        if (girth.value() < onBody + 4 * Length.INCH) {
            throw new Refusal(
                    Measure.TOP_EDGE_GIRTH.field(),
                    "Round body and arms is hardly more than the bodice's own edge; look at it, or let the edge go "
                            + "round the body");
        }
        table.step(
                girth.as(BodiceFacts.TOP_RING, "top edge"),
                "Top edge, all round",
                "Over both arms: as long as the tape round body and arms where it will sit.");
    }
}
