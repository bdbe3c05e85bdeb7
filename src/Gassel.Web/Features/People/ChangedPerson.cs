namespace Gassel.Web.Features.People;

/// <param name="CalendarEnded">The feed's address was withdrawn, for the person knew it and may no longer see it.</param>
public sealed record ChangedPerson(PersonView Person, bool CalendarEnded);
