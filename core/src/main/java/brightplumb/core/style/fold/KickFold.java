package brightplumb.core.style.fold;

import static brightplumb.core.rule.FoldSettings.KICK_HEIGHT;
import static brightplumb.core.rule.FoldSettings.KICK_WIDTH;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Folding;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/**
 * A kick fold: an extension of the centre back above the hem, folded to one side, to step by. Common practice, no
 * source.
 */
public final class KickFold implements Operation {

    private static final Seam EDGE_SEAM = new Seam("kick.edge");

    private static final Seam TOP_SEAM = new Seam("kick.top");

    public static final StepId STEP = new StepId("kick");

    private static final EdgeRole EDGE = new EdgeRole("kick.edge", "kick fold, edge");
    private static final EdgeRole TOP = new EdgeRole("kick.top", "kick fold, across its top");
    private static final double CLOSED_ABOVE = 50;

    @Override
    public String id() {
        return "kick-fold";
    }

    @Override
    public String title() {
        return "Kick fold";
    }

    @Override
    public Rank rank() {
        return Rank.OPENING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(KICK_WIDTH, KICK_HEIGHT);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                KICK_WIDTH, Rule.inches(2, "{2}, folded to one side."),
                KICK_HEIGHT, Rule.inches(6, "{6} up from the hem, to step by."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(KickFold::takes);
    }

    /** A piece whose own centre-back seam comes down to its hem. */
    private static boolean takes(Piece piece) {
        int hem = piece.edge(EdgeRole.HEM).map(piece.edges()::indexOf).orElse(-1);
        return piece.layer() == Layer.SHELL
                && hem >= 0
                && hem + 1 < piece.edges().size()
                && piece.edges().get(hem + 1).role().equals(EdgeRole.CENTRE_BACK)
                && piece.edges().get(hem + 1).end() != End.FOLD;
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount wide = table.step(
                KICK_WIDTH.fact(),
                "Kick fold wide",
                table.set(KICK_WIDTH),
                table.set().why(KICK_WIDTH));
        Pattern pattern = before.pattern();
        for (Piece back : before.pieces().stream().filter(KickFold::takes).toList()) {
            Amount room = Amount.found(
                    "what the seam below the zip leaves",
                    back.require(EdgeRole.CENTRE_BACK).length() - CLOSED_ABOVE);
            if (room.value() < KICK_HEIGHT.least()) {
                throw new Refusal(
                        table.set().byHand(KICK_HEIGHT) ? KICK_HEIGHT.field() : HemSettings.LENGTH.field(),
                        "There is no room for a kick fold between the zip and the hem");
            }
            Piece folded = Folding.extended(
                    back,
                    EdgeRole.CENTRE_BACK,
                    EdgeRole.HEM,
                    table.set(KICK_HEIGHT).atMost(room).value(),
                    wide.value(),
                    EDGE,
                    TOP);
            List<Segment> edge = folded.require(EDGE).run();
            table.paper().draw(back.id().toString(), Drawn.Role.OUTLINE, "", edge);
            table.paper()
                    .draw(
                            back.id().toString(),
                            Drawn.Role.OUTLINE,
                            "",
                            folded.require(TOP).run());
            table.step(
                    KICK_HEIGHT.fact(),
                    "Kick fold high",
                    table.set(KICK_HEIGHT).atMost(room),
                    "Up from the finished hem. The seam is stitched to its corner, across the top, and clipped there.");
            Point corner = folded.require(TOP).run().get(0).to();
            pattern = pattern.instead(folded.marked(Mark.drill(Mark.Subject.FOLD, corner, "corner of the kick fold")));
            pattern = Relaid.joins(before.pattern(), pattern)
                    .joined(List.of(Join.mirrored(EDGE_SEAM, EDGE, folded), Join.mirrored(TOP_SEAM, TOP, folded)));
        }
        Pattern folded = pattern;
        return table.finished(
                pattern,
                off -> folded.pieces().stream()
                        .filter(p -> p.edge(EDGE).isPresent())
                        .forEach(back -> {
                            List<Segment> edge = back.require(EDGE).run();
                            Point above = edge.get(edge.size() - 1).to();
                            Point hem = edge.get(0).from();
                            Point foot = hem.y() > above.y() ? hem : above;
                            off.along(KICK_HEIGHT.fact(), back.id().toString(), edge);
                            off.across(
                                    KICK_WIDTH.fact(),
                                    back.id().toString(),
                                    foot.y(),
                                    foot.x(),
                                    foot.x() + wide.value());
                        }));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Kick fold",
                        Work.SLIT,
                        "The corner is where the centre line meets the seam across the fold's top: mark it.",
                        "Stitch from the end of the zip down to the corner, turn there, and go across the fold to its "
                                + "edge; back-tack. Baste on below it.",
                        "Clip into the corner of the under side, short of the stitching. Press the fold to one side, "
                                + "left or right as it is printed, and unpick the basting.")
                .sewing(Seam.CENTRE_BACK, TOP_SEAM, EDGE_SEAM)
                .looking(List.of(
                        Figure.mm("wide", set.amount(KICK_WIDTH).value()),
                        Figure.mm("high", set.amount(KICK_HEIGHT).value())))
                .with("plain seam, turned at the corner")
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS, StepId.NEATEN));
    }
}
