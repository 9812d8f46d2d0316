package brightplumb.core.lay;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Copies;
import brightplumb.core.rule.ClothFields;
import java.util.ArrayList;
import java.util.List;

/**
 * What of each piece is laid how often, and how it may lie. Its grain runs along the cloth; it may point either way
 * unless the cloth has one way. On folded cloth one laying of a pair gives both, face up or down; on single cloth a
 * left and a right are laid each by itself, and what is cut on a fold is laid whole.
 */
final class Items {

    private static final Rigid FLIP = new Rigid(1, 0, 0, -1, 0, 0);
    private static final Rigid ACROSS = new Rigid(0, 1, 1, 0, 0, 0);
    private static final Rigid TURN = new Rigid(-1, 0, 0, -1, 0, 0);

    /** Two outlines are one where no more than this share of them differs. */
    private static final double ALIKE = 1e-3;

    private final Ground ground;
    private final boolean oneWay;
    private final boolean everyWay;
    private final List<Item> items = new ArrayList<>();
    private int ways;
    private int kinds;

    private Items(Ground ground, boolean oneWay, boolean everyWay) {
        this.ground = ground;
        this.oneWay = oneWay;
        this.everyWay = everyWay;
    }

    static List<Item> of(List<Bundle> bundles, Ground ground, boolean oneWay) {
        return of(bundles, new Items(ground, oneWay, false));
    }

    /** The same with every way in which a hand may lay a piece, two that look alike included. */
    static List<Item> byHand(List<Bundle> bundles, Ground ground, boolean oneWay) {
        return of(bundles, new Items(ground, oneWay, true));
    }

    private static List<Item> of(List<Bundle> bundles, Items all) {
        for (Bundle bundle : bundles) {
            for (CutPiece piece : bundle.pieces()) {
                all.add(bundle, piece);
            }
        }
        return List.copyOf(all.items);
    }

    private void add(Bundle bundle, CutPiece cut) {
        Copies copies = cut.piece().copies();
        Rigid along = along(cut.piece().grain().direction(0));
        Outline outline = Outline.of(cut.cutLine());
        if (copies.flat() && ground.folded()) {
            throw new Refusal(
                    ClothFields.FOLDED.field(), cut.name() + " is never cut on folded cloth: lay the cloth open");
        }
        if (copies instanceof Copies.OnFold fold) {
            onFold(bundle, cut, fold, along, outline);
        } else if (ground.folded()) {
            boolean both = copies instanceof Copies.Pairs || symmetric(cut, outline.moved(along));
            doubled(bundle, cut, outline, along, cut.cut(), both);
        } else if (copies instanceof Copies.Pairs pairs) {
            double area = outline.polygon().getArea();
            List<Way> up = ways(cut, outline, eitherWay(along));
            List<Way> down = ways(cut, outline, eitherWay(FLIP.after(along)));
            for (int i = 0; i < pairs.n() * bundle.copies(); i++) {
                items.add(item(bundle, cut, 2 * i, up, false, area));
            }
            kinds++;
            for (int i = 0; i < pairs.n() * bundle.copies(); i++) {
                items.add(item(bundle, cut, 2 * i + 1, down, false, area));
            }
            kinds++;
        } else {
            single(bundle, cut, outline, along, cut.cut());
        }
    }

    /** Laid whole, alike on either face or not. */
    private void single(Bundle bundle, CutPiece cut, Outline outline, Rigid along, int n) {
        if (ground.folded()) {
            doubled(bundle, cut, outline, along, n, symmetric(cut, outline.moved(along)));
            return;
        }
        List<Way> up = ways(cut, outline, eitherWay(along));
        double area = outline.polygon().getArea();
        for (int i = 0; i < n * bundle.copies(); i++) {
            items.add(item(bundle, cut, i, up, false, area));
        }
        kinds++;
    }

    /** Laid on double cloth: each laying gives two where either face will do, one where it will not. */
    private void doubled(Bundle bundle, CutPiece cut, Outline outline, Rigid along, int n, boolean both) {
        List<Way> open = ways(cut, outline, eitherFace(along));
        double area = outline.polygon().getArea();
        int needed = n * bundle.copies();
        int layings = both ? (needed + 1) / 2 : needed;
        for (int i = 0; i < layings; i++) {
            boolean half = !both || 2 * i + 1 == needed;
            items.add(item(bundle, cut, i, open, false, half ? area : 2 * area));
        }
        kinds++;
    }

