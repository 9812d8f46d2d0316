package brightplumb.core.style.pocket;

import static brightplumb.core.rule.ScoopSettings.BAG_DEEP;
import static brightplumb.core.rule.ScoopSettings.BAG_WIDE;
import static brightplumb.core.rule.ScoopSettings.SCOOP_ACROSS;
import static brightplumb.core.rule.ScoopSettings.SCOOP_DOWN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Placed;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Setting;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * A pocket scooped out of a front between waist and side: what is left of the front, the bag sewn into its mouth, and
 * the piece beneath, which fills the corner and is the other half of the bag. All lie in the front's coordinates.
 */
final class Bag {

    /** The mouth of a pocket, to its bag. */
    public static final Seam MOUTH_SEAM = new Seam("pocket.mouth");

    /** Round a bag. */
    public static final Seam ROUND_SEAM = new Seam("pocket.bag");

    static final EdgeRole MOUTH = new EdgeRole("mouth", "pocket mouth");
    static final EdgeRole ROUND = new EdgeRole("bag", "round the bag");

    /** Left of the upper edge before a dart, and of a side below the mouth, mm. */
    private static final double CLEAR = 6;

    private static final double BELOW_MOUTH = Length.INCH;

    /** A mark no further from an edge stands on it, mm. */
    private static final double ON_EDGE = 1;

    private final Piece front;
    private final double across;
    private final double down;
    private final double wide;
    private final double deep;
    private final Edge top;
    private final Edge side;
    private final double topLength;
    /** How much of the upper edge the bag takes: as wide as it is, or up to the dart. */
    private final double alongTop;

    private final Point mouthTop;
    private final Point mouthEnd;
    private final Point innerTop;
    private final Point sideEnd;

    private final Predicate<Point> inside;

    /**
     * A pocket on a front.
     *
     * @param across how far in from the side the mouth begins, mm along the upper edge
     * @param down how far down the side it ends, mm along the side
     * @param wide how wide the bag is from the side inward, mm
     * @param deep how deep it hangs from the upper edge, mm
     */
    Bag(Piece front, double across, double down, double wide, double deep) {
        this.front = front;
        this.across = across;
        this.down = down;
        this.wide = wide;
        this.deep = deep;
        this.top = front.top();
        this.side = front.require(EdgeRole.SIDE);
        this.topLength = top.length();
        this.alongTop = Math.min(wide, topLength - dartEnds() - CLEAR);
        this.mouthTop = Curves.along(top.run(), topLength - across).at();
        this.mouthEnd = Curves.along(side.run(), down).at();
        this.innerTop = Curves.along(top.run(), topLength - alongTop).at();
        this.sideEnd = Curves.along(side.run(), down + BELOW_MOUTH).at();
        this.inside = Outlines.inside(front.sewLine());
    }

    double across() {
        return across;
    }

    double wide() {
        return wide;
    }

    double deep() {
        return deep;
    }

    /** The front it is scooped out of, as it was before. */
    Piece front() {
        return front;
    }

    double alongTop() {
        return alongTop;
    }

    /** How far along the upper edge the last dart or fold ends. */
    private double dartEnds() {
        double darts = front.dartsOn(top.role()).stream()
                .mapToDouble(d -> Curves.nearest(top.run(), d.outer()).along())
                .max()
                .orElse(0);
        double folds = front.folds().stream()
                .mapToDouble(f -> Curves.nearest(top.run(), f.backTop()).along())
                .max()
                .orElse(0);
        return Math.max(darts, folds);
    }

    /** The most its mouth can reach in from the side, mm: clear of the dart. */
    double roomAcross() {
        return topLength - dartEnds() - Math.max(2 * CLEAR, ClearOfDarts.WANTED + CLEAR / 2);
    }

