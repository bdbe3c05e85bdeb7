namespace Gassel.Core.Batches;

public enum ConflictCode
{
    UnknownPart,
    PartDivided,
    UnknownStep,
    StepAlreadyStarted,
    StepNotOpen,
    StepOutOfOrder,
    NoSeeds,
    NotInTreatment,
    NotSoaking,
    MoreSwollenThanSoaked,
    MoreSproutsThanSeeds,
    SplitDoesNotAddUp,
    PartExists,
    NothingToSow,
    AlreadySown,
    NotSown,
    MoreSeedlingsThanSeeds,
    MoreLostThanStand,
    Unreadable,
}

/// <summary>An entry that cannot be true beside the others.</summary>
/// <param name="Said">The number the entry gives, where a number is the matter.</param>
/// <param name="Limit">The most that would be possible.</param>
public sealed record Conflict(Guid Entry, ConflictCode Code, string? Part = null, int? Said = null, int? Limit = null)
{
    /// <summary>What is wrong and what would be possible, in a grower's words.</summary>
    public string Words => Code switch
    {
        ConflictCode.UnknownPart => $"There is no part {Part} in this batch.",
        ConflictCode.PartDivided => $"Part {Part} was divided before; record it on one of its parts.",
        ConflictCode.UnknownStep => $"The route has no step {Said}; it has 0 to {Limit}.",
        ConflictCode.StepAlreadyStarted => $"Part {Part} is already in this step.",
        ConflictCode.StepNotOpen => $"Part {Part} is not in this step on that day.",
        ConflictCode.StepOutOfOrder => $"Part {Part} is past this step already.",
        ConflictCode.NoSeeds => "The first step of a batch says how many seeds went in: 1 or more.",
        ConflictCode.NotInTreatment => $"Part {Part} is not in a bag on that day: nothing to check.",
        ConflictCode.NotSoaking => $"Part {Part} is not in water or moist medium on that day: nothing to look for.",
        ConflictCode.MoreSwollenThanSoaked => $"{Said} swelled, but only {Limit} were soaked.",
        ConflictCode.MoreSproutsThanSeeds => $"{Said} sprouted, but only {Limit} seeds are left that could.",
        ConflictCode.SplitDoesNotAddUp => $"The parts hold {Said} seeds, but part {Part} holds {Limit}; sprouts must add up too.",
        ConflictCode.PartExists => $"Part {Part} is there already.",
        ConflictCode.NothingToSow => $"Part {Part} has no seed yet: start its first step or say how many seeds.",
        ConflictCode.AlreadySown => $"Part {Part} was sown already.",
        ConflictCode.NotSown => $"Part {Part} was not sown on that day: nothing to count.",
        ConflictCode.MoreSeedlingsThanSeeds => $"{Said} new seedlings, but only {Limit} of the seeds sown are not up yet.",
        ConflictCode.MoreLostThanStand => $"{Said} lost, but only {Limit} stand.",
        ConflictCode.Unreadable => "Written by a newer Gassel; kept, but not counted by this one.",
        _ => throw new InvalidOperationException($"no words for {Code}"),
    };
}
