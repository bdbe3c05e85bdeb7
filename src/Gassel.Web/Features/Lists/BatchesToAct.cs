namespace Gassel.Web.Features.Lists;

/// <param name="Numbers">Of batches, up to 2,000.</param>
public sealed record BatchesToAct(IReadOnlyList<int> Numbers);
