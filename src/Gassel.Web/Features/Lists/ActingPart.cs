using Gassel.Core.Fold;

namespace Gassel.Web.Features.Lists;

/// <summary>A living part of a batch with what a gesture on many needs to know of it.</summary>
/// <param name="Place">Id of the place where it stands; null where nobody said.</param>
/// <param name="Waiting">Seed of it that was not seen to germinate yet.</param>
/// <param name="NextPart">What a part that is moved away from it is called.</param>
/// <param name="Waters">It is watered by hand.</param>
/// <param name="Closes">It was sown, so that the books of its batch can be closed.</param>
public sealed record ActingPart(
    Guid BatchId,
    int Number,
    string CommonName,
    string Part,
    string? Label,
    string? Place,
    PlantTally? Plants,
    int Waiting,
    string NextPart,
    bool Waters,
    bool Closes
);
