namespace Gassel.Web.Features.Told;

/// <param name="Save">True to enter the good lines.</param>
public sealed record ToldRequest(IReadOnlyList<ToldLine> Lines, bool Save, string Who);