    /**
     * The same pocket, beginning no further in than its panel allows: clear of the dart, unless a pocket of the least
     * size that can be asked comes nearer.
     */
    Bag withinReach() {
        double least = Math.min(SCOOP_ACROSS.least(), topLength - dartEnds() - 2 * CLEAR);
        double reach = Math.max(CLEAR, Math.min(across, Math.max(least, roomAcross())));
        return reach == across ? this : new Bag(front, reach, down, wide, deep);
    }

    /** The same pocket with a bag that does not hang out of the front below. */
    Bag shallower() {
        Bag bag = this;
        while (!bag.inside(bag.bottomSide()) && bag.deep > down + BELOW_MOUTH + CLEAR) {
            bag = new Bag(front, across, down, wide, bag.deep - CLEAR);
        }
        return bag;
    }

    /** The same pocket with a bag that does not reach across the centre. */
    Bag narrower() {
        Bag bag = this;
        while (!bag.inside(bag.bottomInner()) && bag.wide > across + BELOW_MOUTH) {
            bag = new Bag(front, across, down, bag.wide - CLEAR, deep);
        }
        return bag;
    }

    private boolean inside(Point place) {
        return inside.test(place);
    }

    /** @throws Refusal where it does not fit its panel, naming the field */
    Bag fitting() {
        if (!front.dartsOn(EdgeRole.SIDE).isEmpty()) {
            throw new Refusal(
                    FieldPath.WITH, "A dart opens on the side where the pocket would; leave one of the two off");
        }
        if (alongTop < across + CLEAR) {
            throw new Refusal(
                    SCOOP_ACROSS.field(), "The pocket would reach into the dart; let it begin nearer the side");
        }
        if (side.length() < down + BELOW_MOUTH + CLEAR) {
            throw new Refusal(SCOOP_DOWN.field(), "The pocket opens below the end of the side; make it shorter");
        }
        if (deep < down + CLEAR) {
            throw new Refusal(BAG_DEEP.field(), "The bag is not as deep as its mouth; make it deeper");
        }
        for (Point corner : List.of(bottomInner(), bottomSide())) {
            if (!inside(corner)) {
                boolean wider = corner.equals(bottomInner());
                throw new Refusal(
                        (wider ? BAG_WIDE : BAG_DEEP).field(),
                        "The bag does not lie whole behind the front; make it smaller");
            }
        }
        return this;
    }

    /** From the upper edge down beside the side, then out to it: deep enough for a hand, and no corner to catch. */
    private List<Segment> mouth() {
        Point from = mouthTop;
        Point to = mouthEnd;
        Point corner = Point.of(from.x() + 0.2 * (to.x() - from.x()), to.y() - 0.2 * (to.y() - from.y()));
        return List.of(Cubic.parabola(from, corner, to));
    }

    /** How long the mouth is, mm. */
    double mouthLength() {
        return Curves.length(mouth());
    }

    private Point bottomSide() {
        double y = Math.max(bottom(), sideEnd.y() + CLEAR);
        return Point.of(Curves.xAtLevel(side.run(), y).orElse(sideEnd.x()) - CLEAR, y);
    }

    private Point bottomInner() {
        return Point.of(sideEnd.x() - wide, Math.max(bottom(), sideEnd.y() + CLEAR));
    }

    private double bottom() {
        return innerTop.y() + deep;
    }

    /** Round the bag from the side to the upper edge, its lower corners rounded. */
    private List<Segment> round() {
        Point start = sideEnd;
        Point right = bottomSide();
        Point left = bottomInner();
        Point end = innerTop;
        double r = Math.min(40, Math.min(right.x() - left.x(), left.y() - end.y()) / 3);
        Point a = right.plus(start.minus(right).unit().times(Math.min(r, start.distance(right) / 2)));
        Point b = right.plus(left.minus(right).unit().times(r));
        Point c = left.plus(right.minus(left).unit().times(r));
        Point d = left.plus(end.minus(left).unit().times(r));
        return List.of(
                new Line(start, a),
                Cubic.parabola(a, right, b),
                new Line(b, c),
                Cubic.parabola(c, left, d),
                new Line(d, end));
    }

