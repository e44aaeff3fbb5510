package wideharbor.app.catalog;

/** Whether a part is offered for new work. */
enum Standing {
    OFFERED,
    /** Came in with a list, and nobody of the house has looked at it yet. */
    HELD,
    /** Not used any more; what is built of it stays as it is. */
    RETIRED
}
