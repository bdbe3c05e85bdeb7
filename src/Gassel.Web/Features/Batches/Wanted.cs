namespace Gassel.Web.Features.Batches;

/// <summary>What the answer to a gesture is to tell, because it is on the screen.</summary>
/// <param name="Rounds">What is otherwise on Rounds.</param>
/// <param name="Batch">The one batch of the gesture, whole.</param>
internal readonly record struct Wanted(bool Rounds, bool Batch);
