using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>From sowing to the last seedling.</summary>
internal sealed partial class Folding
{
    private Conflict? Sow(Entry entry, Sown sown, WorkingPart part)
    {
        if (part.SownOn is not null)
            return new(entry.Id, ConflictCode.AlreadySown, part.Id);
        if (part.Seeds == 0 && (part.Cut is not null || sown.Seeds is not > 0))
            return new(entry.Id, ConflictCode.NothingToSow, part.Id);
        if (plan.GerminateStep is not { } germinate)
            return new(entry.Id, ConflictCode.UnknownStep, part.Id, plan.Steps.Count, plan.Steps.Count - 1);
        if (
            sown.Cells is { } cells
            && (sown.Vessel ?? part.Vessel)?.Cells is { } most
            && cells.FirstOrDefault(c => c < 1 || c > most) is not 0 and var beyond
        )
        {
            return new(entry.Id, ConflictCode.SpotNotOfPart, part.Id, beyond, most);
        }
        if (part.Seeds == 0)
        {
            part.Seeds = sown.Seeds!.Value;
            SeedsStarted += part.Seeds;
        }
        part.EndOpen(entry.DoneOn);
        part.Spans.Add(new(germinate, entry.DoneOn, null));
        part.SownOn = entry.DoneOn;
        part.SownAs = new(sown.DepthMm, sown.Cover, sown.SeedsPerCell, sown.Cells, sown.Dome, sown.Mix, sown.Filling, sown.Water);
        part.EstimatePercent = sown.EstimatePercent ?? part.EstimatePercent;
        return Stand(part, sown.Place, sown.Vessel, entry.DoneOn);
    }

