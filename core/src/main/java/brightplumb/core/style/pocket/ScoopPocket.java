package brightplumb.core.style.pocket;

import static brightplumb.core.rule.ScoopSettings.BAG_DEEP;
import static brightplumb.core.rule.ScoopSettings.BAG_WIDE;
import static brightplumb.core.rule.ScoopSettings.SCOOP_ACROSS;
import static brightplumb.core.rule.ScoopSettings.SCOOP_DOWN;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.SeamTransfer;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.fold.BoxFold;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * A pocket scooped out of each front between waist and side, with a bag and a piece beneath that fills the corner.
 * Common practice, no source.
 */
public final class ScoopPocket implements Operation {

    private static final Fact POCKET_MOUTH = new Fact("pocket.mouth");

    public static final StepId STEP = new StepId("scoop-pocket");

    @Override
    public String id() {
        return "scoop-pocket";
    }

    @Override
    public String title() {
        return "Scoop pockets";
    }

    @Override
    public Rank rank() {
        return Rank.POCKET;
    }

    @Override
    public List<Setting> reads() {
        return List.of(SCOOP_ACROSS, SCOOP_DOWN, BAG_WIDE, BAG_DEEP);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                SCOOP_ACROSS, inProportion(2.5, "{2.5} in from the side."),
                SCOOP_DOWN, inProportion(6, "{6} down it, to pass a hand."),
                BAG_WIDE, inProportion(7, "A bag {7} wide, or up to the dart."),
                BAG_DEEP, inProportion(9, "{9} deep."));
    }

    private static Rule inProportion(double inches, String why) {
        return Rule.inProportion(Amount.byHabit(inches), why);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pieces().stream().anyMatch(ScoopPocket::carries);
    }

    /** A front with its side next to its upper edge. */
    private static boolean carries(Piece piece) {
        return piece.layer() == Layer.SHELL
                && piece.panel().equals(Panel.FRONT)
                && piece.edges().get(1).role().equals(EdgeRole.SIDE)
                && piece.edge(EdgeRole.HEM).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        List<Bag> bags = before.pieces().stream()
                .filter(ScoopPocket::carries)
                .map(front -> bag(front, table.set()))
                .toList();
        said(table, SCOOP_ACROSS, "Pocket in from the side", bags, Bag::across, "what the dart leaves");
        Amount down = table.step(
                Bag.said(SCOOP_DOWN),
                "Pocket down the side",
                table.set(SCOOP_DOWN),
                table.set().why(SCOOP_DOWN));
        said(table, BAG_WIDE, "Bag wide", bags, Bag::wide, "what lies behind the front");
        said(table, BAG_DEEP, "Bag deep", bags, Bag::deep, "what lies behind the front");
        Pattern pattern = before.pattern();
        List<Join> sewn = new ArrayList<>();
        for (Bag bag : bags) {
            Piece front = bag.front();
            Piece cut = bag.cutAway();
            Piece facing = bag.facing();
            Piece under = bag.under();
            Edge top = front.top();
            double topLength = top.length();
            List<Join> joins = new SeamTransfer(
                            front.id(),
                            top,
                            topLength - bag.across(),
                            topLength,
                            under.id(),
                            bag.alongTop() - bag.across())
                    .in(pattern.joins());
            joins = new SeamTransfer(front.id(), front.require(EdgeRole.SIDE), 0, down.value(), under.id(), 0)
                    .in(joins);
            pattern = pattern.instead(cut).with(List.of(facing, under)).withJoins(joins);
            sewn.add(Join.sewn(Bag.MOUTH_SEAM, Bag.MOUTH, cut, facing));
            sewn.add(Join.sewn(Bag.ROUND_SEAM, Bag.ROUND, facing, under));
            table.paper()
                    .draw(
                            front.id().toString(),
                            Drawn.Role.OUTLINE,
                            "",
                            cut.require(Bag.MOUTH).run())
                    .draw(facing.id().toString(), Drawn.Role.OUTLINE, "", facing.sewLine());
            table.paper().draw(under.id().toString(), Drawn.Role.OUTLINE, "", under.sewLine());
        }
        table.step(
                POCKET_MOUTH,
                "Pocket mouth",
                Amount.found("measured along it", HandPasses.mouth(pattern)).called("pocket mouth"),
                "What is cut away of the front is filled by the piece beneath.");
        HandPasses.say(table, HandPasses.mouth(pattern));
        for (Join side : pattern.joins()) {
            if (side.seam().equals(Seam.SIDE)) {
                pattern = Notches.whereMet(pattern, side, 0, (above, below) -> "pocket mouth");
            }
        }
        return table.finished(pattern.joined(sewn), off -> bags.forEach(bag -> bag.laidOff(off)));
    }

    /** What a hand asked is drawn or refused; what is asked by habit makes do with the room there is. */
    private static Bag bag(Piece front, Settings set) {
        Bag bag = new Bag(
                front,
                set.amount(SCOOP_ACROSS).value(),
                set.amount(SCOOP_DOWN).value(),
                set.amount(BAG_WIDE).value(),
                set.amount(BAG_DEEP).value());
        bag = set.byHand(SCOOP_ACROSS) ? bag : bag.withinReach();
        bag = set.byHand(BAG_DEEP) ? bag : bag.shallower();
        return (set.byHand(BAG_WIDE) ? bag : bag.narrower()).fitting();
    }

    /** Says what is drawn: the amount asked, or what there was room for. */
    private static void said(
            Table table, Setting setting, String title, List<Bag> bags, ToDoubleFunction<Bag> drawn, String room) {
        Amount asked = table.set(setting);
        double least = bags.stream().mapToDouble(drawn).min().orElseThrow();
        table.step(
                Bag.said(setting),
                title,
                least < asked.value() ? asked.atMost(Amount.found(room, least)) : asked,
                table.set().why(setting));
    }

    @Override
    public List<Inspection> checks() {
        return List.of(
                Inspection.where(HandPasses.ID, HandPasses::applies, HandPasses::of),
                Inspection.where(ClearOfDarts.ID, ClearOfDarts::applies, ClearOfDarts::of));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Scoop pockets",
                        Work.POCKET,
                        "Bag to front along the mouth, right sides together; clip the curve, turn, and edge-stitch so "
                                + "that it holds its shape.",
                        "Lay the bag on the piece beneath, wrong sides together and mouth to its line, and stitch "
                                + "round the two; turn them and stitch round again, the raw edges inside.",
                        "Tack it at waist and side before the sides close.")
                .sewing(Bag.MOUTH_SEAM, Bag.ROUND_SEAM)
                .looking(List.of(Figure.mm("mouth", HandPasses.mouth(after.pattern()))))
                .with("edge-stitched; the bag in two rows")
                .after(StepId.MARK, StepId.DARTS, BoxFold.STEP, StepId.NEATEN));
    }
}
