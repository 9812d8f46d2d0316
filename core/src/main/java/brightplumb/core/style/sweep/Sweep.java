package brightplumb.core.style.sweep;

import static brightplumb.core.rule.BodiceSettings.BUST_DART;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.BodiceWay;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.drape.FallsSoftly;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/**
 * A sweep: each panel is cut plumb from the hem to the bust point, and the dart at the bust is closed, so that the
 * panel opens from there down, front and back alike. What closing it takes out of the side the house gives back at the
 * hem. Common practice, no source.
 */
public final class Sweep implements Operation {

    private static final Fact SWEEP_LEG = new Fact("sweep.leg");

    /** Less than this from the bust point to the side is no leg of a dart, mm. */
    private static final double LEAST_LEG = Length.INCH;

    @Override
    public String id() {
        return "sweep";
    }

    @Override
    public String title() {
        return "Sweep";
    }

    @Override
    public Rank rank() {
        return Rank.SHAPE;
    }

    @Override
    public List<Setting> reads() {
        return List.of(BUST_DART);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(BUST_DART, Rule.inches(2, "{2} at the side: it opens a floor-length hem by some fifteen."));
    }

    @Override
    public List<Inspection> checks() {
        return List.of(Inspection.always(FallsSoftly.ID, on -> FallsSoftly.of(on, "sweep")));
    }

    @Override
    public boolean fits(Draft before) {
        return swept(before).size() == 2 && before.level("bust").isPresent();
    }

    private static List<Piece> swept(Draft draft) {
        return draft.with(EdgeRole.HEM).stream()
                .filter(p -> p.layer() == Layer.SHELL
                        && p.fromShoulder()
                        && !p.copies().flat())
                .toList();
    }

    /** Both hems of a leg, mm. */
    private static double hems(Draft before, Pattern pattern) {
        return swept(before).stream()
                .filter(p -> p.id().hand() != Hand.RIGHT)
                .mapToDouble(p -> pattern.piece(p.id()).require(EdgeRole.HEM).length())
                .sum();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Settings set = table.set();
        Amount intake = table.step(
                set.amount(BUST_DART).as(SweepFacts.DART, "bust dart"), "Bust dart, at the side", set.why(BUST_DART));
        Amount leg = table.step(
                SWEEP_LEG,
                "From the bust point to the side",
                before.fact(BodiceFacts.BUST_QUARTER)
                        .minus(table.body().bustSpan().over(2)),
                "The leg of the dart: the bust quarter less half of the span.");
        if (leg.value() < LEAST_LEG || intake.value() > leg.value()) {
            throw new Refusal(
                    set.faultField(BUST_DART, Measure.BUST_SPAN),
                    "Between bust point and side no such dart finds room; look at bust and bust span, or take less");
        }
        double angle = 2 * Math.asin(intake.value() / 2 / leg.value());
        table.step(
                Amount.counted("2 × asin(dart ÷ 2 ÷ leg)", Math.toDegrees(angle))
                        .as(SweepFacts.ANGLE, "angle of the sweep"),
                "Swung open by, degrees",
                "The angle between the two legs of the dart.");
        Point bust = Point.of(
                table.body().bustSpan().value() / 2, before.level("bust").orElseThrow());
        boolean giveBack = !set.chose(BodiceSettings.BODICE_WAY, BodiceWay.BENCH);
        Pattern pattern = before.pattern();
        SlashAndSpread last = null;
        for (Piece panel : swept(before)) {
            SlashAndSpread swung = SlashAndSpread.of(panel, bust, 0, angle, giveBack)
                    .orElseThrow(() -> new Refusal(
                            BUST_DART.field(),
                            "Straight down from the bust point no hem is met; look at the bust span"));
            table.paper()
                    .draw(
                            panel.id().toString(),
                            Drawn.Role.CONSTRUCTION,
                            "",
                            new Line(bust, bust.plus(Point.of(0, swung.spread() / 2 / Math.sin(angle / 2)))))
                    .draw(
                            panel.id().toString(),
                            Drawn.Role.OUTLINE,
                            "",
                            swung.piece().sewLine());
            table.step(
                    Amount.found("2 × sin(angle ÷ 2) × bust point to hem", swung.spread())
                            .as(SweepFacts.SPREAD.of(panel.id()), panel.spoken() + " spread"),
                    panel.title() + " opens at the hem",
                    "Cut plumb from the hem to the bust point and swung until the dart is shut: a straight way "
                            + "across; the hem follows the arc.");
            table.step(
                    Amount.found("measured along the side", swung.lost())
                            .as(SweepFacts.SIDE_LOST.of(panel.id()), panel.spoken() + " side lost"),
                    panel.title() + " side, lost to the dart",
                    giveBack
                            ? "The dart takes it out of the side from underarm to hem; the hem gets it back there, or "
                                    + "it would ride up."
                            : "The dart takes it out of the side from underarm to hem: the hem rides up by as much "
                                    + "there.");
            pattern = pattern.instead(swung.piece());
            last = swung;
        }
        table.paper()
                .fact(Amount.found("as the panels open", last.spread()).as(SweepFacts.SPREAD, "spread of the sweep"));
        table.paper().fact(Amount.found("as the sides lost", last.lost()).as(SweepFacts.SIDE_LOST, "side lost"));
        double toWaist = -bust.y();
        Amount atWaist = Amount.found("2 × sin(angle ÷ 2) × bust point to waist", 2 * Math.sin(angle / 2) * toWaist);
        table.step(
                before.fact(PanelFacts.WAIST_QUARTER).plus(atWaist).times(4).as(SweepFacts.WAIST, "opened waist"),
                "Waist all round, opened",
                "The panels open from the bust point down, so that the waist is as much wider: it hangs clear of her.");
        table.step(
                Amount.found("measured along front and back hem", hems(before, pattern))
                        .as(SweepFacts.HEM, "opened hem"),
                "Hem of a leg, opened",
                "What swings round each leg.");
        Point side = bust.plus(Point.of(leg.value(), 0));
        Point half = Point.of(0, intake.value() / 2);
        return table.finished(
                Relaid.joins(before.pattern(), pattern),
                off -> swept(before).forEach(panel -> {
                    String sheet = panel.id().toString();
                    off.off(SWEEP_LEG, sheet, bust, side);
                    off.off(SweepFacts.DART, sheet, side.minus(half), side.plus(half));
                    off.said(SweepFacts.SPREAD.of(panel.id())).ifPresent(spread -> {
                        double plumb = spread / 2 / Math.sin(angle / 2);
                        off.off(
                                SweepFacts.SPREAD.of(panel.id()),
                                sheet,
                                bust.plus(Point.of(0, plumb)),
                                bust.plus(Point.of(plumb * Math.sin(angle), plumb * Math.cos(angle))));
                    });
                }));
    }
}
