using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plants;

/// <summary>How a part can go through the winter.</summary>
public sealed record WinterView(WinterWays Ways, IReadOnlyList<WinterChoice> Choices);
