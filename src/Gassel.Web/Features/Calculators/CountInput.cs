namespace Gassel.Web.Features.Calculators;

public readonly record struct CountInput
{
    /// <summary>Days since sowing, may be fractional.</summary>
    public required double Day { get; init; }

    /// <summary>New since the last count.</summary>
    public required int Emerged { get; init; }
}
