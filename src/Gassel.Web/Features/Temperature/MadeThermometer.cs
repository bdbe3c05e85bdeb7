namespace Gassel.Web.Features.Temperature;

/// <param name="Token">Shown this once; only what it hashes to is kept.</param>
public sealed record MadeThermometer(Guid Id, string Token);
