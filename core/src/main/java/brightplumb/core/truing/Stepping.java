package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.CLOTH;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.FoldSettings;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.Stride;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * Legs at a step inside a skirt. From mid-thigh down, legs a step apart are separated in proportion to the way down the
 * leg; the cloth must pass round both: twice the separation and once the girth of the leg there. Where the skirt is
 * smaller it must open from the hem up to the highest such level. Our own model; it explains the usual slits.
 */
final class Stepping implements Evidence {

    private static final Set<Fact> OPENS = Set.of(HemSettings.SLIT.fact(), FoldSettings.KICK_HEIGHT.fact());
    private static final int LEVELS = 12;

    private final Inspected on;
    private final DoubleUnaryOperator girths;
    private final double give;
    private final double slit;
    /** How far the garment's top lies below the waist of the body. */
    private final double top;

    private final Stride stride;
    private final double needed;

    Stepping(Inspected on) {
        this.on = on;
        Body body = on.body();
        this.girths = on.girths();
        this.give = 1 + on.set().cloth().stretch();
        this.stride = Stride.of(body, on.set().amount(HemSettings.STRIDE));
        // A slit opens, and a kick fold gives, from the hem up.
        this.slit = on.draft().steps().stream()
                .filter(step -> OPENS.contains(step.fact()))
                .mapToDouble(step -> step.amount().value())
                .max()
                .orElse(0);
        this.top = stride.hip() - on.hipY();
        this.needed = find();
    }

    /** How far up from the hem it must open, mm; 0 where it need not. */
    double needed() {
        return needed;
    }

    /** How far up from the hem it opens. */
    double slit() {
        return slit;
    }

    private double find() {
        double hem = on.hemY();
        double from = Math.min(midThigh(), hem);
        if (tooSmall(from) > 0) {
            return hem - from;
        }
        double before = from;
        for (int i = 1; i <= LEVELS; i++) {
            double y = from + (hem - from) * i / LEVELS;
            if (tooSmall(Math.min(y, hem - 0.5)) > 0) {
                return hem
                        - Roots.between(before, Math.min(y, hem - 0.5), this::tooSmall)
                                .orElse(before);
            }
            before = y;
        }
        return 0;
    }

    private double midThigh() {
        return stride.midThigh() - top;
    }

    /**
     * How much the skirt is too small for the step at a level of the draft, all round, as stretched; negative where
     * there is room.
     */
    double tooSmall(double y) {
        return needs(y) - has(y);
    }

    double has(double y) {
        return girths.applyAsDouble(y) * give;
    }

    double needs(double y) {
        return stride.needs(y + top);
    }

    /** The longest step it allows as it is slit, mm. */
    double allows() {
        double least = Double.POSITIVE_INFINITY;
        double hem = on.hemY() - Math.max(slit, 0.5);
        for (double y = midThigh(); y <= hem; y += Math.max(1, (hem - midThigh()) / LEVELS)) {
            least = Math.min(least, stepAt(y));
        }
        return hem > midThigh() ? Math.min(least, stepAt(hem)) : least;
    }

    private double stepAt(double y) {
        return stride.allowed(y + top, has(y));
    }

    /**
     * The most by which the skirt is too small between its hip and its hem, each level set against how far a taper has
     * gone there.
     */
    double widerAtHem(double taperStart) {
        double most = 0;
        double hem = on.hemY() - 0.5;
        for (int i = 0; i <= LEVELS; i++) {
            double y = midThigh() + (hem - midThigh()) * i / LEVELS;
            double share = (y - taperStart) / (hem - taperStart);
            if (share > 0.05) {
                most = Math.max(most, tooSmall(y) / give / share);
            }
        }
        return most;
    }

    /** The hem round both legs as she stands; it must hold them a step apart, unless it opens. */
    @Override
    public Optional<Room> onHer() {
        double hem = on.hemY() - 0.5;
        double standing = stride.legGirth(hem + top) * (1 + 2 / Math.PI);
        double step = slit >= needed ? Math.min(needs(hem), has(hem)) : needs(hem);
        return Optional.of(new Room("hem", standing, has(hem), step));
    }

