using System.Net;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Shouldly;
using TidyHeron.Formats;

namespace TidyHeron.Server.Tests;

/// <summary>The contract of the two computations, as a script would use them.</summary>
public class DictationTests(HeronServer server) : IClassFixture<HeronServer>
{
    private async Task<JsonElement> Ask(string path, object body) => await (await server.Enter("instructor")).Post<JsonElement>(path, body);

    [Fact]
    public async Task Words_come_back_as_moves_with_what_was_not_understood()
    {
        var answer = await Ask("/api/dictation", new { text = "Bow. Step left foot to nine o'clock, left front stance, left zzz low block. Step forward, right punch, kiai." });
        var moves = answer.GetProperty("moves");
        moves.EnumerateArray().Select(m => m.GetProperty("count").GetInt32()).ShouldBe([0, 1, 2]);
        moves[1].GetProperty("heading").GetInt32().ShouldBe(270);
        moves[1].GetProperty("lead").GetString().ShouldBe("left");
        moves[1].GetProperty("turn").GetInt32().ShouldBe(-90);
        moves[1].GetProperty("stance").GetString().ShouldBe("front-stance");
        moves[2].GetProperty("shout").GetBoolean().ShouldBeTrue();
        moves[0].GetProperty("lead").ValueKind.ShouldBe(JsonValueKind.Null);
        var unread = answer.GetProperty("unread")[0];
        unread.GetProperty("text").GetString().ShouldBe("zzz");
        unread.GetProperty("length").GetInt32().ShouldBe(3);
        answer.GetProperty("findings").GetArrayLength().ShouldBe(0);
        answer.GetProperty("form").GetProperty("moves").GetArrayLength().ShouldBe(3);
    }

    /// <summary>What is read once in the background as the server starts, so that nobody waits for the compiler, goes all the way from words to an answer.</summary>
    [Fact]
    public async Task The_warm_up_comes_to_its_end()
    {
        var warmUp = server.Services.GetServices<IHostedService>().OfType<BackgroundService>().Single(s => s.GetType().Name == "WarmUp");
        await warmUp.ExecuteTask!.WaitAsync(TimeSpan.FromMinutes(2), TestContext.Current.CancellationToken); // fails with what it failed with
        warmUp.ExecuteTask!.IsCompletedSuccessfully.ShouldBeTrue();
    }

    [Fact]
    public async Task The_floor_that_words_lead_to_is_that_of_the_body_asked_for()
    {
        const string Words = "Step with the left foot into a left front stance.";
        var small = await Ask("/api/dictation", new { text = Words, heightCm = 120 });
        var tall = await Ask("/api/dictation", new { text = Words, heightCm = 190 });
        double Deep(JsonElement answer) => answer.GetProperty("readings").GetProperty("floor").GetProperty("maxY").GetDouble() - answer.GetProperty("readings").GetProperty("floor").GetProperty("minY").GetDouble();
        // Front stance is in proportion to stature, so the floor is too.
        (Deep(tall) / Deep(small)).ShouldBe(190.0 / 120, 0.01);
    }

    [Fact]
    public async Task A_form_that_ends_far_off_names_the_turn_that_would_bring_it_back()
    {
        // A square walked three turns to the left and one to the right instead.
        string Square(string last) => $"Ready stance. 1. Step left foot forward, front stance. 2. Step, punch. 3. Turn left 90, low block. 4. Step, punch. 5. Turn left 90, low block. 6. Step, punch. 7. Turn {last} 90, low block. 8. Step, punch. 9. Step, punch. Return to ready.";
        (await Ask("/api/dictation", new { text = Square("left") })).GetProperty("closingTurns").GetArrayLength().ShouldBe(0);
        var turns = (await Ask("/api/dictation", new { text = Square("right") })).GetProperty("closingTurns");
        var turn = turns.EnumerateArray().Single(t => t.GetProperty("count").GetInt32() == 7);
        (turn.GetProperty("turned").GetInt32(), turn.GetProperty("would").GetInt32() % 360 is -90 or 270).ShouldBe((90, true));

        (await Ask("/api/dictation", new { text = "Step, punch." })).GetProperty("closingTurns").GetArrayLength().ShouldBe(0);
    }

