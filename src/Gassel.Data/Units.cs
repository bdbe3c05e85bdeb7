using Gassel.Core.Climate;
using Gassel.Core.Closing;
using Gassel.Core.Due;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Data;

/// <summary>In which units the screens speak; everything is kept metric.</summary>
public enum Units
{
    Metric,
    UnitedStates,
}
