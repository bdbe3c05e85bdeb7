using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>One way through the winter for seedlings that come late.</summary>
/// <param name="From">Day on which it begins.</param>
/// <param name="To">Day on which it ends.</param>
/// <param name="Words">What is done, with its days.</param>
public sealed record LateOption(WinterWay Way, DateOnly From, DateOnly To, string Words);