    /** On the fold of the cloth where its own fold runs with its grain; anywhere else it is laid whole. */
    private void onFold(Bundle bundle, CutPiece cut, Copies.OnFold fold, Rigid along, Outline outline) {
        List<Segment> run = cut.piece().require(fold.role()).run();
        Point from = run.get(0).from();
        Point to = run.get(run.size() - 1).to();
        boolean alongGrain = Math.abs(along.apply(to).y() - along.apply(from).y()) < Unfolded.ON_FOLD;
        if (!ground.folded() || !alongGrain) {
            single(bundle, cut, Unfolded.of(outline, from, to), along, fold.n());
            return;
        }
        Outline laid = outline.moved(along);
        double middle = along.apply(from).y();
        boolean beyond = laid.bottom() - middle > middle - laid.top();
        Rigid down = beyond ? along : FLIP.after(along);
        List<Rigid> moves =
                oneWay ? List.of(down) : List.of(down, FLIP.after(TURN).after(down));
        List<Way> ways = ways(cut, outline, moves);
        for (int i = 0; i < fold.n() * bundle.copies(); i++) {
            items.add(item(bundle, cut, i, ways, true, 2 * outline.polygon().getArea()));
        }
        kinds++;
    }

    private Item item(Bundle bundle, CutPiece cut, int copy, List<Way> open, boolean atFold, double area) {
        return new Item(bundle.name(), cut.piece().id(), copy + 1, kinds, open, Item.Side.ANY, atFold, area);
    }

    /** The turn that lays a direction along the cloth. */
    private static Rigid along(Point grain) {
        return new Rigid(grain.x(), grain.y(), -grain.y(), grain.x(), 0, 0);
    }

    private List<Rigid> eitherWay(Rigid along) {
        return oneWay ? List.of(along) : List.of(along, TURN.after(along));
    }

    private List<Rigid> eitherFace(Rigid along) {
        List<Rigid> all = new ArrayList<>(eitherWay(along));
        all.addAll(eitherWay(FLIP.after(along)));
        return all;
    }

    private List<Way> ways(CutPiece cut, Outline outline, List<Rigid> moves) {
        List<Way> open = new ArrayList<>();
        for (Rigid move : moves) {
            Outline laid = outline.moved(move);
            Rigid home = Rigid.slide(Point.of(-laid.left(), -laid.top())).after(move);
            Outline placed = laid.slid(-laid.left(), -laid.top());
            boolean fits = placed.bottom() <= ground.across() + 1e-6;
            if (fits && (everyWay || open.stream().noneMatch(w -> alike(w.outline(), placed)))) {
                open.add(new Way(
                        ways++,
                        angle(move, cut),
                        move.a() * move.d() - move.b() * move.c() < 0,
                        home,
                        placed,
                        Scan.of(placed),
                        phase(cut, home)));
            }
        }
        if (open.isEmpty()) {
            throw TooWide.refusal(cut, outline.moved(moves.get(0)), ground);
        }
        return open;
    }

    private static int angle(Rigid move, CutPiece cut) {
        return move.direction(cut.piece().grain().direction(0)).x() > 0 ? 0 : 180;
    }

    /** Prints match at the waist level of what lies on the body; nothing else has to match. */
    private static double phase(CutPiece cut, Rigid home) {
        return cut.piece().onBody().zones().isEmpty()
                ? Double.NaN
                : home.apply(Point.of(cut.piece().grain().from().x(), 0)).x();
    }

    private static boolean alike(Outline one, Outline other) {
        if (Math.abs(one.right() - other.right()) > 1e-3 || Math.abs(one.bottom() - other.bottom()) > 1e-3) {
            return false;
        }
        var a = one.polygon();
        return a.symDifference(other.polygon()).getArea() < ALIKE * a.getArea();
    }

    /**
     * Whether it is the same face down, so that double cloth gives two of it. What lies on the bias may lie to either
     * side of the grain.
     */
    private static boolean symmetric(CutPiece cut, Outline along) {
        Outline here = home(along);
        Outline there = home(here.moved(FLIP));
        return alike(here, there)
                || alike(here, home(there.moved(TURN)))
                || cut.piece().onBias() && alike(here, home(here.moved(ACROSS)));
    }

    private static Outline home(Outline outline) {
        return outline.slid(-outline.left(), -outline.top());
    }
}
