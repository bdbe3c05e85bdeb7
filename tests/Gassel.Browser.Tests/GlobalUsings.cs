global using Gassel.Core;
global using Gassel.Core.Due;
global using Gassel.Core.Record;
global using Gassel.Core.Treatments;
global using Xunit;
