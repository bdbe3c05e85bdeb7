namespace Gassel.Web.Features.People;

/// <param name="Code">Shown this once; it is kept as a hash.</param>
public sealed record PersonWithCode(PersonView Person, string Code);
