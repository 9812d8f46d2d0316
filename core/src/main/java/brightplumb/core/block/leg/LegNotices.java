package brightplumb.core.block.leg;

import static brightplumb.core.rule.HipSettings.HIP_ALLOCATION;
import static brightplumb.core.rule.WaistSettings.WAIST_FINISH;

import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import java.util.Optional;

/** What a cutter should know about a leg draft before she cuts. */
final class LegNotices {

    private LegNotices() {}

    static void say(
            Paper paper,
            Body body,
            Settings set,
            WaistQuarter front,
            WaistQuarter back,
            ForkSolver.Found found,
            LegInner.Drawn drawn,
            double hipY,
            double crotchY) {
        boolean gathered = set.choice(WAIST_FINISH, WaistFinish.class) == WaistFinish.GATHERED;
        if (!gathered && (front.waistWider() || back.waistWider())) {
            paper.notice(Notice.of(
                    "waist-over-hip",
                    "The waist is wider than the hip here, so the side runs straight from waist to hip in "
                            + "that quarter. Nothing holds the trousers up at the hip: give them a firm band, "
                            + "or braces."));
        }
        if (hipY > crotchY - LegInner.CURVE_HEIGHT + 0.5) {
            paper.notice(Notice.of(
                    "hip-near-crotch",
                    "The hip line lies less than {2 in} above the crotch line, so the curves begin {2 in} "
                            + "above the crotch line instead. Take waist to hip and the rise again to be "
                            + "sure."));
        }
        if (!found.inseamsMeet()) {
            paper.notice(Notice.of(
                    "inseams-apart",
                    "Even with the back fork as far down as it may go, the two inseams are not one length. "
                            + "Bring the back extension nearer to the front's."));
        }
        if (Math.abs(found.missing()) > 0.5) {
            paper.notice(Notice.of(
                    "loop-not-reached",
                    "Back rise and back extension went as far as they may, and the loop is still "
                            + Sentence.figure(Length.mm(Math.abs(found.missing()))) + " too "
                            + (found.missing() > 0 ? "short" : "long")
                            + ". Take crotch length and rise again; if both stand, change the depth."));
        }
        if (drawn.front().hooks() || drawn.back().hooks()) {
            paper.notice(Notice.of(
                    "hooked-curve",
                    "A crotch curve bends round less than {0.5}: cloth will pull there. Take the guide "
                            + "further from the corner, or slope the centre back."));
        }
        boolean yielded = set.asked(CrotchSettings.CURVE_GUIDE_BACK).isEmpty();
        if (yielded
                && !drawn.front().hooks()
                && !drawn.back().hooks()
                && !(drawn.front().easy() && drawn.back().easy())) {
            paper.notice(Notice.of(
                    "tight-curve",
                    "A crotch curve bends round less than {20 mm}, though its guide went as near to the "
                            + "corner as it may. Press it over a ham, and clip it before it is turned."));
        }
        tape(body, set).ifPresent(paper::notice);
    }

    /** The one tape that would settle most, where it was not taken. */
    private static Optional<Notice> tape(Body body, Settings set) {
        if (body.estimateOf(Measure.BODY_RISE).isPresent()) {
            return helps(
                    Measure.BODY_RISE,
                    "how deep the crotch lies. Until then a quarter of the hip and {1} stands in, and nobody can say "
                            + "whether she can sit in them");
        }
        if (body.find(Measure.CROTCH_LENGTH).isEmpty()) {
            return helps(
                    Measure.CROTCH_LENGTH,
                    set.asked(WaistSettings.BACK_RISE).isPresent()
                            ? "whether front and back curve together are long enough for her"
                            : "how far the back must rise. Until then a thirty-second of the hip stands in");
        }
        if (!body.arcsKnown() && !set.byHand(HIP_ALLOCATION)) {
            return helps(Measure.FRONT_HIP_ARC, "how much of the hip belongs to the back");
        }
        if (body.estimateOf(Measure.HIP_DEPTH).isPresent()) {
            return helps(
                    Measure.HIP_DEPTH,
                    "where the hip curve lies. The usual {8 in} stands in for it, the commonest cause of a hip curve "
                            + "in the wrong place");
        }
        return Optional.empty();
    }

    private static Optional<Notice> helps(Measure measure, String settles) {
        return Optional.of(Notice.of(
                "tape-that-helps." + measure.key(),
                "The one tape that would help most: " + measure.spoken() + ". It settles " + settles + "."));
    }
}
