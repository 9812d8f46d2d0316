package brightplumb.core.block.bodice;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;

import brightplumb.core.paper.Draft;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.BandSettings;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.BodicesOverLegs;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A bodice that runs on from legs without a seam at the waist: front and back are one outline each from the shoulder to
 * the hem.
 */
public final class Bodice implements Operation {

    @Override
    public String id() {
        return "bodice";
    }

    @Override
    public String title() {
        return "Bodice";
    }

    @Override
    public Rank rank() {
        return Rank.BLOCK;
    }

    @Override
    public List<Setting> reads() {
        return Stream.concat(
                        Stream.of(BodiceSettings.BODICE_WAY),
                        Stream.concat(UpperHalf.READS.stream(), Stream.of(WaistSettings.WAIST_EASE)))
                .toList();
    }

    /**
     * What it asks of the legs: centre lines that hang plumb, a waist that nothing is sewn to, and the depth that
     * sitting asks.
     */
    @Override
    public Map<Setting, Rule> asks() {
        Map<Setting, Rule> asked = new HashMap<>(BodicesOverLegs.RULES);
        Rule plumb = Rule.inches(0, "The centre runs on plumb into the bodice.");
        for (Setting setting : List.of(
                WaistSettings.CENTRE_FRONT_DROP,
                WaistSettings.CENTRE_FRONT_IN,
                WaistSettings.SIDE_RISE,
                WaistSettings.BACK_IN,
                WaistSettings.BACK_RISE,
                HipSettings.BACK_HIP_IN,
                HipSettings.FRONT_HIP_OUT)) {
            asked.put(setting, plumb);
        }
        asked.put(
                WaistSettings.WAIST_FINISH,
                Rule.chosen(WaistFinish.GATHERED, "No seam is sewn at the waist, and no dart opens on it."));
        asked.put(BandSettings.BAND_PLACE, Rule.chosen(BandPlace.NONE, "It hangs from the shoulder."));
        asked.put(CROTCH_DEPTH, BodicesOverLegs.DEPTH);
        asked.put(
                CrotchSettings.BACK_EXTENSION,
                Rule.worked(
                        given -> given.amount(CrotchSettings.FRONT_EXTENSION)
                                .times(1.75)
                                .plus(Amount.inches("no back rise", 0.75)),
                        "The back cannot rise at a waist, so its fork goes further under the seat instead."));
        asked.put(CLOSURE, Rule.chosen(Closure.CENTRE_BACK_ZIP, "From the back neck down to the hip."));
        asked.put(
                WaistSettings.WAIST_EASE,
                Rule.worked(
                        given -> {
                            Amount hip = given.body().hip().plus(given.amount(HipSettings.HIP_EASE));
                            return hip.minus(given.body().waist())
                                    .notBelowZero()
                                    .over(2);
                        },
                        "It hangs from bust to hip; the waist comes in by half of what it might."));
        return asked;
    }

    @Override
    public Draft on(Draft before, Table table) {
        return new OnePieceBodice(before, table).draft();
    }
}
