namespace Gassel.Core.Yard;

/// <summary>The seed of a lot that went one way.</summary>
/// <param name="Batches">Their numbers.</param>
/// <param name="MeanDays">From the start of the treatment to emergence, of the seedlings that came up; null without any.</param>
/// <param name="FirstUpOn">Null before the first.</param>
/// <param name="Gestures">How often hands were on it: entries by day and gesture.</param>
/// <param name="Lost">By cause.</param>
public sealed record WayResult(
    bool Outdoors,
    IReadOnlyList<int> Batches,
    int Seeds,
    int Emerged,
    double Fraction,
    double Low,
    double High,
    DateOnly StartedOn,
    DateOnly? FirstUpOn,
    double? MeanDays,
    int Gestures,
    IReadOnlyList<CauseLost> Lost,
    bool IsOver
);
