package brightplumb.core.truing;

import static brightplumb.core.paper.Panel.BACK;
import static brightplumb.core.paper.Panel.FRONT;
import static brightplumb.core.truing.Verdict.OFF;
import static brightplumb.core.truing.Verdict.TRUE;
import static brightplumb.core.truing.Verdict.WATCH;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Dart;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Notice.Remedy;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Piece;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The inspections of a skirt. Seams that meet are true within ⅛ in (3 mm). Limits: common practice, no source. */
public final class SkirtChecks {

    /** How far seams that meet may differ, mm. */
    public static final double SEAM_TOLERANCE = Length.INCH / 8;

    private static final double MOST_TURN = 5;

    private final Draft draft;
    private final Body body;
    private final Settings set;
    private final Piece front;
    private final Piece back;

    private SkirtChecks(Draft draft, Body body, Settings set) {
        this.draft = draft;
        this.body = body;
        this.set = set;
        this.front = draft.piece(FRONT);
        this.back = draft.piece(BACK);
    }

    /** All inspections that apply to a skirt draft, in the order a cutter makes them. */
    public static List<Check> of(Draft draft, Body body, Settings set) {
        SkirtChecks checks = new SkirtChecks(draft, body, set);
        List<Check> list = new ArrayList<>(List.of(checks.waist(), checks.hip(), checks.side(), checks.joins()));
        if (!checks.front.darts().isEmpty() || !checks.back.darts().isEmpty()) {
            list.add(checks.darts());
        }
        return List.copyOf(list);
    }

    private Check waist() {
        double measured = netWaist(front) + netWaist(back);
        double wanted = (body.waist().value() + set.amount(Setting.WAIST_EASE).value()) / 2;
        boolean closes = Math.abs(measured - wanted) <= SEAM_TOLERANCE;
        return new Check(
                "waist.closes",
                "Waist",
                closes ? TRUE : OFF,
                measured,
                wanted,
                SEAM_TOLERANCE,
                false,
                closes
                        ? "With the darts shut, front and back together make half the waist and its ease."
                        : "With the darts shut, front and back together do not make half the waist and its ease.",
                closes ? "" : "The shares of centre, darts and side do not add up to the drop.",
                null);
    }

    private static double netWaist(Piece piece) {
        return piece.require(Edge.WAIST).length()
                - piece.darts().stream().mapToDouble(Dart::intake).sum();
    }

    private Check hip() {
        double hipY = draft.fact("hip.depth").value();
        double measured = widthAt(front, hipY) + widthAt(back, hipY);
        double wanted = (body.hip().value() + set.amount(Setting.HIP_EASE).value()) / 2;
        double difference = measured - wanted;
        Verdict verdict = difference < -SEAM_TOLERANCE || difference > Length.INCH
                ? OFF
                : difference > SEAM_TOLERANCE ? WATCH : TRUE;
        return new Check(
                "hip.closes",
                "Hip",
                verdict,
                measured,
                wanted,
                SEAM_TOLERANCE,
                false,
                switch (verdict) {
                    case TRUE -> "At the hip line, front and back together make half the hip and its ease.";
                    case WATCH -> "At the hip line, the draft is wider than it says.";
                    default -> "At the hip line, front and back together do not make half the hip and its ease.";
                },
                verdict == TRUE
                        ? ""
                        : "The side or the centre back crosses the hip line elsewhere than the quarter was laid off.",
                null);
    }

    /** The width of a piece as drawn at a level: from its centre line to its side. */
    private static double widthAt(Piece piece, double y) {
        double side = Curves.xAtLevel(piece.require(Edge.SIDE).run(), y).orElse(Double.NaN);
        List<Segment> centre = piece.seams().stream()
                .filter(s -> s.edge() != Edge.WAIST && s.edge() != Edge.SIDE && s.edge() != Edge.HEM)
                .flatMap(s -> s.run().stream())
                .toList();
        return side - Curves.xAtLevel(centre, y).orElse(Double.NaN);
    }

    private Check side() {
        double wanted = front.require(Edge.SIDE).length();
        double measured = back.require(Edge.SIDE).length();
        boolean meets = Math.abs(measured - wanted) <= SEAM_TOLERANCE;
        return new Check(
                "side.meets",
                "Sides",
                meets ? TRUE : OFF,
                measured,
                wanted,
                SEAM_TOLERANCE,
                false,
                meets
                        ? "Front and back side are one length from waist to hem."
                        : "Front and back side are not one length.",
                meets ? "" : "The two hip curves differ, and the back waist point was not moved to make up for it.",
                null);
    }

    private Check joins() {
        double sideWaist = Joins.turn(Joins.corner(front, Edge.WAIST), Joins.corner(back, Edge.WAIST));
        double sideHem = Joins.turn(Joins.corner(front, Edge.SIDE), Joins.corner(back, Edge.SIDE));
        double worst = Math.max(sideWaist, sideHem);
        for (Piece piece : draft.pieces()) {
            double atCentre = Joins.corner(
                    piece, piece.seams().get(piece.seams().size() - 1).edge());
            double atHem = Joins.corner(piece, Edge.HEM);
            worst = Math.max(worst, Math.max(Joins.turn(atCentre, atCentre), Joins.turn(atHem, atHem)));
        }
        boolean smooth = worst < MOST_TURN;
        return new Check(
                "joins.smooth",
                "Joins",
                smooth ? TRUE : OFF,
                worst,
                0,
                MOST_TURN,
                true,
                smooth
                        ? "Laid together at side and centre, waist and hem run on as one line."
                        : "Laid together, waist or hem turn a corner at a seam.",
                smooth ? "" : "The waist or the hem does not leave its seam square.",
                null);
    }

    private Check darts() {
        double legs = 0;
        double worstTurn = 0;
        Panel heavy = null;
        boolean low = false;
        double hipY = draft.fact("hip.depth").value();
        for (Piece piece : draft.pieces()) {
            for (Dart dart : piece.darts()) {
                legs = Math.max(
                        legs,
                        Math.abs(dart.innerLeg().length() - dart.outerLeg().length()));
                low |= dart.point().y() > hipY - Length.INCH + 0.5;
                if (dart.intake() > DartLimit.of(piece.panel()).value() + DartLimit.GRACE + 0.5) {
                    heavy = piece.panel();
                }
            }
            worstTurn = Math.max(worstTurn, Joins.overDarts(piece));
        }
        boolean sound = heavy == null && !low && legs < 0.5 && worstTurn < MOST_TURN;
        String cause = heavy != null
                ? "A " + heavy.id() + " dart takes more than one dart carries; its point would stand out."
                : low
                        ? "A dart runs too close to the hip line."
                        : worstTurn >= MOST_TURN
                                ? "The waist turns a corner over a closed dart."
                                : legs >= 0.5 ? "A dart's legs are not one length." : "";
        return new Check(
                "darts.sound",
                "Darts",
                sound ? TRUE : OFF,
                legs,
                0,
                0.5,
                false,
                sound
                        ? "Legs are one length, points stop above the hip, and the waist runs smooth over each closed dart."
                        : "The darts would not sew up flat.",
                cause,
                heavy == null ? null : lighter(heavy));
    }

    private static Remedy lighter(Panel panel) {
        Setting setting = panel == FRONT ? Setting.DART_INTAKE_FRONT : Setting.DART_INTAKE_BACK;
        return new Remedy(
                "Let two darts carry what two can; the side takes the rest",
                Map.of(setting.key(), 2 * DartLimit.of(panel).value()));
    }
}
