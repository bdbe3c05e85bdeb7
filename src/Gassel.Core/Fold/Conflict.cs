namespace Gassel.Core.Fold;

/// <summary>An entry that cannot be true beside the others.</summary>
/// <param name="Said">The number the entry gives, where a number is the matter.</param>
/// <param name="Limit">The most that would be possible.</param>
public sealed record Conflict(Guid Entry, ConflictCode Code, string? Part = null, int? Said = null, int? Limit = null)
{
    /// <summary>What is wrong and what would be possible, in a grower's words.</summary>
    public string Words =>
        Code switch
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
            ConflictCode.MoreLostThanStand => $"{Said} lost, but only {Limit} are alive.",
            ConflictCode.AboveEstimate =>
                $"{Said} new seedlings, but of the seeds estimated only {Limit} are not up yet: raise the estimate.",
            ConflictCode.NotEstimated => $"The seeds of part {Part} were counted, not estimated: that number stays.",
            ConflictCode.EstimateBelowSeen => $"The estimate was {Said}, but {Limit} have been seen already; valid is that or more.",
            ConflictCode.MoreRootsThanSeeds => $"{Said} newly rooted, but only {Limit} of the seeds sown have no root yet.",
            ConflictCode.SpotsDoNotAddUp => $"By cells or rows it is {Said}, in all {Limit}: the two must be the same.",
            ConflictCode.SpotNotOfPart => $"Cell or row {Said} is not of part {Part}.",
            ConflictCode.MoreCutThanLeft => $"{Said} seeds cut, but only {Limit} are neither up nor cut before.",
            ConflictCode.SowingIsClosed => $"The seed of part {Part} is no longer waited for; undo that first.",
            ConflictCode.NoDome => $"There is no dome on part {Part}.",
            ConflictCode.MoreSeedMovedThanLeft => $"{Said} seeds to move, but only {Limit} of part {Part} are not up yet.",
            ConflictCode.MovesAllOrNothing =>
                $"Some of part {Part} is 1 or more and fewer than the {Limit} plants and seeds there; move the whole part instead.",
            ConflictCode.NoSeedWaits => $"All seed of part {Part} is up: none is left that a cold could bring.",
            ConflictCode.NotOut => $"Part {Part} is not in a container that is out on that day: nothing to tend.",
            ConflictCode.NotSheltered => $"Part {Part} is neither covered nor carried in on that day.",
            ConflictCode.StageBackwards => "Plants go forward: seedlings, pricked out, potted, hardened, planted.",
            ConflictCode.MorePlantsThanSeedlings => $"{Said} plants, but only {Limit} seedlings of part {Part} are alive.",
            ConflictCode.MorePlantsThanThere => $"{Said} plants, but only {Limit} of part {Part} are at that stage.",
            ConflictCode.MoreThanSleep => $"{Said} came up again, but only {Limit} of part {Part} are dormant.",
            ConflictCode.LostInCount => "Record lost seedlings in a count of their tray.",
            ConflictCode.NothingToClose => "Nothing was started, so there is nothing to close.",
            ConflictCode.NothingGrows => $"Nothing of part {Part} grows on that day.",
            ConflictCode.NotHardening => $"Part {Part} is not hardening off on that day; start that step first.",
            ConflictCode.NotOverwintering => $"Part {Part} is not on its way through a winter on that day.",
            ConflictCode.BooksClosed => "The books of this batch are closed; undo that first.",
            ConflictCode.MomentOfAnotherDay =>
                "Its time of day belongs to another date, so it is not counted. Undo it and record it again.",
            ConflictCode.NotOptional => "This step is not optional; it cannot be left out.",
            ConflictCode.AlreadyBegun => "This batch has begun; a planned one can be discarded, this one can be closed.",
            ConflictCode.Unreadable => "Written by a newer Gassel; kept, but not counted by this one.",
            _ => throw new InvalidOperationException($"no words for {Code}"),
        };
}
