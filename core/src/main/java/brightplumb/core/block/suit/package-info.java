/**
 * What hangs from the shoulder and passes between the legs without a fork: bodysuits, and rompers cut on their fold.
 */
package brightplumb.core.block.suit;
