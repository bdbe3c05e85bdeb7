using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <summary>What the simulator begins with.</summary>
public sealed record ContainerStart(IReadOnlyList<ContainerStartKind> Kinds);
