using Microsoft.AspNetCore.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Shouldly;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;

namespace TidyHeron.Server.Tests;

/// <summary>A first start that is broken off while the demo school is put in.</summary>
public sealed class DemoTests
{
    /// <summary>Breaks off while it is told to.</summary>
    private sealed class BreakingClock : TimeProvider
    {
        public int Calls { get; set; }
        public int BreaksAt { get; set; } = int.MaxValue;

        public override DateTimeOffset GetUtcNow() => ++Calls == BreaksAt ? throw new InvalidOperationException("Broken off.") : base.GetUtcNow();
    }

    private sealed class EmptyServer(BreakingClock clock) : HeronServer
    {
        protected override bool Demo => false;

        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            base.ConfigureWebHost(builder);
            builder.ConfigureServices(services => services.Replace(ServiceDescriptor.Singleton<TimeProvider>(clock)));
        }
    }

    [Fact]
    public async Task Leaves_nothing_behind_and_the_next_start_loads_all_of_it()
    {
        var clock = new BreakingClock();
        await using var server = new EmptyServer(clock);
        var settings = new HeronSettings("", Demo: true);
        async Task<(int Schools, int Forms)> Stored()
        {
            await using var scope = server.Services.CreateAsyncScope();
            var db = scope.ServiceProvider.GetRequiredService<HeronDb>();
            return (await db.Schools.IgnoreQueryFilters().CountAsync(), await db.Forms.IgnoreQueryFilters().CountAsync());
        }
        (await Stored()).ShouldBe((0, 0));

        (clock.Calls, clock.BreaksAt) = (0, 3); // after the school is saved, among its forms
        await Should.ThrowAsync<InvalidOperationException>(() => server.Services.PrepareDatabase(settings));
        (await Stored()).ShouldBe((0, 0));

        clock.BreaksAt = int.MaxValue;
        await server.Services.PrepareDatabase(settings);
        var (schools, forms) = await Stored();
        schools.ShouldBe(1);
        forms.ShouldBeGreaterThan(1);
    }
}
