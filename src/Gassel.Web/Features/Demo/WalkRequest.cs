namespace Gassel.Web.Features.Demo;

/// <param name="Days">1 to 31.</param>
public sealed record WalkRequest(int Days);