    @Override
    public List<Figure> figures() {
        double hem = on.hemY() - 0.5;
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.mm("hem all round", girths.applyAsDouble(hem)),
                Figure.mm("a step takes there", needs(hem)),
                Figure.together("opens from the hem", slit),
                Figure.mm("must open", needed),
                Figure.together("step that is asked", stride.step())));
        if (Double.isFinite(allows())) {
            figures.add(Figure.mm("step it allows", Math.min(allows(), 2 * stride.step())));
        }
        return figures;
    }

    /** The skirt laid flat over legs at a step: what stands out at its edge must have room by a slit. */
    @Override
    public Exhibit exhibit() {
        Exhibit.Table table = new Exhibit.Table();
        double foot = Math.max(stride.ankle() - top, on.hemY()) + 40;
        table.fill(BODY, leg(-1, foot)).fill(BODY, leg(1, foot));
        table.fill(CLOTH, skirt());
        double hem = on.hemY();
        double edge = has(hem - 0.5) / 4;
        table.draw(PLAIN, edges(1)).draw(PLAIN, edges(-1));
        table.draw(PLAIN, Point.of(-edge, hem), Point.of(edge, hem));
        table.draw(PENCIL, Point.of(-edge - 80, on.hipY()), Point.of(edge + 80, on.hipY()))
                .say(PENCIL, Point.of(-edge - 100, on.hipY() - 10), "hip");
        double feet = stride.apart(foot + top) / 2;
        table.span(PENCIL, Point.of(-feet, foot + 30), Point.of(feet, foot + 30), "apart here");
        if (needed > 0) {
            boolean enough = slit >= needed - StridesFreely.TOLERANCE;
            Exhibit.Ink ink = enough ? PENCIL : FAULT;
            double y = hem - needed;
            double wide = edge + 70;
            table.draw(ink, Point.of(-wide, y), Point.of(wide, y))
                    .span(ink, Point.of(wide, hem), Point.of(wide, y), "must open");
        }
        if (slit > 0) {
            double y = hem - slit;
            table.draw(PLAIN, Point.of(0, hem), Point.of(0, y))
                    .span(PLAIN, Point.of(-edge - 60, hem), Point.of(-edge - 60, y), "slit");
        }
        return table.done();
    }

    private List<Segment> leg(int hand, double foot) {
        List<Point> inner = new ArrayList<>();
        List<Point> outer = new ArrayList<>();
        double from = on.body().find(Measure.BODY_RISE).orElseThrow().value() - top;
        for (int i = 0; i <= 16; i++) {
            double y = from + (foot - from) * i / 16;
            double centre = hand * stride.apart(y + top) / 2;
            double half = stride.legGirth(y + top) / 4;
            outer.add(Point.of(centre + hand * half, y));
            inner.add(0, Point.of(centre - hand * half, y));
        }
        outer.addAll(inner);
        return Exhibit.outline(outer.toArray(Point[]::new));
    }

    private List<Point> edge(int hand) {
        List<Point> places = new ArrayList<>();
        // A waist that comes down far at its centre or side begins lower than a quarter of the way to the hip.
        double from = Math.max(on.hipY() * 0.25, on.waistEndsAt());
        double hem = on.hemY();
        for (int i = 0; i <= 24; i++) {
            double y = Math.min(from + (hem - from) * i / 24, hem - 0.5);
            places.add(Point.of(hand * has(y) / 4, i == 24 ? hem : y));
        }
        return places;
    }

    private List<Segment> edges(int hand) {
        List<Point> places = edge(hand);
        List<Segment> run = new ArrayList<>();
        for (int i = 1; i < places.size(); i++) {
            run.add(new Line(places.get(i - 1), places.get(i)));
        }
        return run;
    }

    private List<Segment> skirt() {
        List<Point> places = new ArrayList<>(edge(1));
        List<Point> left = new ArrayList<>(edge(-1));
        Collections.reverse(left);
        places.addAll(left);
        return Exhibit.outline(places.toArray(Point[]::new));
    }
}
