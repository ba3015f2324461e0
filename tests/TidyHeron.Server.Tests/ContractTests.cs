using Shouldly;

namespace TidyHeron.Server.Tests;

public class ContractTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static readonly string File = Path.Combine(Repository.Root, "src/client/src/api/openapi.json");

    [Fact]
    public async Task The_client_s_copy_of_the_contract_is_the_server_s_own()
    {
        var served = await (await server.Visit().Get("/openapi/v1.json")).Content.ReadAsStringAsync();
        if (Environment.GetEnvironmentVariable("HERON_UPDATE_CONTRACT") == "1") await System.IO.File.WriteAllTextAsync(File, served);
        (await System.IO.File.ReadAllTextAsync(File)).Trim().ShouldBe(served.Trim(), "The contract has changed. Write it anew: HERON_UPDATE_CONTRACT=1 ./test --only Server");
    }
}
