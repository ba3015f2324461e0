using System.Text.Json;
using OpenQA.Selenium;
using Shouldly;

namespace TidyHeron.Browser.Tests;

/// <summary>Working on whole passages, findings and other ways, by keyboard.</summary>
public class PassageTests(DemoServer demo) : IClassFixture<DemoServer>
{
    private Person Writing(string title, string words, int rows)
    {
        var person = new Person(demo.Server.Address);
        person.EnterDemo("Head instructor");
        person.Field("Name of a new form").SendKeys(title + Keys.Enter);
        person.See(By.Id("say")).SendKeys(words + Keys.Enter);
        person.UntilRows(rows);
        person.Keys(Keys.Escape);
        return person;
    }

    /// <summary>Chooses a move by its position, from 1, with the arrows.</summary>
    private static void Choose(Person person, int position, int more = 0)
    {
        var ids = person.Driver.FindElements(By.CssSelector("[data-move]")).Select(e => e.GetDomAttribute("data-move")).ToList();
        for (var k = 0; k < ids.Count && Focused() != 0; k++) person.Keys(Keys.ArrowUp);
        for (var k = 1; k < position; k++) person.Keys(Keys.ArrowDown);
        person.Until(() => Focused() == position - 1, $"move {position} chosen");
        for (var k = 0; k < more; k++) person.KeysWith(Keys.Shift, Keys.ArrowDown);

        int Focused() => ids.FindIndex(id => person.Driver.Url.Contains($"move={id}"));
    }

    [Fact]
    public void A_passage_is_repeated_filled_replaced_copied_and_put_into_another_form()
    {
        using var person = Writing("Weir One", "step with the left foot into a left front stance, left punch. step with the right foot into a right front stance, right punch.", 2);
        Choose(person, 2);
        person.Keys("3", "s"); // three times in all, alternating
        person.UntilRows(4);
        person.Rows().Select(r => r.Contains("right foot")).ShouldBe([false, true, false, true]);

        Choose(person, 1, more: 1);
        person.Keys("i"); // the first two, mirrored
        person.Until(() => person.Rows()[0].Contains("right foot") && person.Rows()[1].Contains("left foot"), "the passage mirrored");

        Choose(person, 1); // one move chosen: the whole form is meant
        person.Keys("h");
        person.Field("Every").SendKeys("front stance" + Keys.Enter);
        person.Field("becomes").SendKeys("back stance" + Keys.Enter);
        person.Button("Replace").Click();
        person.Until(() => person.Rows().All(r => r.Contains("back stance")), "the stance replaced everywhere");

        Choose(person, 1, more: 3);
        person.KeysWith(Keys.Control, "c");
        person.SeeText("4 moves copied.");
        person.Open("/forms");
        person.Field("Name of a new form").SendKeys("Weir Two" + Keys.Enter);
        person.See(By.Id("say"));
        person.Keys(Keys.Escape);
        person.KeysWith(Keys.Control, "v");
        person.UntilRows(4);
        person.UntilSaved();
        person.Driver.Navigate().Refresh();
        person.UntilRows(4);
    }

    [Fact]
    public void A_finding_is_let_stand_for_a_reason_and_taken_up_again()
    {
        using var person = Writing("Askew", "turn 90 left facing 3 o'clock, left front stance, low block", 1);
        person.SeeText("1 finding");
        person.Keys("w", "a");
        person.Field("Why it may stand").SendKeys("the hall is askew" + Keys.Enter);
        person.SeeText("because the hall is askew");
        person.Until(() => !person.PageText().Contains("1 finding"), "the finding out of the way");
        person.UntilSaved();
        person.Driver.Navigate().Refresh();
        person.SeeText("because the hall is askew");
        person.Button("Take up again").Click();
        person.SeeText("1 finding");
    }

    [Fact]
    public void Another_way_is_kept_beside_the_move_with_whose_it_is()
    {
        using var person = Writing("Two Ways", "step with the left foot into a left front stance, left low block", 1);
        Choose(person, 1);
        person.Keys("v");
        person.Field("Said as a move").SendKeys("step with the left foot into a left cat stance, left knife hand block");
        person.SeeText("Understood: step with the left foot, left cat stance");
        person.AxeFindsNothing();
        person.Field("Whose way it is").SendKeys("the mill branch" + Keys.Enter);
        person.SeeText("Or (the mill branch):");
        person.Button("Do it this way").Click();
        person.Until(() => person.Rows()[0].StartsWith("1 L cat stance", StringComparison.Ordinal) || person.Rows()[0].Contains("cat stance"), "the other way taken");
        person.SeeText("Or (until now):");
    }

    [Fact]
    public void Two_people_see_what_each_did_and_merge()
    {
        using var first = Writing("Joined Ford", "step with the left foot, left low block. step with the right foot, right punch", 2);
        using var second = new Person(demo.Server.Address);
        first.UntilSaved();
        second.EnterDemo("Instructor");
        second.Driver.Navigate().GoToUrl(first.Driver.Url.Split('?')[0]);
        second.UntilRows(2);
        Choose(first, 2);
        first.See(By.Id("say")).SendKeys("kiai" + Keys.Enter);
        first.Until(() => first.Rows()[1].Contains("shout"), "the shout");
        first.UntilSaved();
        second.See(By.Id("say")).SendKeys("step with the left foot, left high block" + Keys.Enter);
        second.SeeText("Someone else saved this form meanwhile");
        second.SeeText("What Ottoline Fenwick did");
        second.SeeText("no shout / shout");
        second.AxeFindsNothing();
        second.Button("Keep both: merge").Click();
        second.UntilRows(3);
        second.UntilSaved();
        second.Rows()[1].ShouldContain("shout");
        first.Driver.Navigate().Refresh();
        first.UntilRows(3);
        first.Rows()[2].ShouldContain("rising block");
    }

