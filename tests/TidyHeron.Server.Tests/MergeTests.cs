using System.Net;
using Shouldly;
using TidyHeron.Core;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Versions;
using TidyHeron.Formats;
using TidyHeron.Server.Forms;

namespace TidyHeron.Server.Tests;

/// <summary>Two people at one form.</summary>
public class MergeTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static FormDocument Words(string words) => FormDocuments.Write(Reader.Read(words, new Form { Title = "Reed Path" }, null, Conventions.Standard).Form);

    [Fact]
    public async Task The_second_to_save_sees_what_was_changed_and_saves_both()
    {
        var (head, instructor) = (await server.Enter("head"), await server.Enter("instructor"));
        var opened = Words("Step left low block. Step right punch.");
        var id = (await head.Post<SavedIdResponse>("/api/forms", new { form = opened })).Id;

        var theirs = opened with { Moves = [.. opened.Moves.Select((m, i) => i == 1 ? m with { Shout = true } : m)] };
        (await head.Put($"/api/forms/{id}", new { basedOn = 1, form = theirs })).StatusCode.ShouldBe(HttpStatusCode.OK);
        var mine = opened with { Moves = [opened.Moves[0] with { Note = "sink" }, opened.Moves[1] with { Note = "late hip" }] };
        (await instructor.Put($"/api/forms/{id}", new { basedOn = 1, form = mine })).StatusCode.ShouldBe(HttpStatusCode.Conflict);

        var merge = await instructor.Post<MergeResponse>($"/api/forms/{id}/merge", new { basedOn = 1, form = mine });
        merge.SavedBy.ShouldBe("Ottoline Fenwick");
        merge.Clashes.ShouldBeEmpty();
        merge.Theirs.ShouldHaveSingleItem().ShouldBe(new ChangeResponse(ChangeKind.Rewritten, 2, "no shout / shout"));
        merge.Mine.Select(c => c.Words).ShouldBe(["note", "note"]);
        merge.Merged.Moves[1].Shout.ShouldBeTrue();
        merge.Merged.Moves[1].Note.ShouldBe("late hip");

        (await instructor.Put($"/api/forms/{id}", new { basedOn = merge.Revision, form = merge.Merged })).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await head.Get<FormResponse>($"/api/forms/{id}")).Revision.ShouldBe(3);
    }

    [Fact]
    public async Task What_both_changed_comes_with_both_ways_in_words()
    {
        var head = await server.Enter("head");
        var opened = Words("Step left low block. Step right punch.");
        var id = (await head.Post<SavedIdResponse>("/api/forms", new { form = opened })).Id;
        FormDocument With(string technique) => opened with { Moves = [opened.Moves[0] with { Hands = [new HandDocument(technique, Hand.Left)] }, opened.Moves[1]] };
        await head.Put($"/api/forms/{id}", new { basedOn = 1, form = With("rising-block") });
        var clash = (await head.Post<MergeResponse>($"/api/forms/{id}/merge", new { basedOn = 1, form = With("palm-strike") })).Clashes.ShouldHaveSingleItem();
        clash.Part.ShouldBe("hands");
        clash.TheirsWords.ShouldContain("rising block");
        clash.Mine!.Hands[0].Technique.ShouldBe("palm-strike");
    }

    [Fact]
    public async Task A_revision_that_never_was_cannot_be_merged_with()
    {
        var head = await server.Enter("head");
        var id = (await head.Post<SavedIdResponse>("/api/forms", new { form = Words("Step left punch.") })).Id;
        (await head.Post($"/api/forms/{id}/merge", new { basedOn = 7, form = Words("Step left punch.") })).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await (await server.Enter("student")).Post($"/api/forms/{id}/merge", new { basedOn = 1, form = Words("Step left punch.") })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }
}
