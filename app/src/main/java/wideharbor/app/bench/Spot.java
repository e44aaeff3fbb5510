package wideharbor.app.bench;

/** Where on the Bench someone stands; empty configuration or lens means the build's first. */
record Spot(String job, String build, String configuration, String lens) {}
