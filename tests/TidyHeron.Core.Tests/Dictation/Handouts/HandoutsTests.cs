using System.Text.RegularExpressions;
using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Tests.Dictation.BlindTexts;

namespace TidyHeron.Core.Tests.Dictation.Handouts;

/// <summary>
/// Forms as schools write them down for their students, each count named first and told out after, with points below its number, in columns
/// of limbs, and copied from pages, chats and subtitles, are read like the same form told plainly. The layouts: common practice.
/// </summary>
public sealed partial class HandoutsTests
{
    /// <summary>One made up count: how one gets there, what one stands in, and what is done with which hand.</summary>
    private sealed record Count(string Feet, string Lead, string Stance, string Hand, string Technique)
    {
        public string InStance => $"{Lead} {Stance} stance";

        public string Done => $"{Hand} {Technique}";
    }

    private static readonly string[] Stances = ["front", "back", "cat"];
    private static readonly string[] Techniques = ["low block", "rising block", "hammer fist", "punch", "back fist", "palm strike", "knife-hand block"];

    /// <summary>Ways of writing a form down; the count and its number, from one.</summary>
    private static readonly Dictionary<string, Func<IReadOnlyList<Count>, string>> Layouts = new()
    {
        ["named, then a sentence"] = Each((c, n) => $"{n}. {Big(c.Done)}. {Big(c.Feet)}, {c.InStance}."),
        ["named, then a colon"] = Each((c, n) => $"{n}. {Big(c.Done)}: {c.Feet}, {c.InStance}."),
        ["named, then a dash"] = Each((c, n) => $"{n}) {Big(c.Done)} - {c.Feet}, {c.InStance}"),
        ["named, then sentences"] = Each((c, n) => $"Step {n}: {Big(c.Done)}\n{Big(c.Feet)}. {Big(c.InStance)}.\n"),
        ["named, then a line further in"] = Each((c, n) => $"{n}. {Big(c.Done)}\n   {Big(c.Feet)}, {c.InStance}."),
        ["named, then points"] = Each((c, n) => $"{n}. {Big(c.Done)}\n- {Big(c.Feet)}\n- {Big(c.InStance)}"),
        ["named with the stance"] = Each((c, n) => $"Count {n} - {c.InStance}, {c.Done}\n{Big(c.Feet)}."),
        ["named in brackets after"] = Each((c, n) => $"{n}. {Big(c.Done)} ({c.Feet}, {c.InStance})"),
        ["named and told again"] = Each((c, n) => $"{n}. {c.Done.ToUpperInvariant()}\n{Big(c.Feet)}, {c.InStance}, and make a {c.Done}."),
        ["named, without numbers"] = Each((c, _) => $"{Big(c.Done)}\n{Big(c.Feet)}, {c.InStance}."),
        ["named, without numbers, in brackets"] = Each((c, _) => $"{Big(c.Done)} ({c.Feet}, {c.InStance})"),
        ["points below a number"] = Each((c, n) => $"{n}. {Big(c.Feet)}\n   - {c.InStance}\n   - {c.Done}"),
        ["points with a remark among them"] = Each((c, n) => $"{n}. {Big(c.Feet)}, {c.Done}\n   • keep your weight low\n   • {c.InStance}"),
        ["letters below a number"] = Each((c, n) => $"{n}. {Big(c.Feet)}\n   a. {c.InStance}\n   b. {c.Done}"),
        ["a table that names first"] = counts => "| No | Technique | Stance | Step |\n|---|---|---|---|\n" + string.Join('\n', counts.Select((c, i) => $"| {i + 1} | {c.Done} | {c.Lead} {c.Stance} | {c.Feet} |")),
        ["a table of hands"] = counts => "Count\tLeft hand\tRight hand\tFeet\n" + string.Join('\n', counts.Select((c, i) => $"{i + 1}\t{(c.Hand == "left" ? c.Technique : "hip")}\t{(c.Hand == "right" ? c.Technique : "hip")}\t{c.Feet}, {c.InStance}")),
        ["cells with labels that name first"] = Each((c, _) => $"Technique: {c.Done} / Stance: {c.Lead} {c.Stance} / Step: {c.Feet}"),
        ["blocks with labels"] = Each((c, n) => $"Move: {n}\nStance: {c.Lead} {c.Stance}\nFeet: {c.Feet}\nHands: {c.Done}\n"),
        ["emphasis"] = Each((c, n) => $"**Count {n}** – {c.Feet}, *{c.InStance}*, __{c.Done}__"),
        ["a list of tags"] = counts => $"<ol>{string.Concat(counts.Select(c => $"<li>{Big(c.Feet)}, {c.InStance}, <b>{c.Done}</b></li>"))}</ol>",
        ["subtitles"] = Each((c, n) => $"{n}\n00:00:{n:00},000 --> 00:00:{n:00},900\n{Big(c.Feet)},\n{c.InStance}, {c.Done}.\n"),
        ["a chat"] = Each((c, n) => $"[14:{n:00}] {(n % 3 == 0 ? "Jonte" : "Marla Ast")}: {c.Feet}, {c.InStance}, {c.Done}"),
        ["pages"] = counts => string.Join("\nPage 1 of 2\n", counts.Chunk(3).Select(page => string.Join('\n', page.Select(c => $"{Big(c.Feet)}, {c.InStance}, {c.Done}.")))),
    };

