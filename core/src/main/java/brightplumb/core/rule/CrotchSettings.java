package brightplumb.core.rule;

import brightplumb.core.pattern.Half;

/** What can be set between hip and crotch line of a leg. */
public final class CrotchSettings {

    public static final Setting RISE_EASE =
            Setting.length("riseEase", "Rise ease", Zone.CROTCH, "Deeper than the rise", -50, 150);
    public static final Setting CROTCH_DEPTH =
            Setting.length("crotchDepth", "Crotch depth", Zone.CROTCH, "Crotch below waist", 150, 600);
    public static final Setting HIP_ABOVE_CROTCH =
            Setting.length("hipAboveCrotch", "Hip line above the crotch", Zone.CROTCH, "Hip above crotch line", 0, 150);
    public static final Setting FRONT_EXTENSION = Setting.length(
                    "frontExtension", "Front extension", Zone.CROTCH, "Front fork out", 15, 200)
            .tellingBy(LegFacts.CROTCH_EXTENSION.of(Half.FRONT));
    public static final Setting BACK_EXTENSION = Setting.length(
                    "backExtension", "Back extension", Zone.CROTCH, "Back fork out", 30, 300)
            .tellingBy(LegFacts.CROTCH_EXTENSION.of(Half.BACK));
    public static final Setting FORK_DROP = Setting.length(
                    "forkDrop", "Fork drop", Zone.CROTCH, "Back fork down", -30, 60)
            .tellingBy(LegFacts.FORK_DROP);
    public static final Setting STRETCH_IN =
            Setting.length("stretchIn", "Back inseam stretched in", Zone.CROTCH, "Back inseam shorter", 0, 13);
    public static final Setting FRONT_CURVE =
            Setting.choice("frontCurve", "Front curve", Zone.CROTCH, "Front curve", FrontCurve.values());
    public static final Setting CURVE_GUIDE_FRONT = Setting.length(
                    "curveGuideFront", "Front curve guide", Zone.CROTCH, "Front curve at 45°", 5, 120)
            .tellingBy(LegFacts.CROTCH_GUIDE.of(Half.FRONT))
            .when(set -> !set.chose(FRONT_CURVE, FrontCurve.TWO_CHORDS));
    public static final Setting CURVE_GUIDE_BACK = Setting.length(
                    "curveGuideBack", "Back curve guide", Zone.CROTCH, "Back curve at 45°", 5, 160)
            .tellingBy(LegFacts.CROTCH_GUIDE.of(Half.BACK));

    private CrotchSettings() {}
}
