/**
 * Sentences of the core as they are answered: text in the unit that is asked for, and their parts beside it for those
 * who show both. Start at {@link brightplumb.app.words.WordView}.
 */
package brightplumb.app.words;
