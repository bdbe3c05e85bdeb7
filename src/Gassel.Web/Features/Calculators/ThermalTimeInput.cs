namespace Gassel.Web.Features.Calculators;

/// <summary>°C·d at which a tenth, half and nine tenths of those that come up are up.</summary>
public sealed record ThermalTimeInput
{
    public required double T10 { get; init; }
    public required double T50 { get; init; }
    public required double T90 { get; init; }
}
