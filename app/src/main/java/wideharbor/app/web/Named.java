package wideharbor.app.web;

/** What is chosen by its id and told by its title. */
public record Named(String id, String title) {}
