using Gassel.Web.Runtime;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Species;

/// <summary>What a change of the library needs.</summary>
internal sealed class SpeciesBooks(Func<GasselDb> connect, WriteGate gate, Library library, SiteClock clock)
{
    public Func<GasselDb> Connect => connect;
    public WriteGate Gate => gate;
    public Library Library => library;
    public SiteClock Clock => clock;
}
