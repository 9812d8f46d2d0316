/** The measure book: people and their sheets of measures, which are only ever added to. */
package brightplumb.app.people;
