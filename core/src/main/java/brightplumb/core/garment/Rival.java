package brightplumb.core.garment;

/**
 * What another way would give for the same step.
 *
 * @param way the other way's name
 * @param title its name at the bench
 * @param value its value
 * @param formula its formula
 */
public record Rival(String way, String title, double value, String formula) {}
