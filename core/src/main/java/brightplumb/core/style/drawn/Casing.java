package brightplumb.core.style.drawn;

import static brightplumb.core.rule.AllowanceSettings.WAIST_ALLOWANCE;
import static brightplumb.core.rule.DrawnSettings.CASING_TURN;
import static brightplumb.core.rule.DrawnSettings.CHANNEL_ROOM;
import static brightplumb.core.rule.DrawnSettings.ELASTIC_WIDTH;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/** A casing cut on at the waist, turned and stitched for an elastic. Common practice, no source. */
public final class Casing implements Operation {

    private static final Fact CASING_CUT = new Fact("casing.cut");
    private static final Fact CASING_CHANNEL = new Fact("casing.channel");
    private static final Fact CASING_TOP = new Fact("casing.top");

    public static final StepId STEP = new StepId("casing");

    @Override
    public String id() {
        return "casing";
    }

    @Override
    public String title() {
        return "Casing";
    }

    @Override
    public String place() {
        return "band";
    }

    @Override
    public Rank rank() {
        return Rank.TOP;
    }

    @Override
    public List<Setting> reads() {
        return List.of(WAIST_ALLOWANCE, ELASTIC_WIDTH, CASING_TURN, CHANNEL_ROOM);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                WAIST_ALLOWANCE, Rule.inches(2, "Cut on above the waist, to be turned for the elastic."),
                ELASTIC_WIDTH, Rule.inches(1, "{1} wide."),
                CASING_TURN, Rule.inches(0.5, "{0.5} turned under."),
                CHANNEL_ROOM, Rule.inches(0.125, "An eighth more than the elastic, or it is pinched."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Seam.WAIST).isEmpty()
                && !before.with(EdgeRole.WAIST).isEmpty();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Amount cut = table.step(
                CASING_CUT,
                "Casing cut on",
                table.set(WAIST_ALLOWANCE),
                table.set().why(WAIST_ALLOWANCE));
        Amount channel = table.step(
                CASING_CHANNEL,
                "Channel stitched",
                table.set(ELASTIC_WIDTH).plus(table.set(CHANNEL_ROOM)),
                table.set().why(CHANNEL_ROOM));
        Amount top = cut.minus(table.set(CASING_TURN)).minus(channel.called("channel"));
        if (top.value() < 0) {
            Length least = Length.mm(channel.value() + table.set(CASING_TURN).value());
            throw new Refusal(
                    table.set().byHand(ELASTIC_WIDTH) ? ELASTIC_WIDTH.field() : WAIST_ALLOWANCE.field(),
                    "An elastic so wide asks for " + TapeWriter.inBoth(least) + " of casing at least");
        }
        table.step(
                CASING_TOP,
                "Finished top above the drafted waist",
                top,
                "What is neither turned under nor channel stands above the drafted waist.");
        Pattern pattern = before.pattern();
        for (Piece piece : before.with(EdgeRole.WAIST)) {
            pattern = pattern.instead(piece.ending(EdgeRole.WAIST, End.CASING));
        }
        Piece front = before.with(EdgeRole.WAIST).get(0);
        String sheet = front.id().toString();
        Point centre = front.top().run().get(0).from();
        double fold = centre.y() - top.value();
        return table.finished(
                pattern,
                off -> off.down(CASING_CUT, sheet, centre.x(), centre.y() - cut.value(), centre.y())
                        .down(CASING_CHANNEL, sheet, centre.x(), fold - channel.value(), fold)
                        .down(CASING_TOP, sheet, centre.x(), fold, centre.y()));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        List<Shown> tops = after.with(EdgeRole.WAIST).stream()
                .map(p -> new Shown(p.id(), p.require(EdgeRole.WAIST).run()))
                .toList();
        double channel =
                set.amount(ELASTIC_WIDTH).value() + set.amount(CHANNEL_ROOM).value();
        return List.of(MakingStep.of(
                        STEP,
                        "Casing",
                        Work.BAND,
                        "Turn its raw edge under, fold it to the inside, and press; a label marks the back.",
                        "Stitch it down along the turned edge, {1.5 in} left open at the centre back for the elastic; "
                                + "then once round beside the fold.")
                .showing(tops)
                .looking(List.of(
                        Figure.mm(
                                "cut on above the waist",
                                set.amount(WAIST_ALLOWANCE).value()),
                        Figure.mm("channel", channel)))
                .after(StepId.MARK, StepId.CLOSE_FORK)
                .after(Seam.SIDE, Seam.INSEAM, Seam.CENTRE_BACK, Seam.CROTCH_FRONT, Seam.CROTCH_BACK));
    }
}
