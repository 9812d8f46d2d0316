/** The sample world: the wardrobe of an invented repertory theatre. Seeded once, when it is asked for. */
package brightplumb.app.demo;
