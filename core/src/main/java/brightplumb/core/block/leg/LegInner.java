package brightplumb.core.block.leg;

import static brightplumb.core.pattern.Half.BACK;
import static brightplumb.core.pattern.Half.FRONT;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Half;
import java.util.function.DoubleFunction;

/**
 * The inner edges of a leg: inseams and crotch seams of both panels, which hang together at the fork. Laid together
 * along the inseam, the two crotch curves run on without a corner: both climb from the fork at half the sum of the
 * inseams' tilts.
 */
final class LegInner implements ForkSolver.Drawing {

    /** The curve begins this far above the crotch line at least. */
    static final double CURVE_HEIGHT = 2 * Length.INCH;

    /**
     * Where the guide goes when a distance is not asked for, as a share of the chord's own distance. Our own choice.
     */
    static final double SHARE = 0.62;

    /** Where two chords cross: a third of the way out and up from the corner, at two thirds of the chord's distance. */
    static final double TWO_CHORDS = 2.0 / 3;

    /**
     * An inseam leaves the fork no further from the upright than this, in radians; it bends to the knee from there. Our
     * own choice.
     */
    private static final double MOST_TILT = Math.toRadians(15);

    private static final double NEAREST_SHARE = 0.5;

    /**
     * A panel's centre seam above its curve.
     *
     * @param top where it leaves the waist
     * @param hip where it crosses the hip line
     * @param guide the curve's guide asked for, mm; NaN where a share of the chord's distance is taken
     * @param share that share
     */
    record Centre(Point top, Point hip, double guide, double share) {
        Centre raised(double rise) {
            return new Centre(Point.of(top.x(), -rise), hip, guide, share);
        }
    }

    /** Both panels' inner edges. */
    record Drawn(LegRun frontInseam, LegRun backInseam, CrotchSeam front, CrotchSeam back) {}

    private final LegFrame frame;
    private final LegFrame.HemLaid hem;
    private final Centre front;
    private final Centre back;
    private final double crotchY;
    private final double hemY;
    private final double stretchIn;
    private final boolean halfStraight;
    private final SideFrom frontSide;
    private final SideFrom backSide;
    private final Point frontFork;
    private final LegRun frontInseam;
    private final double frontInseamLength;
    private AtFork last;

    /**
     * Where a panel's side edge begins.
     *
     * @param hip the hip point
     * @param leaving the direction in which the edge leaves it
     */
    record SideFrom(Point hip, Point leaving) {}

    LegInner(
            LegFrame frame,
            LegFrame.HemLaid hem,
            Centre front,
            Centre back,
            SideFrom frontSide,
            SideFrom backSide,
            double crotchY,
            double hemY,
            double stretchIn,
            boolean halfStraight) {
        this.frame = frame;
        this.hem = hem;
        this.front = front;
        this.back = back;
        this.crotchY = crotchY;
        this.hemY = hemY;
        this.stretchIn = stretchIn;
        this.halfStraight = halfStraight;
        this.frontSide = frontSide;
        this.backSide = backSide;
        this.frontFork = Point.of(-frame.frontExtension(), crotchY);
        this.frontInseam = inseam(FRONT, frontFork);
        this.frontInseamLength = toHem(FRONT, frontInseam);
    }

    private Point backFork(double extension, double drop) {
        return Point.of(-extension, crotchY + drop);
    }

    private LegRun inseam(Half panel, Point fork) {
        Point foot = frame.plumb()
                ? Point.of(fork.x() + frame.plumbIn(hem), frame.kneeY())
                : frame.foot(panel, hem).inseam();
        Point knee = frame.plumb() ? foot : frame.knee(panel, hem).inseam();
        if (panel == BACK && halfStraight && !frame.straight()) {
            knee = knee.minus(foot.minus(knee).unit().times(knee.distance(fork) / 2));
        }
        Point leaving = notTooSlanted(knee.minus(fork));
        if (frame.straight() && leaving == null) {
            return LegRun.straight(fork, foot);
        }
        LegRun run = LegRun.swept(fork, leaving, knee, foot);
        LegFrame.Across thigh = frame.thigh(panel);
        boolean tight = thigh != null
                && frame.kneeY() > frame.thighY() + CURVE_HEIGHT
                && run.at(frame.thighY()).at().x() > thigh.inseam().x();
        return tight ? run.easedThrough(thigh.inseam()) : run;
    }

    /**
     * The direction in which an inseam leaves the fork, where the straight line would lean too far for a crotch curve;
     * else null.
     */
    private static Point notTooSlanted(Point along) {
        double tilt = Math.atan2(along.x(), along.y());
        return Math.abs(tilt) <= MOST_TILT
                ? null
                : Point.of(Math.sin(Math.signum(tilt) * MOST_TILT), Math.cos(MOST_TILT));
    }

