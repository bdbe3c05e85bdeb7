using Gassel.Core.Trials;

namespace Gassel.Data;

/// <summary>A trial of the book.</summary>
public sealed record KeptTrial(Guid Id, int Number, TrialDesign Design, DateTimeOffset MadeAt, string Who);
