namespace Gassel.Core.Tests.Diagnosis;

/// <summary>What became of one seed.</summary>
/// <param name="Up">Days from sowing; null where it never came up.</param>
/// <param name="Gone">When and of what the seedling died; null where it stands.</param>
/// <param name="Inside">What a knife shows of one that did not come up.</param>
internal readonly record struct MadeSeed(int? Up, (int Day, Fault Of)? Gone, Inside Inside);