    /** The side edge of a panel from its hip point down. */
    LegRun side(Half panel) {
        SideFrom edge = panel == FRONT ? frontSide : backSide;
        Point foot = frame.plumb()
                ? Point.of(edge.hip().x() - frame.plumbIn(hem), frame.kneeY())
                : frame.foot(panel, hem).side();
        if (frame.straight()
                && Math.abs(edge.hip().x() - foot.x()) < 1e-6
                && edge.leaving().x() == 0) {
            return LegRun.straight(edge.hip(), foot);
        }
        LegRun run = LegRun.swept(
                edge.hip(),
                edge.leaving(),
                frame.plumb() ? foot : frame.knee(panel, hem).side(),
                foot);
        LegFrame.Across thigh = frame.thigh(panel);
        boolean tight = thigh != null
                && frame.kneeY() > frame.thighY() + CURVE_HEIGHT
                && run.at(frame.thighY()).at().x() < thigh.side().x()
                // A thigh line that reaches beyond the hip would bend the side out and in again.
                && thigh.side().x() <= edge.hip().x();
        return tight ? run.through(thigh.side()) : run;
    }

    private double toHem(Half panel, LegRun inseam) {
        return Curves.length(
                inseam.to(LegRun.Hem.drawn(side(panel), inseam, hemY).inseam()));
    }

    /**
     * What the hem comes to all round where the back fork is so, mm: square to seams that lean, it ends a little off
     * the level of its width.
     */
    double hemGirth(double extension, double drop) {
        return LegRun.Hem.drawn(side(FRONT), frontInseam, hemY).width()
                + LegRun.Hem.drawn(side(BACK), inseam(BACK, backFork(extension, drop)), hemY)
                        .width();
    }

    @Override
    public double inseamsApart(double extension, double drop) {
        return toHem(BACK, inseam(BACK, backFork(extension, drop))) + stretchIn - frontInseamLength;
    }

    @Override
    public double loop(double extension, double drop, double rise) {
        Drawn drawn = drawn(extension, drop, rise);
        return drawn == null
                ? Double.NaN
                : drawn.front().length() + drawn.back().length();
    }

    /** The inner edges, or null where no curve can be drawn. */
    Drawn drawn(double extension, double drop, double rise) {
        AtFork at = atFork(extension, drop);
        CrotchSeam ofBack = seam(back.raised(rise), at.fork(), at.climb());
        return at.front() == null || ofBack == null ? null : new Drawn(frontInseam, at.inseam(), at.front(), ofBack);
    }

    /** What a back fork decides whatever the back rise: the front's seam too, for both climb from the fork alike. */
    private record AtFork(Point fork, LegRun inseam, double climb, CrotchSeam front) {}

    /** The rise is searched at one fork, so the fork drawn last is kept. */
    private AtFork atFork(double extension, double drop) {
        Point fork = backFork(extension, drop);
        if (last == null || !last.fork().equals(fork)) {
            LegRun inseam = inseam(BACK, fork);
            double climb = (tilt(frontInseam) + tilt(inseam)) / 2;
            last = new AtFork(fork, inseam, climb, seam(front, frontFork, climb));
        }
        return last;
    }

    private static double tilt(LegRun inseam) {
        Point down = inseam.whole().get(0).direction(0);
        return Math.atan2(down.x(), down.y());
    }

    private CrotchSeam seam(Centre centre, Point fork, double climb) {
        double startY = Math.min(centre.hip().y(), crotchY - CURVE_HEIGHT);
        double share =
                (startY - centre.top().y()) / (centre.hip().y() - centre.top().y());
        Point start = centre.top().toward(centre.hip(), share);
        DoubleFunction<CrotchSeam> at =
                k -> CrotchSeam.drawn(centre.top(), start, fork, climb, crotchY, centre.guide(), k);
        CrotchSeam usual = at.apply(centre.share());
        if (usual == null || !Double.isNaN(centre.guide()) || usual.easy()) {
            return usual;
        }
        // The usual guide would bend the curve tightly at its beginning; it goes nearer the corner until it does not.
        return Roots.between(NEAREST_SHARE, centre.share(), k -> tightest(at.apply(k)) - CrotchSeam.EASY - 0.2).stream()
                .mapToObj(at)
                .findFirst()
                .orElseGet(() -> {
                    CrotchSeam nearest = at.apply(NEAREST_SHARE);
                    return nearest != null && tightest(nearest) > tightest(usual) ? nearest : usual;
                });
    }

    private static double tightest(CrotchSeam seam) {
        return seam.curve().tightest(CrotchSeam.PLACES);
    }
}
