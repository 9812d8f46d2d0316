package brightplumb.core.table;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.CentreOpening;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Strip;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A draft on the table with the body it is for.
 *
 * @param draft the draft
 * @param body the body
 * @param set the settings in force
 * @param table draws the same garment for the same body with other settings
 * @param hand the side that is looked at, where left and right differ
 * @param worn the panels, and what carries the waist above them, as they lie on the body, since every check asks for
 *     them again and again
 */
public record Inspected(
        Draft draft, Body body, Settings set, DraftingTable table, Hand hand, Map<PieceId, Piece> worn) {

    /** The edges after which an outline goes up its centre. */
    private static final Set<EdgeRole> BELOW =
            Set.of(EdgeRole.HEM, EdgeRole.INSEAM, EdgeRole.LEG, EdgeRole.CROTCH_END, Strip.LOWER);

    public Inspected {
        worn = Map.copyOf(worn);
    }

    /** A draft on the table. */
    public static Inspected of(Draft draft, Body body, Settings set, DraftingTable table, Hand hand) {
        Map<PieceId, Piece> worn = draft.pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL)
                .filter(p -> p.panel().isMain() || p.edge(EdgeRole.WAIST).isPresent())
                .collect(Collectors.toMap(Piece::id, Piece::worn));
        return new Inspected(draft, body, set, table, hand, worn);
    }

    private static final double TRIED_NEAR = 1e-3;
    private static final double NUDGE = 2;
    private static final double[] STEPS = {0.15, 0.4, 0.7, 1};

    /** The draft as it would be with settings changed; empty where it cannot be drawn so. */
    public Optional<Inspected> withSettings(Map<Setting, SettingValue> changed) {
        Settings then = set.with(changed);
        try {
            return Optional.of(of(table.draft(then), body, then, table, hand));
        } catch (Refusal cannot) {
            return Optional.empty();
        }
    }

    /**
     * The amount of a setting at which something measured on the draft comes to nothing, found by drawing it again:
     * first in growing steps from what it is toward either end, then closely between the two steps it lies in.
     *
     * @param apart what is measured
     * @return the amount, mm; empty where it is not found between the ends
     */
    public OptionalDouble solveSetting(Setting setting, double low, double high, ToDoubleFunction<Inspected> apart) {
        double now = set.effectiveAmount(setting, draft::told).value();
        double found = apart.applyAsDouble(this);
        double up = Math.min(high, setting.most());
        double down = Math.max(low, setting.least());
        boolean upward = Math.abs(measured(setting, Math.min(up, now + NUDGE), apart)) < Math.abs(found);
        double end = upward ? up : down;
        double before = now;
        double atBefore = found;
        for (double share : STEPS) {
            double next = now + (end - now) * share;
            double atNext = measured(setting, next, apart);
            if (Double.isNaN(atNext) || before == next) {
                break;
            }
            if (atBefore * atNext <= 0) {
                return Roots.roughlyBetween(
                                Math.min(before, next),
                                Math.max(before, next),
                                amount -> measured(setting, amount, apart))
                        .stream()
                        .filter(amount -> table.cuts(set.with(Map.of(setting, setting.value(amount)))))
                        .mapToObj(OptionalDouble::of)
                        .findFirst()
                        .orElse(OptionalDouble.empty());
            }
            before = next;
            atBefore = atNext;
        }
        return OptionalDouble.empty();
    }

    private double measured(Setting setting, double amount, ToDoubleFunction<Inspected> apart) {
        return withSettings(Map.of(setting, setting.value(amount))).stream()
                .mapToDouble(apart)
                .map(found -> Math.abs(found) < TRIED_NEAR ? 0 : found)
                .findFirst()
                .orElse(Double.NaN);
    }

    /** Whether the waist is cut wide and drawn up. */
    public boolean gathered() {
        return set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED);
    }

    /** What the girth loses where the sides are sewn inside their drawn lines: four edges of it, mm. */
    public double sewnIn() {
        return 4 * sewnIn(EdgeRole.SIDE);
    }

    /** How far inside its drawn line an edge of a role is sewn, mm. */
    public double sewnIn(EdgeRole role) {
        return AllowanceSettings.sewnIn(set, role);
    }

    /** The neck all round as it is sewn, mm: each of four shoulder edges takes of it what is sewn inside its line. */
    public double neckOpening() {
        return draft.fact(BodiceFacts.NECK_OPENING).value() - 4 * sewnIn(EdgeRole.SHOULDER);
    }

    /**
     * How far down a piece's centre seam can open: on legs to where the curve begins, on skirts to an inch above the
     * hem.
     */
    public double longestOpening(Piece piece) {
        List<Segment> centre = centre(piece);
        return piece.edge(EdgeRole.INSEAM).isPresent()
                ? Curves.length(
                        centre.stream().takeWhile(Line.class::isInstance).toList())
                : Curves.length(centre) - Length.INCH;
    }

    /**
     * A piece's width on the hip line; on legs from the centre line produced, for the crotch curve may begin above it.
     */
    public double acrossHip(Piece piece) {
        if (piece.edge(EdgeRole.INSEAM).isEmpty()) {
            return widthAt(piece, hipY());
        }
        Segment straight = centre(piece).get(0);
        Point down = straight.direction(0);
        double x = straight.from().x()
                + down.x() / down.y() * (hipY() - straight.from().y());
        return sideAt(piece, hipY()) - x;
    }

    /** The front as it lies on the body, of the side that is looked at. */
    public Piece front() {
        return panel(Panel.FRONT);
    }

    /** The back as it lies on the body, of the side that is looked at. */
    public Piece back() {
        return panel(Panel.BACK);
    }

    /** The piece that carries the waist in front, folds shut: the front, or a band cut off it. */
    public Piece topFront() {
        return top(false);
    }

    /** The piece that carries the waist behind, folds shut. */
    public Piece topBack() {
        return top(true);
    }

    /**
     * The centre seam from where the garment begins, downward, as it lies on the body: of a band that was cut off the
     * panel, and of the panel below it.
     */
    public List<Segment> centreSeam(boolean behind) {
        Piece panel = behind ? back() : front();
        Piece top = carrier(behind);
        List<Segment> seam = new ArrayList<>();
        if (!top.panel().equals(panel.panel())) {
            seam.addAll(centre(worn(top)));
        }
        seam.addAll(centre(panel));
        return List.copyOf(seam);
    }

    /** How long a centre edge is in front or behind, of the side that is looked at, mm. */
    public double centre(EdgeRole role, boolean behind) {
        return CentreOpening.reach(draft.pattern(), role, behind, hand);
    }

    private Piece top(boolean behind) {
        Piece top = carrier(behind);
        return top.folds().isEmpty() && top.onBody().sewn().isEmpty() ? top : worn(top);
    }

    private Piece carrier(boolean behind) {
        return draft.pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL && p.behind() == behind)
                .filter(p -> p.edge(EdgeRole.WAIST).isPresent() || p.fromShoulder())
                .filter(p -> p.id().hand() == Hand.BOTH || hand == Hand.BOTH || p.id().hand() == hand)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No waist"));
    }

    /** Front and back with their folds open, a dart that was moved back where it was drafted. */
    public List<Piece> asCut() {
        return List.of(cut(Panel.FRONT).sewn(), cut(Panel.BACK).sewn());
    }

    private Piece panel(Panel panel) {
        return worn(cut(panel));
    }

    private Piece worn(Piece piece) {
        Piece known = worn.get(piece.id());
        if (known != null) {
            return known;
        }
        return piece.onBody().zones().isEmpty() ? piece : piece.worn();
    }

    private Piece cut(Panel panel) {
        return draft.pieces().stream()
                .filter(p -> p.panel().equals(panel) && p.layer() == Layer.SHELL)
                .filter(p -> p.id().hand() == Hand.BOTH || hand == Hand.BOTH || p.id().hand() == hand)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No " + panel));
    }

    /** The join of a name on the side that is looked at. */
    public Join join(Seam seam) {
        return draft.joins().stream()
                .filter(j -> j.seam().equals(seam))
                .filter(j -> {
                    Hand of = j.layers().get(0).piece().hand();
                    return of == Hand.BOTH || hand == Hand.BOTH || of == hand;
                })
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No join " + seam));
    }

    /** A fact of the side that is looked at. */
    public Amount fact(Fact fact) {
        Fact ofRight = fact.of(Hand.RIGHT);
        return draft.fact(hand == Hand.RIGHT && draft.found(ofRight) ? ofRight : fact);
    }

    /** The level of the hip, mm below the level waist line. */
    public double hipY() {
        return fact(Fact.HIP_DEPTH).value();
    }

    /** The level of the hem. */
    public double hemY() {
        return fact(Fact.LENGTH).value();
    }

    /** A piece's centre seam, from the waist down. */
    public static List<Segment> centre(Piece piece) {
        List<Segment> up = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            if (BELOW.contains(edge.role())) {
                up.clear();
            } else {
                up.addAll(edge.run());
            }
        }
        return Curves.reversed(up);
    }

    /** The level at which every centre and side has begun: the lowest of the waist's ends. */
    public double waistEndsAt() {
        return Stream.of(front(), back())
                .flatMap(piece ->
                        Stream.of(centre(piece), piece.require(EdgeRole.SIDE).run()))
                .mapToDouble(run -> run.get(0).from().y())
                .max()
                .orElseThrow();
    }

    /** The width of a piece as drawn at a level: from its centre line to its side; NaN where it does not reach. */
    public static double widthAt(Piece piece, double y) {
        return sideAt(piece, y) - centreAt(piece, y);
    }

    /**
     * Returns how far out the side lies at a level, mm; NaN where it does not reach.
     *
     * @param y mm below the level waist line
     */
    public static double sideAt(Piece piece, double y) {
        return at(piece.require(EdgeRole.SIDE).run(), y);
    }

    /**
     * Returns how far out the centre lies at a level, mm; NaN where it does not reach.
     *
     * @param y mm below the level waist line
     */
    public static double centreAt(Piece piece, double y) {
        return at(centre(piece), y);
    }

    /** The x of a downward run at a level; where a hem bends up and the run ends above it, the run's end. */
    private static double at(List<Segment> run, double y) {
        Point end = run.get(run.size() - 1).to();
        return y >= end.y() ? end.x() : Curves.xAtLevel(run, y).orElse(Double.NaN);
    }

    /** What the garment measures all round as drawn, level by level. */
    public DoubleUnaryOperator girths() {
        List<List<Segment>> sides = new ArrayList<>();
        List<List<Segment>> centres = new ArrayList<>();
        for (Piece panel : List.of(front(), back())) {
            sides.add(panel.require(EdgeRole.SIDE).run());
            centres.add(centre(panel));
        }
        return y -> {
            double half = 0;
            for (int i = 0; i < sides.size(); i++) {
                half += at(sides.get(i), y) - at(centres.get(i), y);
            }
            return 2 * half;
        };
    }
}
