namespace Gassel.Web.Features.People;

public sealed record NameAndPassword(string Name, string Password);
