package brightplumb.core.rule;

import brightplumb.core.working.Amount;

/**
 * What a rule may look at.
 *
 * @param body the body
 * @param cloth the cloth
 * @param settings the settings already in force, for rules that build on another
 */
public record Given(Body body, Cloth cloth, Settings settings) {

    /** Another setting's amount. */
    public Amount amount(Setting setting) {
        return settings.amount(setting);
    }

    /** From the top of the skirt to the hip line. */
    public Amount hipDepth() {
        return settings.belowBand(body.hipDepth());
    }
}
