package brightplumb.app.making;

/** How a ticket is made: the habit's id. */
record MakingRequest(String habit) {}