    public static TheoryData<string> Ways => [.. Layouts.Keys];

    [Theory]
    [MemberData(nameof(Ways))]
    public void A_form_is_read_as_if_it_were_told_plainly(string layout)
    {
        var dice = new Random(layout.Length);
        for (var round = 0; round < 12; round++)
        {
            var counts = Enumerable.Range(0, 4 + dice.Next(8)).Select(i => Made(i, dice)).ToList();
            var plain = Samples.Say(string.Join('\n', counts.Select(c => $"{Big(c.Feet)}, {c.InStance}, {c.Done}.")));
            var text = Layouts[layout](counts);

            var reading = Samples.Say(text);

            // What the other hand does at the hip is told in some of them only.
            Row.Of(reading.Form).Select(r => AtTheHip().Replace(r.ToString(), "")).ShouldBe(Row.Of(plain.Form).Select(r => r.ToString()), text);
            reading.Unread.ShouldBeEmpty(text);
        }
    }

    [GeneratedRegex(", [lr] chamber|(?<=: )[lr] chamber, ")]
    private static partial Regex AtTheHip();

    [Fact]
    public void A_name_told_out_on_the_spot_is_one_move()
    {
        var form = Samples.Say("1. Left low block\nLeft foot steps to the left, front stance.\n2. Reverse punch\nFeet stay where they are.\n3. Right punch\nRight foot steps forward.").Form;

        form.Moves.Select(m => (m.Footwork?.Kind.Value, m.Hands[0].Technique.Value)).ShouldBe([("step", "low-block"), ("stay", "reverse-punch"), ("step", "punch")]);
    }

    private static Count Made(int i, Random dice)
    {
        var foot = i % 2 == 0 ? "left" : "right";
        var feet = dice.Next(4) switch
        {
            0 when i > 0 => $"turn 180 degrees to the {foot} with the {foot} foot",
            1 when i > 0 => $"turn 90 degrees to the {foot} with the {foot} foot",
            _ => $"step forward with the {foot} foot",
        };
        return new Count(feet, foot, Stances[dice.Next(Stances.Length)], dice.Next(2) == 0 ? "left" : "right", Techniques[dice.Next(Techniques.Length)]);
    }

    private static Func<IReadOnlyList<Count>, string> Each(Func<Count, int, string> line) => counts => string.Join('\n', counts.Select((c, i) => line(c, i + 1)));

    private static string Big(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
