using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plan;

/// <summary>Two sowings some weeks apart.</summary>
/// <param name="FirstStart">Start of each: the usual one, or where that is past by the first way that is possible.</param>
public sealed record SecondSowingView(
    DateOnly FirstStart,
    DateOnly SecondStart,
    DateOnly FirstFinish,
    DateOnly SecondFinish,
    TwoSowingsResult Seeds
);
