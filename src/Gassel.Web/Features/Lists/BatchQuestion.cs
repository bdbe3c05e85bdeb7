using Gassel.Core.Fold;

namespace Gassel.Web.Features.Lists;

/// <summary>Which batches are asked for. What is null does not matter; what is said must all hold.</summary>
/// <param name="Text">Words that number, names, lot or vessel begin with; all of them.</param>
/// <param name="State">How far it is.</param>
/// <param name="Species">Id.</param>
/// <param name="Place">Id of a place where some of it stands.</param>
/// <param name="Season">The winter of its start, by the year in which that winter begins.</param>
/// <param name="From">Batches left out at the beginning.</param>
/// <param name="Take">Batches told at most.</param>
internal sealed record BatchQuestion(
    string? Text,
    BatchPhase? State,
    string? Species,
    string? Place,
    int? Season,
    BatchTrouble? Trouble,
    BatchOrder Order,
    int From,
    int Take
);
