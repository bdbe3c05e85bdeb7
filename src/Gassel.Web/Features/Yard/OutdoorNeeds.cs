using Gassel.Core.Germination;
using Gassel.Core.Yard;
using Gassel.Web.Features.Learning;

namespace Gassel.Web.Features.Yard;

/// <summary>What species ask of a winter outdoors, by their values and by what own sowings tell of their warmth.</summary>
internal sealed class OutdoorNeeds(WarmthLessons warmth)
{
    public async Task<Now> Known() => new(await warmth.Better());

    /// <summary>As things stand.</summary>
    internal sealed class Now(IReadOnlyDictionary<string, WarmthLearned> better)
    {
        /// <summary>Null for a route without cold, which no winter is needed for.</summary>
        public SetOutNeed? Of(Core.Treatments.Species species, Core.Treatments.Route route) =>
            SpeciesOutdoors.NeedOf(species, route, better.GetValueOrDefault(species.Id));
    }
}
