package brightplumb.core.block.leg;

import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.LegSettings.*;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegShape;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;

/**
 * Where the long edges of both leg panels pass: the crease, and the places at thigh, knee and foot on either side of
 * it. The back is drawn over the front, wider at each seam by what its way adds.
 */
final class LegFrame {

    /** A pair of places on one level: on the inseam and on the side. */
    record Across(Point inseam, Point side) {
        double width() {
            return side.x() - inseam.x();
        }

        /** Both ends nearer to each other, each by so much, mm. */
        Across in(double each) {
            return new Across(inseam.plus(Point.of(each, 0)), side.minus(Point.of(each, 0)));
        }
    }

    /**
     * How a hem is laid off.
     *
     * @param edgesIn whether its edges come in as they are asked to
     * @param wider how much wider than its amount, mm all round
     */
    record HemLaid(boolean edgesIn, double wider) {}

    private static final double THIGH_BELOW = 3 * Length.INCH;
    private static final double FAR_BELOW_KNEE = 4 * Length.INCH;
    private static final double LOWER_LEG = 14 * Length.INCH;

    private final Settings set;
    private final Paper paper;
    private final LegShape shape;
    /** Straight from the crotch line to the hem, knee and all. */
    private final boolean straight;
    /** Straight, and as wide at the hem as on the crotch line. */
    private final boolean crotchWide;

    private final boolean plumb;
    /** Straight from wherever it begins to its hem, whether or not a knee lies on the way. */
    private final boolean toHem;

    private final double hipX;
    private final double crease;
    private final double frontExtension;
    private final double crotchY;
    private final double kneeY;
    private final double footY;
    private final double kneeWidth;
    private final double footWidth;
    private final boolean aboveKnee;
    private final double kneeIn;
    private final double footIn;
    private final Amount backWider;
    private final double atInseam;
    private final double atSide;

    LegFrame(Body body, Settings set, Paper paper, Amount frontHip, Amount crotch, Amount knee, Amount length) {
        this.set = set;
        this.paper = paper;
        this.shape = set.choice(LEG_SHAPE, LegShape.class);
        Amount extension = set.amount(FRONT_EXTENSION);
        Amount middle = paper.step(
                frontHip.minus(extension).over(2).as(LegFacts.CREASE.of(Half.FRONT), "crease"),
                "Crease from the centre front",
                "The middle of the front crotch line, extension included: the leg's plumb line, the same distance "
                        + "down every level.");
        this.hipX = frontHip.value();
        this.crease = middle.value();
        this.frontExtension = extension.value();
        this.crotchY = crotch.value();
        boolean shorts = length.value() < knee.value() + FAR_BELOW_KNEE;
        boolean hemAsked = set.askedBeyondWay(HEM);
        this.straight = shape == LegShape.STRAIGHT || shape == LegShape.PLUMB;
        this.crotchWide = straight && !hemAsked;
        this.plumb = shape == LegShape.PLUMB && !hemAsked;
        // A straight leg, and a short one whose hem is asked, has no knee on its way.
        this.toHem = straight || (shorts && hemAsked);
        this.kneeY = toHem ? length.value() : knee.value();
        this.footY = toHem || !shorts ? length.value() : foot(body, knee);
        Amount line = frontHip.plus(extension).called("front crotch line");
        // A width that is asked is asked all round: what the back is wider, the front is narrower than half of it.
        Amount narrower =
                set.amount(BACK_LEG_ADD).plus(set.amount(BACK_SIDE_ADD)).over(2);
        this.backWider = narrower;
        Amount asLaidOff = crotchWide ? line : half(HEM, narrower);
        this.footWidth = asLaidOff.value();
        Amount in = set.amount(HEM_EDGES_IN);
        Amount atFoot = in.value() == 0
                ? asLaidOff
                : asLaidOff.minus(in.called("each edge in").times(2));
        double hemY = length.value();
        // A hem between knee and foot, or above the knee, lies on an edge that goes on to the foot.
        this.aboveKnee = !toHem && hemY <= kneeY;
        this.kneeIn = toHem ? in.value() : aboveKnee ? in.value() * (kneeY - crotchY) / (hemY - crotchY) : 0;
        this.footIn = toHem || aboveKnee ? kneeIn : in.value() * (footY - kneeY) / (hemY - kneeY);
        this.kneeWidth = toHem ? footWidth : half(KNEE, narrower).value();
        double narrowest =
                aboveKnee ? Math.min(footWidth, kneeWidth) : Math.min(footWidth - 2 * footIn, kneeWidth - 2 * kneeIn);
        if (narrowest < 2.5 * Length.INCH) {
            throw new Refusal(
                    set.faultField(HEM, Measure.KNEE_GIRTH), "This leaves less than 2½ in (6 cm) for half the leg");
        }
        say(atFoot.called("front leg at the foot"));
        this.atInseam = paper.step(
                        BACK_LEG_ADD.fact().ofBack(),
                        "Back wider at the inseam",
                        set.amount(BACK_LEG_ADD),
                        set.why(BACK_LEG_ADD))
                .value();
        this.atSide = paper.step(
                        BACK_SIDE_ADD.fact().ofBack(),
                        "Back wider at the side",
                        set.amount(BACK_SIDE_ADD),
                        set.why(BACK_SIDE_ADD))
                .value();
    }

