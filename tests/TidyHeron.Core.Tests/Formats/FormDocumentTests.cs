using System.Text.Json;
using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;

namespace TidyHeron.Core.Tests.Formats;

public class FormDocumentTests
{
    [Fact]
    public void A_form_written_and_read_again_is_the_same_form() => Samples.AnyForm.Sample(form =>
        FormDocuments.Read(Json.ReadForm(Json.Write(FormDocuments.Write(form))), Vocabulary.Standard).ShouldBe(form));

    [Fact]
    public void Every_place_that_is_wrong_is_named_with_its_remedy()
    {
        var errors = Should.Throw<BadDocumentException>(() => FormDocuments.Read(Json.ReadForm("""
            { "format": "tidy-heron/form", "version": 1, "title": "x",
              "moves": [ { "id": "a", "stance": { "kind": "front-stance" } },
                         { "id": "a", "facing": 360, "stance": { "kind": "wobbly-stance" }, "hands": [ { "technique": "front-stance" } ] } ],
              "sections": [ { "first": "z" } ] }
            """), Vocabulary.Standard)).Errors;
        errors.Keys.ShouldBe(["moves[1].facing", "moves[1].stance.kind", "moves[1].hands[0].technique", "moves[1].id", "sections[0].first"], ignoreOrder: true);
        errors["moves[1].stance.kind"][0].ShouldBe("\"wobbly-stance\" is no stance of this school. Use an id from the terms page, such as \"front-stance\".");
    }

    [Theory]
    [InlineData("""{ "moves": [ { "shout": "yes" } ] }""", "$.moves[0].shout")]
    [InlineData("""{ "moves": [ { "stance": { "kind": "front-stance", "lead": "middle" } } ] }""", "$.moves[0].stance.lead")]
    [InlineData("""{ "moves": null }""", "$.moves")]
    [InlineData("""{ "sections": [ { "name": "no first" } ] }""", "$.sections[0]")]
    public void A_document_of_another_shape_is_refused_with_the_place(string json, string place) =>
        Should.Throw<JsonException>(() => Json.ReadForm(json)).Path.ShouldBe(place);

    /// <summary>The published schema is read by a general schema library and accepts what is written, and only that.</summary>
    [Fact]
    public async Task What_is_written_is_valid_by_the_published_schema_and_nonsense_is_not()
    {
        var schema = await NJsonSchema.JsonSchema.FromJsonAsync(FormSchema.Text, TestContext.Current.CancellationToken);
        Samples.AnyForm.Sample(form => schema.Validate(Json.Write(FormDocuments.Write(form))).ShouldBeEmpty(), iter: 50);
        schema.Validate("""{ "moves": [ { "shout": "yes" } ] }""").ShouldNotBeEmpty();
        schema.Validate("""{ "sections": [ { "name": "no first move" } ] }""").ShouldNotBeEmpty();
    }

    [Fact]
    public void Another_version_is_refused() =>
        Should.Throw<BadDocumentException>(() => FormDocuments.Read(Json.ReadForm("""{ "version": 2 }"""), Vocabulary.Standard)).Errors.ShouldContainKey("version");

    [Fact]
    public void Ids_that_are_missing_are_made_up()
    {
        var form = FormDocuments.Read(Json.ReadForm("""{ "moves": [ {}, {} ] }"""), Vocabulary.Standard);
        form.Moves[0].Id.ShouldNotBe(form.Moves[1].Id);
    }

    [Fact]
    public void The_edits_of_all_fixes_can_be_sent_and_read_back()
    {
        var form = Samples.Say("Turn 90 left facing three o'clock. Step left into right front stance. Left punch while left low block.").Form;
        foreach (var edit in Samples.ReadingOf(form).Findings.SelectMany(f => f.Fixes).Select(f => f.Edit))
        {
            var json = JsonSerializer.Serialize(EditDocuments.Write(edit), Json.Options);
            ((Edit)EditDocuments.Read(JsonSerializer.Deserialize<EditDocument>(json, Json.Options)!, Samples.Ways)).Apply(form).ShouldBe(edit.Apply(form));
        }
    }
}
