namespace Gassel.Web.Features.Lists;

/// <summary>Something batches can be chosen by.</summary>
/// <param name="Value">As it stands in the question.</param>
/// <param name="Name">What it is called; empty where the interface has the word.</param>
/// <param name="Batches">In the whole book.</param>
public sealed record BatchChoice(string Value, string Name, int Batches);
