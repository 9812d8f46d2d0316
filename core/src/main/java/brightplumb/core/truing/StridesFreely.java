package brightplumb.core.truing;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Posture;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Whether she can walk in it: a skirt opens as far up from its hem as a step asks. */
public final class StridesFreely {

    public static final CheckId ID = new CheckId("strides", "goes");

    /** How much shorter a slit may be before a step feels it, mm. */
    static final double TOLERANCE = Length.INCH / 2;

    private static final double SHORT_STEPS = 3 * Length.INCH;
    private static final double EIGHTH = Length.INCH / 8;

    private StridesFreely() {}

    static Check of(Inspected on) {
        Stepping stepping = new Stepping(on);
        double missing = stepping.needed() - stepping.slit();
        Verdict verdict = missing <= TOLERANCE ? Verdict.TRUE : missing <= SHORT_STEPS ? Verdict.WATCH : Verdict.OFF;
        return new Check(
                        ID,
                        "Step",
                        verdict,
                        Quantity.MM,
                        stepping.slit(),
                        stepping.needed(),
                        TOLERANCE,
                        switch (verdict) {
                            case TRUE ->
                                stepping.needed() == 0
                                        ? "There is room for the step inside the hem."
                                        : "It opens far enough for the step.";
                            case WATCH -> "She can walk in it with shorter steps.";
                            default -> "She cannot take the step in it.";
                        },
                        verdict == Verdict.TRUE
                                ? ""
                                : "Legs a step apart need more cloth round them than there is, from this level down "
                                        + "to the hem.",
                        verdict == Verdict.TRUE ? List.of() : remedies(on, stepping),
                        stepping)
                .asFloor()
                .in(Posture.STEPPING);
    }

    private static List<Remedy> remedies(Inspected on, Stepping stepping) {
        List<Remedy> remedies = new ArrayList<>();
        double slit = Math.ceil(stepping.needed() / (2 * EIGHTH)) * 2 * EIGHTH;
        double highest = on.hemY() - on.hipY() - 2 * Length.INCH;
        if (slit <= highest) {
            remedies.add(new Remedy("Slit it up from the hem", Map.of(HemSettings.SLIT, HemSettings.SLIT.value(slit))));
        }
        double start =
                on.hipY() + Math.min(on.set().amount(HemSettings.TAPER_START).value(), (on.hemY() - on.hipY()) / 2);
        double taper = on.set().amount(HemSettings.HEM_TAPER).value() - stepping.widerAtHem(start) / 4 - EIGHTH;
        boolean straight = on.set().amount(HemSettings.KNEE_LEVEL).value() == 0;
        if (straight && taper >= HemSettings.HEM_TAPER.least()) {
            remedies.add(new Remedy(
                    taper < 0 ? "Flare the sides" : "Taper the sides less",
                    Map.of(HemSettings.HEM_TAPER, HemSettings.HEM_TAPER.value(Math.floor(taper / EIGHTH) * EIGHTH))));
        }
        return remedies;
    }
}
