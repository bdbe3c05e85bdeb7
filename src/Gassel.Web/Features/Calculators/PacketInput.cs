namespace Gassel.Web.Features.Calculators;

/// <summary>Days to emergence as a packet gives them, at one temperature.</summary>
public sealed record PacketInput
{
    public required double ShortestDays { get; init; }
    public required double LongestDays { get; init; }
    public required double AtC { get; init; }
}
