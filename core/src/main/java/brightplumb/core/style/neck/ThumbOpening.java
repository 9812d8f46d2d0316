package brightplumb.core.style.neck;

import static brightplumb.core.rule.SleeveSettings.BEYOND_WRIST;
import static brightplumb.core.rule.SleeveSettings.THUMB_FROM;
import static brightplumb.core.rule.SleeveSettings.THUMB_LONG;

import brightplumb.core.block.sleeve.Sleeve;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/** A sleeve that goes on over the hand, its seam left open for the thumb, its end raw. Common practice, no source. */
public final class ThumbOpening implements Operation {

    @Override
    public String id() {
        return "thumb-opening";
    }

    @Override
    public String title() {
        return "Thumb opening";
    }

    @Override
    public Rank rank() {
        return Rank.OPENING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(BEYOND_WRIST, THUMB_FROM, THUMB_LONG);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                BEYOND_WRIST, Rule.inches(4, "{4} beyond the wrist, over the hand."),
                THUMB_FROM, Rule.inches(1, "{1} above the tip."),
                THUMB_LONG, Rule.inches(1.5, "As long as a thumb is wide and bends."));
    }

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Sleeve.SEAM).isPresent();
    }

    @Override
    public Draft on(Draft before, Table table) {
        Join seam = before.join(Sleeve.SEAM);
        double long_ = seam.layers().get(0).length();
        Amount from = table.step(
                THUMB_FROM.fact(),
                "Thumb opening above the tip",
                table.set(THUMB_FROM),
                table.set().why(THUMB_FROM));
        Amount open = table.step(
                THUMB_LONG.fact(),
                "Thumb opening",
                table.set(THUMB_LONG),
                table.set().why(THUMB_LONG));
        if (from.value() + open.value() > long_ - 20) {
            throw new Refusal(THUMB_LONG.field(), "The sleeve's seam is shorter than that");
        }
        Pattern pattern = Notches.along(before.pattern(), seam, "thumb, from here", long_ - from.value());
        pattern = Notches.along(pattern, seam, "thumb, to here", long_ - from.value() - open.value());
        Piece sleeve = pattern.piece(Sleeve.SLEEVE).ending(EdgeRole.HEM, End.RAW);
        List<Segment> under = before.layer(seam, 0);
        double tip = long_ - from.value();
        return table.finished(
                pattern.instead(sleeve),
                off -> off.along(THUMB_FROM.fact(), Sleeve.SLEEVE.toString(), under, tip, long_)
                        .along(THUMB_LONG.fact(), Sleeve.SLEEVE.toString(), under, tip - open.value(), tip));
    }

    @Override
    public List<InSeam> inSeams(Draft after, Settings set) {
        return List.of(InSeam.of(
                Sleeve.SEAM,
                "Leave it open between the two notches for the thumb, and back-tack at both; the end of the sleeve "
                        + "stays as it is cut."));
    }
}