    [Fact]
    public async Task Each_move_comes_back_with_its_words_and_what_comes_to_nothing_is_marked()
    {
        const string Words = "Left front stance, low block. Good. Turn to the right corner, low block. Step, punch.";
        var answer = await Ask("/api/dictation", new { text = Words });
        answer.GetProperty("moves").EnumerateArray().Select(m => Words.Substring(m.GetProperty("start").GetInt32(), m.GetProperty("length").GetInt32()))
            .ShouldBe(["Left front stance, low block. Good.", "Turn to the right corner, low block.", "Step, punch."]);
        answer.GetProperty("fields").EnumerateArray().ShouldNotContain(f => f.GetProperty("unheeded").GetBoolean());

        const string Lost = "Left front stance, low block to the corner.";
        var field = (await Ask("/api/dictation", new { text = Lost })).GetProperty("fields").EnumerateArray().Single(f => f.GetProperty("unheeded").GetBoolean());
        Lost.Substring(field.GetProperty("start").GetInt32(), field.GetProperty("length").GetInt32()).ShouldBe("corner");
    }

    [Fact]
    public async Task A_contradiction_comes_back_as_a_finding_at_its_move()
    {
        var answer = await Ask("/api/dictation", new { text = "Step left, low block. Turn 90 left facing three o'clock." });
        var finding = answer.GetProperty("findings")[0];
        finding.GetProperty("rule").GetString().ShouldBe("turn-facing");
        finding.GetProperty("move").GetInt32().ShouldBe(1);
    }

    [Fact]
    public async Task Readings_tell_where_the_feet_stand_and_where_the_form_ends()
    {
        var dictated = await Ask("/api/dictation", new { text = "Step with the left foot into a left walking stance. Step with the left foot back to ready stance." });
        var readings = await Ask("/api/readings", new { form = dictated.GetProperty("form"), heightCm = 200 });
        var left = readings.GetProperty("moves")[0].GetProperty("posture").GetProperty("left");
        left.GetProperty("y").GetDouble().ShouldBe(1.5 * 0.259 * 200, 0.01);
        left.GetProperty("x").GetDouble().ShouldBe(-0.5 * 0.259 * 200, 0.01);
        readings.GetProperty("floor").GetProperty("endError").GetProperty("x").GetDouble().ShouldBe(0, 0.01);
        readings.GetProperty("findings").GetArrayLength().ShouldBe(0);
    }

    [Theory]
    [InlineData("""{"text":null}""", "text")]
    [InlineData("""{}""", "body")]
    [InlineData("""{"text":"x","form":{"moves":[{"stance":{"kind":"wobble"}}]}}""", "moves[0].stance.kind")]
    [InlineData("""{"text":"x","form":{"moves":[{"facing":"north"}]}}""", "form.moves[0].facing")]
    [InlineData("""{"text":"x",""", "body")]
    public async Task Bad_input_is_told_by_its_place(string json, string place)
    {
        var problem = await Visitor.Problem(await (await server.Enter("head")).PostRaw("/api/dictation", json), HttpStatusCode.BadRequest);
        var errors = problem.GetProperty("errors").EnumerateObject().ToList();
        errors.Select(e => e.Name).ShouldContain(place);
        errors.ShouldAllBe(e => e.Value[0].GetString()!.Length > 10);
    }

    [Fact]
    public async Task A_height_that_nobody_has_is_refused()
    {
        var problem = await Visitor.Problem(await (await server.Enter("head")).PostRaw("/api/readings", """{"form":{},"heightCm":20}"""), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("heightCm")[0].GetString().ShouldBe("Give a height from 80 to 230 cm.");
    }

    [Fact]
    public async Task Edits_answer_with_the_form_and_its_readings()
    {
        var dictated = await Ask("/api/dictation", new { text = "Step left low block. Step right punch." });
        var form = dictated.GetProperty("form");
        var second = form.GetProperty("moves")[1].GetProperty("id").GetString();
        var edited = await Ask("/api/edits", new { form, edits = new object[] { new { kind = "setCounting", moves = new[] { second }, counting = "then" }, new { kind = "cutHere", first = second } } });
        edited.GetProperty("readings").GetProperty("counts").GetInt32().ShouldBe(1);
        edited.GetProperty("readings").GetProperty("findings")[0].GetProperty("rule").GetString().ShouldBe("cut-in-count");
        FormDocuments.Read(edited.GetProperty("form").Deserialize<FormDocument>(Json.Options)!, Core.Terms.Vocabulary.Standard).Sections.Count.ShouldBe(2);
    }
}
