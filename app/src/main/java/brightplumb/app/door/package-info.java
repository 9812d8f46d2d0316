/**
 * What stands before everything else, the session included: which names are answered, how much is taken in and how long it may take, and
 * what is said when the database is away. Start at {@link brightplumb.app.door.RequestBodyFilter}.
 */
package brightplumb.app.door;
