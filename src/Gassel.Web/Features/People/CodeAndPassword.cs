namespace Gassel.Web.Features.People;

/// <param name="Code">From the owner, or for the first owner from the console.</param>
/// <param name="Password">The one to be used from now on.</param>
public sealed record CodeAndPassword(string Name, string Code, string Password);
