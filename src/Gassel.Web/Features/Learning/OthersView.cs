namespace Gassel.Web.Features.Learning;

/// <summary>What another nursery made of a route.</summary>
public sealed record OthersView(string Nursery, int Batches, int Germinated, int Seeds);
