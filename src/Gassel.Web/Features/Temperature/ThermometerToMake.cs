namespace Gassel.Web.Features.Temperature;

/// <param name="Name">1 to 80 characters.</param>
/// <param name="Place">Id of the place it hangs at.</param>
public sealed record ThermometerToMake(string Name, string Place);