    /** The front with its corner cut away; on the body the corner is filled by what lies beneath. */
    Piece cutAway() {
        List<Edge> edges = new ArrayList<>();
        for (Edge edge : front.edges()) {
            if (edge.equals(top)) {
                edges.add(
                        edge.along(Curves.cutAt(edge.run(), topLength - across).get(0)));
                edges.add(Edge.of(MOUTH, mouth()));
            } else if (edge.equals(side)) {
                edges.add(edge.along(Curves.cutAt(edge.run(), down).get(1)));
            } else {
                edges.add(edge);
            }
        }
        return front.withEdges(edges)
                .withMarks(front.marks().stream().filter(m -> !inCorner(m)).toList())
                .lying(front.onBody().sewnAs(front));
    }

    private boolean inCorner(Mark mark) {
        return Curves.near(side.run(), mark.at(), ON_EDGE)
                        && Curves.nearest(side.run(), mark.at()).along() < down
                || Curves.near(top.run(), mark.at(), ON_EDGE)
                        && Curves.nearest(top.run(), mark.at()).along() > topLength - across;
    }

    private PieceId named(String name) {
        return PieceId.of(name).on(front.id().hand());
    }

    private String handed(String title) {
        return front.id().hand() == Hand.BOTH
                ? title
                : title + ", " + front.id().hand().id();
    }

    private Copies copies() {
        return front.id().hand() == Hand.BOTH ? new Copies.Pairs(1) : new Copies.Singles(1);
    }

    /** The half of the bag that is sewn into the mouth. */
    Piece facing() {
        List<Edge> edges = List.of(
                Edge.of(top.role(), Curves.part(top.run(), topLength - alongTop, topLength - across)),
                Edge.of(MOUTH, mouth()),
                Edge.of(EdgeRole.SIDE, Curves.part(side.run(), down, down + BELOW_MOUTH)),
                Edge.of(ROUND, round()));
        return Piece.of(
                        named("pocket-bag"),
                        handed("Pocket bag"),
                        Panel.POCKET,
                        edges,
                        grain(),
                        copies(),
                        OnBody.NOWHERE)
                .in(Layer.POCKETING);
    }

    /** The piece beneath: the corner of the front, and the other half of the bag. */
    Piece under() {
        List<Edge> edges = List.of(
                Edge.of(top.role(), Curves.part(top.run(), topLength - alongTop, topLength)),
                Edge.of(EdgeRole.SIDE, Curves.part(side.run(), 0, down + BELOW_MOUTH)),
                Edge.of(ROUND, round()));
        return Piece.of(
                        named("pocket-under"),
                        handed("Pocket under piece"),
                        Panel.POCKET,
                        edges,
                        grain(),
                        copies(),
                        OnBody.NOWHERE)
                .placing(new Placed("mouth", "pocket mouth", mouth()))
                .withMarks(front.marks().stream().filter(this::inCorner).toList());
    }

    /** Returns the step that says one of its amounts: it bears the setting's key. */
    static Fact said(Setting setting) {
        return new Fact(setting.key());
    }

    /** Its amounts where they lie: from the corner along both edges, and across and down the bag. */
    void laidOff(LaidOff off) {
        String sheet = front.id().toString();
        off.along(said(SCOOP_ACROSS), sheet, top.run(), topLength - across, topLength);
        off.along(said(SCOOP_DOWN), sheet, side.run(), 0, down);
        off.across(said(BAG_WIDE), facing().id().toString(), bottom(), sideEnd.x() - wide, sideEnd.x());
        off.down(said(BAG_DEEP), facing().id().toString(), innerTop.x(), innerTop.y(), bottom());
    }

    private Line grain() {
        double x = (innerTop.x() + sideEnd.x()) / 2;
        double top = Math.max(innerTop.y(), mouthEnd.y() - down / 2);
        return new Line(Point.of(x, top + 10), Point.of(x, bottom() - 15));
    }
}
