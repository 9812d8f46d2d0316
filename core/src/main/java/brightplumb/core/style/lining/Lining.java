package brightplumb.core.style.lining;

import static brightplumb.core.rule.AllowanceSettings.HEM_ALLOWANCE;
import static brightplumb.core.rule.LiningSettings.LINING;
import static brightplumb.core.rule.LiningSettings.LINING_HEM;
import static brightplumb.core.rule.LiningSettings.LINING_JOIN;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Lined;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A lining of the shell's own shape, in one of two habits: sewn up by itself and joined at the hem, or each panel
 * bagged, joined at hem and sides and turned before it is seamed. It is cut so much shorter that, waists level, the hem
 * folds where it was drawn. Common practice, no source.
 */
public final class Lining implements Operation {

    private static final Fact LINING_PIECES = new Fact("lining.pieces");
    private static final Fact LINING_SHORTER = new Fact("lining.shorter");
    private static final Fact LINING_LONGER = new Fact("lining.longer");
    private static final Fact LINING_TURN = new Fact("lining.turn");

    private static final Seam WAIST_SEAM = Seam.WAIST.in("lining");

    private static final Seam HEM_SEAM = Seam.of(EdgeRole.HEM).in("lining");

    /** The side of a panel to its lining, where each is bagged by itself. */
    private static final Seam SIDE_SEAM = Seam.SIDE.in("lining");

    private static final StepId LEVEL = new StepId("lining.level");

    private static final StepId BAGGED = new StepId("lining.bag");

    private static final StepId SEAMS = new StepId("lining.seams");

    private static final StepId HEM_STEP = StepId.of(HEM_SEAM);

    private static final String PREFIX = "lining";

    @Override
    public String id() {
        return "lining";
    }

    @Override
    public String title() {
        return "Lining";
    }

