using Gassel.Data;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Yard;

namespace Gassel.Web.Features.Wishes;

/// <summary>The wishes on the list, each planned on its own.</summary>
internal sealed class WishGrounds(WishBook kept, PlanBooks plan, SetOutDays winters, OutdoorNeeds needs)
{
    public WishBook Kept => kept;

    public PlanBooks Plan => plan;

    public async Task<IReadOnlyList<WishGround>> All()
    {
        var grounds = new List<WishGround>();
        foreach (var wish in await kept.All())
            grounds.Add(await Of(wish));
        return grounds;
    }

    public async Task<WishGround> Of(KeptWish wish) => await WishGround.Of(wish, plan, winters, await needs.Known());
}
