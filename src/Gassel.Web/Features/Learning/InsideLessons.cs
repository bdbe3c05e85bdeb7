using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Learning;

/// <summary>What thermometers that lay in containers say of what had been told of their inside.</summary>
internal sealed class InsideLessons(BatchShelf shelf)
{
    public async Task<IReadOnlyList<JudgedInside>> All() =>
        [
            .. from batch in await shelf.All()
            where batch.State.Insides.Count > 0
            let setups = batch.State.Parts.ToDictionary(p => p.Id, p => p.Setup ?? ContainerSetup.Assumed)
            from told in JudgedInside.Of(batch.Row.Number, batch.State.Insides, part => setups[part].Kind)
            select told,
        ];
}
