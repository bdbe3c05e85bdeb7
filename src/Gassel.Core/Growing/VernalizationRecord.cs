namespace Gassel.Core.Growing;

/// <summary>What the years on record say of plants out in a spell.</summary>
/// <param name="Years">With all days of it.</param>
/// <param name="EffectiveLow">Days of cold that one year in ten stayed below.</param>
/// <param name="EffectiveMedian">Of half of them.</param>
/// <param name="EnoughShare">Of years that gave the shortest need.</param>
/// <param name="FrostShare">With frost on the leaves.</param>
/// <param name="HeatShare">With heat soon after that may undo it.</param>
public sealed record VernalizationRecord(
    int Years,
    double EffectiveLow,
    double EffectiveMedian,
    double EnoughShare,
    double FrostShare,
    double HeatShare
);