    [Fact]
    public void What_could_mean_two_things_is_read_the_other_way_by_one_button()
    {
        using var person = Writing("Either Way", "turn left into a left front stance, low block. step forward, punch.", 2);
        var line = person.See(By.Id("say"));
        line.SendKeys("step left, punch");
        person.SeeText("Read as the left foot");
        person.Button("to the left").Click();
        person.Until(() => line.GetDomProperty("value") == "step to the left, punch", "the other words");
    }

    [Fact]
    public void A_form_of_three_hundred_moves_is_written_in_like_any_other()
    {
        using var person = new Person(demo.Server.Address);
        person.EnterDemo("Head instructor");
        var id = (string)person.Driver.ExecuteAsyncScript(AddLongForm)!;
        person.Open("/forms/" + id);
        person.UntilRows(300);
        // How long until an edit is on screen; told, not judged: this machine is shared.
        person.Keys(Keys.ArrowDown, Keys.ArrowDown);
        var waits = new List<double>();
        foreach (var key in new[] { "u", "n", "u", "n", "u", "n", "u" })
        {
            waits.Add(Convert.ToDouble(person.Driver.ExecuteAsyncScript(EditAndWait, key)));
            person.UntilSaved();
        }
        waits.ShouldAllBe(w => w >= 0, string.Join(" ", waits));
        TestContext.Current.TestOutputHelper?.WriteLine($"300 moves: an edit is on screen after {waits.Order().ElementAt(waits.Count / 2):0} ms (median of {waits.Count})");
    }

    [Fact]
    public void A_hundred_moves_in_the_line_are_told_back_as_one_types_on()
    {
        using var person = new Person(demo.Server.Address);
        person.BeginForm("Hundred");
        // How long from a key to the reading on screen; told, not judged, as above.
        var waits = new List<double>();
        for (var more = 0; more < 8; more++) waits.Add(Convert.ToDouble(person.Driver.ExecuteAsyncScript(SayAndWait, more, 100 + more)));
        waits.ShouldAllBe(w => w >= 0, string.Join(" ", waits));
        person.See(By.CssSelector("[aria-label='Each move as it was read']")).FindElements(By.TagName("dl")).Count.ShouldBe(107);
        TestContext.Current.TestOutputHelper?.WriteLine($"100 moves in the line: read {waits.Skip(1).Order().ElementAt(3):0} ms after a key (median of {waits.Count - 1}, after the paste)");
    }

    // A text of a hundred moves and some more in the line; resolves with the time until so many are told back, or -1.
    private const string SayAndWait = """
        const [more, expected, done] = arguments;
        const line = document.querySelector('#say');
        const text = 'Turn left, left front stance, low block. ' + 'Step, right punch. Step, left punch. Step, rising block. '.repeat(33) + 'Step, punch. '.repeat(more);
        const since = performance.now();
        Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(line, text);
        line.dispatchEvent(new Event('input', { bubbles: true }));
        const look = () => {
            if (document.querySelector('[aria-label="What was understood"] b')?.textContent === `${expected} moves`) requestAnimationFrame(() => done(performance.now() - since));
            else if (performance.now() - since > 20000) done(-1);
            else requestAnimationFrame(look);
        };
        look();
        """;

    // A form of 60 times five moves, put in as a file; resolves with its id.
    private const string AddLongForm = """
        const done = arguments[0];
        (async () => {
          const { token } = await (await fetch('/api/session')).json();
          const post = async (path, body) =>
            (await fetch(path, { method: 'POST', headers: { 'content-type': 'application/json', 'X-Heron-Token': token }, body: JSON.stringify(body) })).json();
          const text = 'turn 90 left, left front stance, left low block. step right front stance, right punch. step left front stance, left rising block. '
            + 'turn 180 right, right back stance, right knife hand block. step left front kick, landing in front, reverse punch.';
          const said = await post('/api/dictation', { text });
          const five = said.form.moves.slice(0, 5).map(m => ({ ...m, id: null }));
          const form = { ...said.form, title: 'Long Fen', moves: Array.from({ length: 60 }, () => five).flat() };
          done((await post('/api/forms/import', { as: 'json', content: JSON.stringify(form) })).id);
        })();
        """;

    // Resolves with the milliseconds from the key to the frame that shows the change, or -1 if nothing changed.
    private const string EditAndWait = """
        const [key, done] = arguments;
        const row = () => document.querySelector('[aria-selected=true] .col-count').textContent;
        const before = row(), start = performance.now();
        const watch = new MutationObserver(() => {
          if (row() === before) return;
          watch.disconnect();
          requestAnimationFrame(() => setTimeout(() => done(performance.now() - start)));
        });
        watch.observe(document.querySelector('main'), { subtree: true, childList: true, characterData: true });
        document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        setTimeout(() => done(-1), 15000);
        """;
}
