package wideharbor.app.security;

/** What a person may do: technicians edit builds, leads everything, desks edit briefs and read builds. */
public enum Role {
    TECHNICIAN,
    LEAD,
    DESK
}