    private static double foot(Body body, Amount knee) {
        double leg = body.find(Measure.OUTSIDE_LEG).map(Amount::value).orElse(knee.value() + LOWER_LEG);
        return Math.max(leg, knee.value() + FAR_BELOW_KNEE);
    }

    private Amount half(Setting girth, Amount narrower) {
        Amount half = set.amount(girth).over(2);
        return narrower.value() == 0 ? half : half.minus(narrower.called("back leg wider"));
    }

    private void say(Amount atFoot) {
        paper.step(
                LegFacts.LEG_FRONT,
                crotchWide ? "Front leg, as wide as its crotch line" : "Front leg at the foot",
                atFoot,
                set.why(crotchWide ? LEG_SHAPE : HEM));
    }

    double crease() {
        return crease;
    }

    /** Whether the legs run straight from the crotch line to the hem. */
    boolean straight() {
        return straight;
    }

    /** Whether each panel falls plumb from its own fork and side. */
    boolean plumb() {
        return plumb;
    }

    double kneeY() {
        return kneeY;
    }

    double thighY() {
        return crotchY + THIGH_BELOW;
    }

    Across knee(Half panel, HemLaid hem) {
        double wider = toHem || aboveKnee ? hem.wider() : 0;
        return across(panel, kneeWidth, kneeY, wider).in(hem.edgesIn() ? kneeIn : 0);
    }

    Across foot(Half panel, HemLaid hem) {
        return across(panel, footWidth, footY, hem.wider()).in(hem.edgesIn() ? footIn : 0);
    }

    /** The garment's thigh across the crease, where the way asks for it; else null. */
    Across thigh(Half panel) {
        return shape == LegShape.TAPE ? across(panel, half(THIGH, backWider).value(), thighY(), 0) : null;
    }

    /**
     * Both edges of a panel on a level.
     *
     * @param wider how much wider than that, mm all round: each edge by a fourth, but where the side is laid off from
     *     the hip, and the inseam from it
     */
    private Across across(Half panel, double width, double y, double wider) {
        double in = set.amount(SIDE_IN).value();
        boolean fromSide = in > 0 && y == footY;
        double side = fromSide ? hipX - in : crotchWide && in == 0 ? hipX : crease + width / 2;
        double inseam = side - width - (fromSide ? wider / 2 : 0);
        Across across = panel == Half.FRONT
                ? new Across(Point.of(inseam, y), Point.of(side, y))
                : new Across(Point.of(inseam - atInseam, y), Point.of(side + atSide, y));
        return fromSide ? across : across.in(-wider / 4);
    }

    /** How far each edge of a leg that falls plumb comes in at its hem, mm. */
    double plumbIn(HemLaid hem) {
        return hem.edgesIn() ? footIn - hem.wider() / 4 : 0;
    }

    double frontExtension() {
        return frontExtension;
    }
}
