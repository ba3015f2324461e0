using System.Net;
using System.Xml.Linq;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Formats;
using TidyHeron.Server.Floor;
using TidyHeron.Server.Forms;
using TidyHeron.Server.People;
using TidyHeron.Server.Readings;
using TidyHeron.Server.Walkthrough;

namespace TidyHeron.Server.Tests;

/// <summary>Floor, walk-through, exports and stance sets, asked for as the client does.</summary>
public class SpaceAndTimeTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static async Task<FormResponse> Form(Visitor visitor, string title)
    {
        var summary = (await visitor.Get<FormSummary[]>("/api/forms")).Single(f => f.Title.StartsWith(title, StringComparison.Ordinal));
        return await visitor.Get<FormResponse>($"/api/forms/{summary.Id}");
    }

    [Fact]
    public async Task The_demo_forms_fit_a_ring_and_end_on_the_spot()
    {
        var head = await server.Enter("head");
        foreach (var title in new[] { "First Crossing", "Still Water", "Long Reed" })
        {
            var form = await Form(head, title);
            var plan = await head.Post<FloorPlan>("/api/floor", new { form = form.Form, room = new { widthCm = 800, depthCm = 800 }, heightCm = 170 });
            plan.Fit.Fits.ShouldBeTrue(title);
            plan.End.Reached.ShouldBeTrue(title);
            plan.End.Changes.ShouldBeEmpty(title);
            plan.Sections.Count.ShouldBe(form.Form.Sections.Count);
            plan.Rose.Sum(p => p.Techniques).ShouldBeGreaterThan(8);
            plan.Tape.TotalCm.ShouldBeGreaterThan(100);
            plan.Sums.ShouldAllBe(s => s.Value > 0 && s.Source.Length > 0 && s.Formula.Length > 0);
            (plan.Weapon.Length > 0).ShouldBe(title == "Long Reed");
        }
    }

    [Fact]
    public async Task A_ring_from_the_list_is_a_room_that_a_form_is_fitted_into()
    {
        var head = await server.Enter("head");
        var form = (await Form(head, "First Crossing")).Form;
        var rings = await head.Get<RingResponse[]>("/api/floor/rings");
        rings.Select(r => r.Name).Distinct().Count().ShouldBe(rings.Length);
        foreach (var ring in rings)
        {
            // No ring is smaller than six metres or wider than sixteen: common practice.
            ring.Room.WidthCm.ShouldBeInRange(600, 1600, ring.Name);
            ring.Room.DepthCm.ShouldBeInRange(600, 1600, ring.Name);
            ring.Source.ShouldNotBeEmpty();
            var plan = await head.Post<FloorPlan>("/api/floor", new { form, room = ring.Room, heightCm = 170 });
            plan.Fit.Fits.ShouldBe(plan.WidthCm <= ring.Room.WidthCm && plan.DepthCm <= ring.Room.DepthCm, ring.Name);
        }
    }

    [Fact]
    public async Task A_weapon_from_the_list_widens_what_a_form_sweeps_by_its_length()
    {
        var head = await server.Enter("head");
        var form = (await Form(head, "Long Reed")).Form;
        var weapons = await head.Get<WeaponResponse[]>("/api/weapons");
        weapons.ShouldAllBe(w => w.LengthCm > 20 && w.LengthCm < 250 && w.Source.Length > 0);
        // A shaku is 10/33 m (the law of measures of 1891), so six are 181.8 cm.
        weapons.Single(w => w.Id == "staff").LengthCm.ShouldBe(181.8, 0.05);
        var widths = new List<double>();
        foreach (var staff in weapons.Where(w => w.Id is "staff" or "short-staff").OrderBy(w => w.LengthCm))
        {
            var plan = await head.Post<FloorPlan>("/api/floor", new { form = form with { Weapon = new WeaponCarriedDocument(staff.Id) }, room = new { widthCm = 1200, depthCm = 1200 }, heightCm = 170 });
            plan.Weapon.ShouldContain(staff.Name);
            widths.Add(plan.WidthCm);
        }
        widths.Count.ShouldBe(2);
        widths[1].ShouldBeGreaterThan(widths[0]);
    }

    [Fact]
    public async Task Steps_are_adjusted_and_the_form_is_brought_to_a_wanted_spot()
    {
        var head = await server.Enter("head");
        var form = (await Form(head, "Still Water")).Form;
        var plan = await head.Post<FloorPlan>("/api/floor", new { form, room = new { widthCm = 800, depthCm = 800 }, endAt = new { x = 20, y = -12 }, limitCm = 15 });
        plan.End.Changes.Count.ShouldBeInRange(2, 4);
        var edited = await head.Post<EditsResponse>("/api/edits", new { form, edits = new object[] { new { kind = "adjustSteps", changes = plan.End.Changes.Select(c => new { move = c.Move, byCm = c.ByCm }) } } });
        edited.Readings.Floor.EndError.X.ShouldBe(20, 0.1);
        edited.Readings.Floor.EndError.Y.ShouldBe(-12, 0.1);
        var again = await head.Post<FloorPlan>("/api/floor", new { form = edited.Form, room = new { widthCm = 800, depthCm = 800 }, endAt = new { x = 20, y = -12 } });
        again.End.Changes.ShouldBeEmpty();
        again.End.Applied.Count.ShouldBe(plan.End.Changes.Count);
        var cleared = await head.Post<EditsResponse>("/api/edits", new { form = edited.Form, edits = new object[] { new { kind = "clearAdjustments" } } });
        cleared.Readings.Floor.EndError.X.ShouldBe(0, 0.001);
    }

    [Fact]
    public async Task A_walk_through_has_a_pose_for_every_moment()
    {
        var student = await server.Enter("student");
        var form = await Form(student, "Still Water");
        var walk = await student.Post<WalkthroughResponse>("/api/walkthrough", new { form = form.Form, pace = "class" });
        walk.Moves.Count.ShouldBe(form.Form.Moves.Count);
        var numbers = (walk.Joints.Count - 2) * 3; // empty hands
        walk.Opening.Length.ShouldBe(numbers);
        walk.Moves.ShouldAllBe(m => m.Frames.Count >= 10 && m.Frames.All(f => f.Length == numbers));
        walk.Moves.Zip(walk.Moves.Skip(1)).ShouldAllBe(p => Math.Abs(p.First.Start + p.First.Moving + p.First.Resting - p.Second.Start) < 0.01);
        walk.Moves.Single(m => m.Count == 1 && m.BeginsCount).Mirrored.ShouldContain("right");
        walk.Cautions[^1].ShouldContain("insurer");
        (await student.Post<WalkthroughResponse>("/api/walkthrough", new { form = form.Form, pace = "learning" })).TotalSeconds.ShouldBeGreaterThan(walk.TotalSeconds);
    }

    [Theory]
    [InlineData("floor", "image/svg+xml")]
    [InlineData("figures", "image/svg+xml")]
    [InlineData("vtt", "text/vtt")]
    [InlineData("times", "text/csv")]
    [InlineData("wav", "audio/wav")]
    public async Task Pictures_times_and_sound_are_handed_out(string @as, string type)
    {
        var student = await server.Enter("student");
        var form = await Form(student, "Still Water");
        foreach (var part in new[] { "", $"&section={form.Form.Sections[1].Id}" })
        {
            var response = await student.Get($"/api/forms/{form.Id}/export?as={@as}&heightCm=162&pace=performance{part}");
            response.StatusCode.ShouldBe(HttpStatusCode.OK, await response.Content.ReadAsStringAsync());
            response.Content.Headers.ContentType!.MediaType.ShouldBe(type);
            if (type.StartsWith("image", StringComparison.Ordinal)) XDocument.Parse(await response.Content.ReadAsStringAsync()).Root!.Name.LocalName.ShouldBe("svg");
        }
        var problem = await Visitor.Problem(await student.Get($"/api/forms/{form.Id}/export?as={@as}&section=nowhere"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").TryGetProperty("section", out _).ShouldBeTrue();
    }

    [Fact]
    public async Task The_caller_clicks_or_counts_aloud()
    {
        var student = await server.Enter("student");
        var form = await Form(student, "Still Water");
        async Task<byte[]> Track(string called) => await (await student.Get($"/api/forms/{form.Id}/export?as=wav&called={called}")).Content.ReadAsByteArrayAsync();
        var (clicks, numbers) = (await Track("clicks"), await Track("numbers"));
        numbers.Length.ShouldBe(clicks.Length);
        // A voice is much more sound than clicks.
        static int Loud(byte[] file) => Enumerable.Range(22, file.Length / 2 - 22).Count(k => Math.Abs((int)BitConverter.ToInt16(file, k * 2)) > 400);
        Loud(numbers).ShouldBeGreaterThan(2 * Loud(clicks));
        var problem = await Visitor.Problem(await student.Get($"/api/forms/{form.Id}/export?as=wav&called=song"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("called").ToString().ShouldContain("numbers");
        var walk = await student.Post<WalkthroughResponse>("/api/walkthrough", new { form = form.Form });
        walk.Moves.First(m => m.Count == 3).CountWord.ShouldBe("three");
    }

    [Fact]
    public async Task What_cannot_be_meant_is_refused_with_its_field()
    {
        var head = await server.Enter("head");
        async Task Refused(string path, object body, string field) =>
            (await Visitor.Problem(await head.Post(path, body), HttpStatusCode.BadRequest)).GetProperty("errors").TryGetProperty(field, out _).ShouldBeTrue(field);
        var form = new { title = "Nothing" };
        await Refused("/api/floor", new { form, room = new { widthCm = 3, depthCm = 800 } }, "room.widthCm");
        await Refused("/api/floor", new { form, room = new { widthCm = 800, depthCm = 800 }, limitCm = 0 }, "limitCm");
        await Refused("/api/floor", new { form, room = new { widthCm = 800, depthCm = 800 }, heightCm = 175, measured = new { footCm = 70 } }, "measured.footCm");
        await Refused("/api/walkthrough", new { form, speed = 9 }, "speed");
        await Refused("/api/floor/lever", new { staffCm = 180, pivotCm = 170, betweenCm = 25 }, "betweenCm");
        await Refused("/api/readings", new { form = new { title = "x", weapon = new { kind = "spoon" } } }, "weapon.kind");
        // A form without moves has a floor and a walk-through all the same.
        (await head.Post<FloorPlan>("/api/floor", new { form, room = new { widthCm = 800, depthCm = 800 } })).Fit.Fits.ShouldBeTrue();
        (await head.Post<WalkthroughResponse>("/api/walkthrough", new { form })).TotalSeconds.ShouldBe(0);
    }

    [Fact]
    public async Task The_school_chooses_its_stances_and_every_form_follows()
    {
        var head = await server.Enter("head");
        var form = (await Form(head, "First Crossing")).Form;
        async Task<double> Depth() => (await head.Post<ReadingsResponse>("/api/readings", new { form })).Floor is var f ? f.MaxY - f.MinY : 0;
        var before = await Depth();
        (await head.Put("/api/school/stances", new { set = "short" })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var shorter = await Depth();
        shorter.ShouldBeLessThan(before);
        (await head.Put("/api/school/stances", new { set = "short", changes = new Dictionary<string, object> { ["front-stance"] = new { length = "2.2 shoulders", source = "the founder's notes" } } })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Depth()).ShouldBeGreaterThan(shorter);
        var stances = await head.Get<StancesResponse>("/api/school/stances");
        var front = stances.Stances.Single(s => s.Id == "front-stance");
        (front.Length, front.Source, front.Changed).ShouldBe(("2.2 shoulders", "the founder's notes", true));
        stances.Sets.Count.ShouldBe(StanceSchool.All.Count);
        var problem = await Visitor.Problem(await head.Put("/api/school/stances", new { set = "short", changes = new Dictionary<string, object> { ["front-stance"] = new { length = "wide" } } }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("changes.front-stance")[0].GetString()!.ShouldContain("wide");
        (await (await server.Enter("instructor")).Put("/api/school/stances", new { set = "long" })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        await head.Put("/api/school/stances", new { set = "standard" });
    }
}
