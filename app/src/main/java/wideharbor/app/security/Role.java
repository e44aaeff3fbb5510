package wideharbor.app.security;

/**
 * What a person may do: technicians edit builds, leads everything of jobs and house, desks edit briefs and read builds,
 * administrators look after the people. One person may be several.
 */
public enum Role {
    TECHNICIAN,
    LEAD,
    DESK,
    ADMINISTRATOR
}