    private Conflict? Count(Entry entry, Count count, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.ClosedOn is not null && (count.Emerged > 0 || count.Rooted > 0))
            return new(entry.Id, ConflictCode.SowingIsClosed, part.Id);
        if (part.Emerged + (long)count.Emerged > part.Seeds)
        {
            return new(
                entry.Id,
                part.EstimatePercent is null ? ConflictCode.MoreSeedlingsThanSeeds : ConflictCode.AboveEstimate,
                part.Id,
                count.Emerged,
                part.Seeds - part.Emerged
            );
        }
        if (part.Rooted + (long)count.Rooted > part.Seeds)
            return new(entry.Id, ConflictCode.MoreRootsThanSeeds, part.Id, count.Rooted, part.Seeds - part.Rooted);
        var standing = part.AliveAt(PlantStage.Seedling) + part.Dormant[0] + count.Emerged;
        if (count.Lost > standing)
            return new(entry.Id, ConflictCode.MoreLostThanStand, part.Id, count.Lost, standing);
        if (Misplaced(entry, count, part) is { } misplaced)
            return misplaced;
        if (count.Emerged > 0)
            ComeUpOutdoors(entry.DoneOn, part);
        part.Emerged += count.Emerged;
        part.Lost += count.Lost;
        PutDown(part, count.Cause, count.Lost, entry.DoneOn);
        // of seedlings that sleep some may be found dead
        part.Dormant[0] = Math.Min(part.Dormant[0], part.Emerged + part.ArrivedSeedlings - part.Lost - part.MovedOff);
        part.Rooted += count.Rooted;
        part.Counts.Add(new(entry.Id, entry.DoneOn, count.Emerged, count.Lost, count.Cause, count.Rooted, count.Spots));
        return null;
    }

    /// <summary>Outdoors nobody ends the cold: the first seedling does.</summary>
    private void ComeUpOutdoors(DateOnly on, WorkingPart part)
    {
        if (!plan.Route.IsOutdoors || plan.GerminateStep is not { } germinate || part.Spans.Count == 0 || part.Spans[^1].Step >= germinate)
            return;
        part.EndOpen(on);
        part.Spans.Add(new(germinate, on, null));
    }

    /// <summary>Spots must add up to the whole and lie where the part was sown.</summary>
    private static Conflict? Misplaced(Entry entry, Count count, WorkingPart part)
    {
        if (count.Spots is not { } spots)
            return null;
        var (emerged, lost) = (spots.Sum(s => (long)s.Emerged), spots.Sum(s => (long)s.Lost));
        if (emerged != count.Emerged || lost != count.Lost)
        {
            return emerged != count.Emerged
                ? new(entry.Id, ConflictCode.SpotsDoNotAddUp, part.Id, (int)Math.Min(emerged, int.MaxValue), count.Emerged)
                : new(entry.Id, ConflictCode.SpotsDoNotAddUp, part.Id, (int)Math.Min(lost, int.MaxValue), count.Lost);
        }
        var grid = TrayGrid.Of(part.Vessel);
        foreach (var spot in spots)
        {
            var outside = spot.Cell is { } cell
                ? part.SownAs?.Cells is { } own
                    ? !own.Contains(cell)
                    : grid is not null && cell > grid.Value.Cells
                : spot.Row is { } row && grid is not null && row > grid.Value.Rows;
            if (outside)
                return new(entry.Id, ConflictCode.SpotNotOfPart, part.Id, spot.Cell ?? spot.Row);
        }
        return null;
    }

    private Conflict? Estimate(Entry entry, Estimated estimated, WorkingPart part)
    {
        if (part.EstimatePercent is null)
            return new(entry.Id, ConflictCode.NotEstimated, part.Id);
        if (estimated.Seeds < part.Seen)
            return new(entry.Id, ConflictCode.EstimateBelowSeen, part.Id, estimated.Seeds, part.Seen);
        SeedsStarted += estimated.Seeds - part.Seeds;
        (part.Seeds, part.EstimatePercent) = (estimated.Seeds, estimated.Percent);
        return null;
    }

    /// <summary>Cut seed leaves the part: it can no longer come up, and its share is no failure.</summary>
    private static Conflict? Cut(Entry entry, CutTested cut, WorkingPart part)
    {
        if (part.Seeds == 0)
            return new(entry.Id, ConflictCode.NothingToSow, part.Id);
        if (cut.Seeds > part.Seeds - part.Seen)
            return new(entry.Id, ConflictCode.MoreCutThanLeft, part.Id, cut.Seeds, part.Seeds - part.Seen);
        part.Seeds -= cut.Seeds;
        part.Cut = (part.Cut ?? default) + new CutTest(cut.Full, cut.Empty, cut.Rotten);
        return null;
    }

    private static Conflict? TakeDomeOff(Entry entry, WorkingPart part)
    {
        if (part.SownAs is not { Dome: true } || part.DomeOffOn is not null)
            return new(entry.Id, ConflictCode.NoDome, part.Id);
        part.DomeOffOn = entry.DoneOn;
        return null;
    }

    private static Conflict? Keep(Entry entry, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.ClosedOn is not null)
            return new(entry.Id, ConflictCode.SowingIsClosed, part.Id);
        part.KeptOn = entry.DoneOn;
        return null;
    }

    private static Conflict? Chill(Entry entry, ColdAgain cold, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.ClosedOn is not null)
            return new(entry.Id, ConflictCode.SowingIsClosed, part.Id);
        if (part.Seeds - part.Seen <= 0)
            return new(entry.Id, ConflictCode.NoSeedWaits, part.Id);
        if (part.ColdsAgain is [.., { End: null }])
            return new(entry.Id, ConflictCode.StepAlreadyStarted, part.Id);
        part.ColdsAgain.Add(new(entry.DoneOn, cold.Days, null));
        return Stand(part, cold.Place, cold.Vessel, entry.DoneOn);
    }

    private static Conflict? EndChill(Entry entry, ColdAgainEnded ended, WorkingPart part)
    {
        if (part.ColdsAgain is not [.., { End: null } last])
            return new(entry.Id, ConflictCode.StepNotOpen, part.Id);
        part.ColdsAgain[^1] = last with { End = entry.DoneOn };
        return Stand(part, ended.Place, null, entry.DoneOn);
    }

    private static Conflict? Close(Entry entry, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.ClosedOn is not null)
            return new(entry.Id, ConflictCode.SowingIsClosed, part.Id);
        part.ClosedOn = entry.DoneOn;
        return null;
    }
}
