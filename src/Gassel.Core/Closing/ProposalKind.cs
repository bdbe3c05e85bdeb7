namespace Gassel.Core.Closing;

/// <summary>What a record speaks for changing next winter.</summary>
public enum ProposalKind
{
    /// <summary>Own results differ from what was expected: next winter's seeds follow them.</summary>
    SeedNumber,
    DampingOff,
    Frost,
    Pests,
    Dried,
    Overgrown,

    /// <summary>Many more plants, or many fewer, than were wanted.</summary>
    Plants,
}
