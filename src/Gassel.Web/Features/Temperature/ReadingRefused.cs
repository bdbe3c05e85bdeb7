namespace Gassel.Web.Features.Temperature;

/// <param name="Index">Counted from 0; 0 where a single reading was sent.</param>
public sealed record ReadingRefused(int Index, string Why);