    @Override
    public Rank rank() {
        return Rank.LINING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(LINING, LINING_HEM, LINING_JOIN);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                LINING, Rule.chosen(Lined.HEM, "Sewn up by itself and joined at the hem."),
                LINING_HEM, Rule.inches(0, "Nothing beyond the hemline; the shell's hem covers it."),
                LINING_JOIN, Rule.inches(0.5, "{0.5} where shell and lining are joined."));
    }

    @Override
    public boolean wanted(Settings set) {
        return !set.chose(LINING, Lined.NONE);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(Lining::lined);
    }

    /** A panel of the shell that hangs from its waist to a hem. */
    private static boolean lined(Piece piece) {
        return piece.layer() == Layer.SHELL
                && piece.panel().isMain()
                && !piece.fromShoulder()
                && piece.edge(EdgeRole.HEM).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount shorter = shorter(table);
        boolean bagged = table.set().chose(LINING, Lined.PANEL);
        Map<PieceId, Piece> linings = new LinkedHashMap<>();
        for (Piece shell : before.pieces().stream().filter(Lining::lined).toList()) {
            Piece lining = cut(shell, shorter.value());
            linings.put(shell.id(), lining);
            table.paper().draw(lining.id().toString(), Drawn.Role.OUTLINE, "", lining.sewLine());
        }
        table.step(
                LINING_PIECES,
                "Lining pieces",
                Amount.ratio("one for each panel", linings.size()).called("lining pieces"),
                table.set().why(LINING));
        Pattern pattern = before.pattern().with(List.copyOf(linings.values()));
        return table.finished(
                pattern.joined(joins(pattern, linings, bagged)),
                off -> linings.values().forEach(lining -> {
                    Point side = lining.require(EdgeRole.HEM).run().get(0).from();
                    off.down(LINING_SHORTER, lining.id().toString(), side.x(), side.y(), side.y() + shorter.value());
                }));
    }

    /**
     * How much shorter the lining is cut. Joined and turned, with the waists level, shell and lining share what their
     * hems have beyond the join: the hem would come out that much longer than it was drawn, so the lining gives up
     * twice as much.
     */
    private static Amount shorter(Table table) {
        Amount both = table.set(HEM_ALLOWANCE).plus(table.set(LINING_HEM));
        Amount longer = table.step(
                LINING_LONGER,
                "Hem comes out longer by",
                both.over(2).minus(table.set(LINING_JOIN)).notBelowZero().called("comes out longer"),
                "Joined at the hem and turned, waists level, the fold lies half-way between both raw edges.");
        table.step(
                LINING_TURN,
                "Shell turned inside",
                table.set(HEM_ALLOWANCE).minus(table.set(LINING_JOIN)).called("turned inside"),
                "The lining's seam lies so far above the fold.");
        return table.step(
                LINING_SHORTER,
                "Lining cut shorter by",
                longer.times(2).called("lining shorter"),
                "Half of what the lining gives up shows at the hem, so it gives up twice what the hem would be too "
                        + "long.");
    }

    private static Piece cut(Piece shell, double shorter) {
        Piece traced =
                Surgery.traced(shell, shell.id().with(PREFIX), "Lining " + shell.panel() + side(shell), Layer.LINING);
        Piece bare = traced.withFolds(List.of()).withLines(List.of());
        if (shorter <= 0) {
            return bare;
        }
        return Surgery.shortened(bare, EdgeRole.HEM, shorter)
                .orElseThrow(
                        () -> new Refusal(LINING_HEM.field(), "The lining would be shorter than its panel allows"));
    }

    private static String side(Piece shell) {
        return shell.id().hand() == Hand.BOTH ? "" : ", " + shell.id().hand().id();
    }

    private static List<Join> joins(Pattern pattern, Map<PieceId, Piece> linings, boolean bagged) {
        List<Join> joins = new ArrayList<>();
        linings.forEach((shell, lining) -> {
            Piece panel = pattern.piece(shell);
            joins.add(Join.sewn(
                    WAIST_SEAM,
                    Run.shut(panel, panel.top().role()),
                    Run.shut(lining, lining.top().role())));
            joins.add(Join.sewn(HEM_SEAM, Run.shut(panel, EdgeRole.HEM), Run.shut(lining, EdgeRole.HEM)));
            if (bagged) {
                joins.add(Join.sewn(SIDE_SEAM, EdgeRole.SIDE, panel, lining));
            }
        });
        for (Join join : pattern.joins()) {
            boolean side = join.seam().equals(Seam.SIDE);
            List<Run> layers = join.layers();
            if (layers.size() != 2 || side && bagged || layers.stream().anyMatch(r -> !traced(r, linings))) {
                continue;
            }
            joins.add(relined(join, linings));
        }
        return joins;
    }

    private static boolean traced(Run run, Map<PieceId, Piece> linings) {
        Stretch s = run.stretches().get(0);
        return run.stretches().size() == 1
                && linings.containsKey(s.piece())
                && linings.get(s.piece()).edge(s.role()).isPresent();
    }

    /** A join of the shell, between the linings of its pieces. */
    private static Join relined(Join join, Map<PieceId, Piece> linings) {
        List<Run> layers = join.layers().stream()
                .map(run -> {
                    Stretch s = run.stretches().get(0);
                    Piece lining = linings.get(s.piece());
                    return Run.of(
                            Stretch.whole(lining, lining.require(s.role())).of(s.copy()));
                })
                .toList();
        return new Join(
                join.seam().in(PREFIX),
                layers,
                layers.get(0).length() - layers.get(1).length(),
                join.kind());
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        boolean bagged = set.chose(LINING, Lined.PANEL);
        double join = set.amount(LINING_JOIN).value();
        List<Seam> seams = after.joins().stream()
                .map(Join::seam)
                .filter(s -> s.isIn(PREFIX))
                .distinct()
                .toList();
        List<Seam> panel = seams.stream()
                .filter(s -> s.equals(HEM_SEAM) || bagged && s.equals(SIDE_SEAM))
                .toList();
        List<Seam> rest = seams.stream()
                .filter(s -> !panel.contains(s) && !s.equals(WAIST_SEAM))
                .toList();
        MakingStep level = MakingStep.of(
                        LEVEL,
                        "Waists level",
                        Work.LINING,
                        "Lift the lining until both waists lie level, pin, and trim what stands over by folding front "
                                + "and backs together.",
                        "Baste shell and lining together at the waist: they are sewn as one from here.")
                .sewing(WAIST_SEAM);
        return bagged ? bagged(panel, rest, level, join) : joinedAtTheHem(panel, rest, level, join);
    }

    private static List<MakingStep> bagged(List<Seam> panel, List<Seam> rest, MakingStep level, double join) {
        return List.of(
                MakingStep.of(
                                BAGGED,
                                "Bag each panel",
                                Work.LINING,
                                "Each panel with its lining, right sides together: hem, then both sides, with the "
                                        + "lining's seam. The waist stays open.",
                                "Trim the corners, turn, and press so that the lining does not show at hem or sides.",
                                "A side is then two passes: the lining's seam now, and the side's later.")
                        .sewing(panel)
                        .turned(join)
                        .after(StepId.MARK, StepId.DARTS),
                level.after(BAGGED),
                MakingStep.of(
                                SEAMS,
                                "Lining's own seams",
                                Work.CENTRE,
                                "With the shell's, in one pass where they lie on each other.")
                        .sewing(rest)
                        .after(LEVEL));
    }

    private static List<MakingStep> joinedAtTheHem(List<Seam> panel, List<Seam> rest, MakingStep level, double join) {
        return List.of(
                MakingStep.of(
                                SEAMS,
                                "Sew the lining up",
                                Work.LINING,
                                "As the shell, by itself; leave open where the zip comes.")
                        .sewing(rest)
                        .after(StepId.MARK, StepId.DARTS),
                MakingStep.of(
                                HEM_STEP,
                                "Join at the hem",
                                Work.HEM,
                                "Right sides together round the hem; turn, and press the fold where it was drawn.")
                        .sewing(panel)
                        .turned(join)
                        .after(SEAMS)
                        .after(Seam.SIDE, Seam.INSEAM),
                level.after(SEAMS).after(HEM_SEAM));
    }
}
