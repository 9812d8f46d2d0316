package brightplumb.core.block.leg;

import static brightplumb.core.paper.Drawn.Role.MEASURE;
import static brightplumb.core.pattern.Half.FRONT;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.LegHabitSettings.FORK_DROP_FOR;
import static brightplumb.core.rule.WaistSettings.BACK_RISE;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.FrontCurve;
import brightplumb.core.rule.Habit;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.Optional;

/**
 * The fork of a leg: where it lies, found from what the tape asks of the loop, and how its curves are led; said on the
 * paper.
 */
final class LegFork {

    private final Settings set;
    private final Paper paper;
    private final Amount crotch;
    private final Amount guess;
    private final Amount extension;
    private final Optional<Amount> setDrop;
    /**
     * The loop the tape asks; nothing where it was not taken, or where the way says how far the back rises. Where a
     * hand says it, the fork alone makes the loop.
     */
    private final Optional<Amount> loop;

    /**
     * @param crotch from the waist down to the crotch line
     * @param guess how far the back rises where the loop does not say
     */
    LegFork(Body body, Settings set, Paper paper, Amount crotch, Amount guess) {
        this.set = set;
        this.paper = paper;
        this.crotch = crotch;
        this.guess = guess;
        this.extension = set.amount(BACK_EXTENSION);
        this.setDrop = set.asked(FORK_DROP);
        this.loop = body.find(Measure.CROTCH_LENGTH)
                .filter(taped -> set.without(BACK_RISE).asked(BACK_RISE).isEmpty())
                // The tape and the rise stay whole: a band that is included comes off the depth, and so twice off the
                // loop.
                .map(taped -> taped.plus(
                        crotch.minus(body.find(Measure.BODY_RISE).orElseThrow()).times(2)));
    }

    /** Where the fork lies for these inner edges. */
    ForkSolver.Found found(LegInner inner) {
        if (loop.isEmpty()) {
            return solver(inner).drop(extension.value(), guess.value());
        }
        boolean mayExtend = !set.byHand(BACK_EXTENSION);
        return set.byHand(BACK_RISE)
                ? solver(inner).extension(extension.value(), loop.get().value(), guess.value(), mayExtend)
                : solver(inner).loop(extension.value(), loop.get().value(), mayExtend);
    }

    /** How far the fork drops so far out, mm, for these inner edges. */
    double drop(LegInner inner, double extension) {
        return solver(inner).drop(extension, guess.value()).drop();
    }

    private ForkSolver solver(LegInner inner) {
        return new ForkSolver(inner, setDrop.stream().mapToDouble(Amount::value).findFirst());
    }

    /** How far out it was to lie, mm. */
    double asked() {
        return extension.value();
    }

    void say(ForkSolver.Found found) {
        loop.ifPresent(wanted -> paper.step(
                LegFacts.CROTCH_WANTED,
                "Loop wanted, waist to waist",
                wanted,
                "The loop gets what the depth got, twice: once down the front and once up the back."));
        boolean moved = Math.abs(found.extension() - extension.value()) > 0.01;
        paper.step(
                (moved ? Amount.found("changed until the loop is long enough", found.extension()) : extension)
                        .as(LegFacts.CROTCH_EXTENSION.of(Half.BACK), "back extension"),
                "Back fork out from the centre",
                moved
                        ? Sentence.of(
                                "The rise alone did not give the loop its length, so the fork goes up to 15 % further "
                                        + "or less far.")
                        : set.why(BACK_EXTENSION));
        paper.step(
                (setDrop.isPresent() ? setDrop.get() : Amount.found("until the inseams are one length", found.drop()))
                        .as(LegFacts.FORK_DROP, "back fork down"),
                "Back fork down",
                setDrop.isPresent()
                        ? set.why(FORK_DROP)
                        : found.inseamsMeet()
                                ? whyDrop()
                                : Sentence.of("As far as a fork may drop; the inseams still differ."));
        paper.step(
                (loop.isPresent() && !set.byHand(BACK_RISE)
                                ? Amount.found("until the loop is what the tape asks", found.rise())
                                : guess)
                        .as(LegFacts.BACK_RISE, "centre back up"),
                "Centre back up",
                whyRise(found));
    }

    private Sentence whyDrop() {
        Sentence slope = set.choice(FORK_DROP_FOR, Habit.class).why();
        return slope.isEmpty()
                ? Sentence.of("The wider back fork makes a longer inseam; dropping it brings both to one length.")
                : slope;
    }

    private Sentence whyRise(ForkSolver.Found found) {
        if (set.asked(BACK_RISE).isPresent()) {
            return set.why(BACK_RISE);
        }
        if (loop.isEmpty()) {
            return Sentence.of(
                    "Bending and sitting lengthen the back. Crotch length was not taken; a thirty-second of the hip "
                            + "stands in.");
        }
        double missing = Math.abs(found.missing());
        return Sentence.of(
                !(missing >= 0.5)
                        ? "Bending and sitting lengthen the back: it rises until front and back curve make the loop."
                        : "As far as the back may rise, with its fork as far out as it may go; the loop still lies "
                                + Sentence.figure(Length.mm(missing)) + " from what the tape asks.");
    }

    /** What is asked of a curve at 45°, mm; NaN where nothing is. */
    double guide(Setting setting) {
        return set.asked(setting).map(Amount::value).orElse(Double.NaN);
    }

    void guideStep(Half panel, Setting setting, CrotchSeam seam) {
        Fact id = LegFacts.CROTCH_GUIDE.of(panel);
        paper.draw(
                panel.id(),
                MEASURE,
                "",
                new Line(
                        Point.of(0, crotch.value()),
                        Point.of(-seam.guide(), -seam.guide())
                                .times(Math.sqrt(0.5))
                                .plus(Point.of(0, crotch.value()))));
        boolean twoChords = panel == FRONT && set.choice(FRONT_CURVE, FrontCurve.class) == FrontCurve.TWO_CHORDS;
        Amount asked = twoChords ? null : set.asked(setting).orElse(null);
        boolean held = asked != null && Math.abs(asked.value() - seam.guide()) > 0.05;
        if (held && set.byHand(setting)) {
            throw new Refusal(
                    setting.field(),
                    "Here the " + panel.id() + " curve lies "
                            + (asked.value() > seam.guide() ? "at most " : "at least ")
                            + TapeWriter.inBoth(Length.mm(seam.guide())) + " from the corner");
        }
        paper.step(
                (asked == null || held
                                ? Amount.found(
                                        twoChords
                                                ? "where two chords cross"
                                                : held ? "held off the chord" : "0.62 of the way to the chord",
                                        seam.guide())
                                : asked)
                        .as(id, panel.id() + " curve at 45°"),
                panel.title() + " curve from the corner, at 45°",
                panel == FRONT ? "The front curve is shallow." : "The back curve is longer, and flatter at the seat.");
    }
}
