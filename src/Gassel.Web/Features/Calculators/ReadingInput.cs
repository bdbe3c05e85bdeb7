namespace Gassel.Web.Features.Calculators;

public readonly record struct ReadingInput
{
    public required DateTimeOffset At { get; init; }
    public required double TempC { get; init; }
}
