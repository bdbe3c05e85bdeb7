using Gassel.Web.Runtime;

namespace Gassel.Web.Tests;

/// <summary>How the program is asked to run, and one clear line where it is asked wrongly.</summary>
public class LaunchTests
{
    [Fact]
    public void A_port_a_folder_and_the_demo()
    {
        var (launch, fault) = Launch.Read(["--port", "8123", "--data", "/somewhere", "--demo"]);
        Assert.Null(fault);
        Assert.Equal(new Launch(8123, "/somewhere", true, NetworkPort: 8124), launch);
    }

    [Fact]
    public void The_network_is_asked_for_by_word_and_has_a_port_of_its_own()
    {
        Assert.False(Launch.Read([]).Launch!.Lan);
        var (launch, _) = Launch.Read(["--lan", "--network-port", "9443", "--certificate", "own.crt", "--key", "own.key", "--owner-code"]);
        Assert.Equal(
            (true, 9443, "own.crt", "own.key", true),
            (launch!.Lan, launch.NetworkPort, launch.Certificate, launch.Key, launch.OwnerCode)
        );
        Assert.Contains("--key needs --certificate", Launch.Read(["--key", "own.key"]).Fault);
        Assert.Contains("--network-port was 'x'", Launch.Read(["--network-port", "x"]).Fault);
    }

    [Fact]
    public void Without_a_folder_demo_and_book_are_kept_apart()
    {
        var (book, demo) = (Launch.Read([]).Launch!, Launch.Read(["--demo"]).Launch!);
        Assert.NotEqual(book.DataFolder, demo.DataFolder);
        Assert.False(book.Demo);
    }

    [Theory]
    [InlineData("--port", "70000")]
    [InlineData("--port", "-1")]
    [InlineData("--port", "http")]
    [InlineData("--port", "8 0")]
    public void A_port_that_is_none_is_told_with_what_would_be(string option, string value)
    {
        var (launch, fault) = Launch.Read([option, value]);
        Assert.Null(launch);
        Assert.Contains($"'{value}'; valid is a number from 0 to 65535", fault);
    }

    [Theory]
    [InlineData("--port")]
    [InlineData("--data")]
    public void An_option_without_its_value_is_told(string option) => Assert.Contains("needs a value", Launch.Read([option]).Fault);

    [Fact]
    public void What_it_does_not_know_is_told_with_what_it_does()
    {
        var (launch, fault) = Launch.Read(["--prot", "8000"]);
        Assert.Null(launch);
        Assert.StartsWith("There is no '--prot'. Valid are --demo, --data DIR", fault, StringComparison.Ordinal);
    }
}
