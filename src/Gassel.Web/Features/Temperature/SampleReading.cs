using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

public sealed record SampleReading(DateTimeOffset At, double TempC);
