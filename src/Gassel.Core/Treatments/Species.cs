namespace Gassel.Core.Treatments;

/// <summary>A taxon with everything a grower must know before treating its seed.</summary>
/// <param name="Id">Short stable name, for instance <c>balsamroot</c>.</param>
/// <param name="Germination">Temperatures at which the treated seed comes up.</param>
/// <param name="NightC">Night temperatures where day and night should differ; null where one band will do.</param>
/// <param name="SowingDepth">Null where it follows from the school.</param>
/// <param name="LookAlike">The plant it may be taken for; null where there is no danger in a mistake.</param>
/// <param name="Origin">Where the values come from, unless <paramref name="Origins"/> says otherwise of one.</param>
/// <param name="Longevity">How its seed keeps.</param>
/// <param name="ColdResponse">Its own response to cold; null for the starter one of its kind.</param>
/// <param name="SeedSize">Null where nobody measured it.</param>
/// <param name="Water">How dry its mix may get; null to go by its seed and stage.</param>
/// <param name="Growing">How its seedlings grow on; null to go by what most kinds do.</param>
/// <param name="Planted">How it lives where it is planted; null where nobody entered it.</param>
/// <param name="Origins">Values with an origin of their own; null for none.</param>
public sealed record Species(
    string Id,
    string ScientificName,
    string CommonName,
    DormancyClass DormancyClass,
    DormancyDepth? Depth,
    IReadOnlyList<SpeciesFlag> Flags,
    HazardLevel Hazard,
    string? HazardNote,
    TemperatureBand Germination,
    TemperatureBand? NightC,
    DepthRange? SowingDepth,
    SeedlingHardiness Hardiness,
    string? LookAlike,
    string Notes,
    string Origin,
    IReadOnlyList<Route> Routes,
    Longevity Longevity = Longevity.Medium,
    ColdResponse? ColdResponse = null,
    SeedSize? SeedSize = null,
    IReadOnlyList<ValueOrigin>? Origins = null,
    WaterRegime? Water = null,
    GrowingOn? Growing = null,
    Planted? Planted = null
)
{
    /// <summary>Origin of a value that nobody entered: something must stand there to reckon with.</summary>
    public const string NotEntered = "Not entered; taken for now";

    public bool Has(SpeciesFlag flag) => Flags.Contains(flag);

    /// <summary>Its own response to cold, or the starter one of its kind.</summary>
    public ColdResponse ResponseToCold =>
        ColdResponse ?? (Has(SpeciesFlag.GerminatesInCold) ? Treatments.ColdResponse.ColdGerminator : Treatments.ColdResponse.Usual);

    /// <summary>Its own way of growing on, or that of most kinds.</summary>
    public GrowingOn GrowsOn => Growing ?? GrowingOn.AsMost;

    /// <summary>Its own clock, or that of its roots.</summary>
    public LeaveClock LeavesTray => GrowsOn.Leaves ?? (Has(SpeciesFlag.TapRooted) ? LeaveClock.Never : LeaveClock.TrueLeaves);

    public bool IsEntered(SpeciesValue value) => OriginOf(value) != NotEntered;

    /// <summary>Where one value comes from. What is null is nobody's own value.</summary>
    public string OriginOf(SpeciesValue value) =>
        value == SpeciesValue.ResponseToCold && ColdResponse is null
            ? StarterLibrary.Origin
            : Origins?.FirstOrDefault(o => o.Value == value)?.Origin ?? Origin;
}
