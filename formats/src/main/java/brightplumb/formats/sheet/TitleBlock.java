package brightplumb.formats.sheet;

/**
 * What is written on a printed pattern so that nobody mixes it up.
 *
 * @param garment the garment's name
 * @param person whose it is, or a size
 * @param way the way it was drafted in
 * @param revision the revision in words
 * @param date the day, written out
 * @param cutter who drafted it
 */
public record TitleBlock(String garment, String person, String way, String revision, String date, String cutter) {}
