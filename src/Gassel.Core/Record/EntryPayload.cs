using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

/// <summary>
/// What an entry says, by kind. <c>Part</c> names an amount of the batch that moves together; the first part is "1".
/// A new shape of a kind gets a new version beside the old one; old versions stay readable.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(StepStarted), "stepStarted")]
[JsonDerivedType(typeof(StepEnded), "stepEnded")]
[JsonDerivedType(typeof(Check), "check")]
[JsonDerivedType(typeof(Inspected), "inspected")]
[JsonDerivedType(typeof(WaterChanged), "waterChanged")]
[JsonDerivedType(typeof(CautionRead), "cautionRead")]
[JsonDerivedType(typeof(Labelled), "labelled")]
[JsonDerivedType(typeof(Split), "split")]
[JsonDerivedType(typeof(Moved), "moved")]
[JsonDerivedType(typeof(WaterLooked), "waterLooked")]
[JsonDerivedType(typeof(ColdAgain), "coldAgain")]
[JsonDerivedType(typeof(ColdAgainEnded), "coldAgainEnded")]
[JsonDerivedType(typeof(Sown), "sown")]
[JsonDerivedType(typeof(Count), "count")]
[JsonDerivedType(typeof(Estimated), "estimated")]
[JsonDerivedType(typeof(CutTested), "cutTested")]
[JsonDerivedType(typeof(DomeOff), "domeOff")]
[JsonDerivedType(typeof(SowingKept), "sowingKept")]
[JsonDerivedType(typeof(SowingClosed), "sowingClosed")]
[JsonDerivedType(typeof(Prepared), "prepared")]
[JsonDerivedType(typeof(Tended), "tended")]
[JsonDerivedType(typeof(InsideMeasured), "insideMeasured")]
[JsonDerivedType(typeof(TrueLeaves), "trueLeaves")]
[JsonDerivedType(typeof(MovedOn), "movedOn")]
[JsonDerivedType(typeof(Measured), "measured")]
[JsonDerivedType(typeof(SymptomSeen), "symptomSeen")]
[JsonDerivedType(typeof(WinterChosen), "winterChosen")]
[JsonDerivedType(typeof(WinterEnded), "winterEnded")]
[JsonDerivedType(typeof(CarriedOut), "carriedOut")]
[JsonDerivedType(typeof(PlantsLost), "plantsLost")]
[JsonDerivedType(typeof(DiedBack), "diedBack")]
[JsonDerivedType(typeof(CameAgain), "cameAgain")]
[JsonDerivedType(typeof(Closed), "closed")]
[JsonDerivedType(typeof(ResultJudged), "resultJudged")]
[JsonDerivedType(typeof(StepLeftOut), "stepLeftOut")]
[JsonDerivedType(typeof(Discarded), "discarded")]
[JsonDerivedType(typeof(Replanned), "replanned")]
[JsonDerivedType(typeof(Note), "note")]
[JsonDerivedType(typeof(PhotoTaken), "photo")]
[JsonDerivedType(typeof(VoidEntry), "void")]
public abstract record EntryPayload
{
    /// <summary>Version of the payload's shape.</summary>
    [JsonIgnore]
    public virtual int Version => 1;
}
