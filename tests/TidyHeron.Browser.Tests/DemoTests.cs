using OpenQA.Selenium;
using Shouldly;

namespace TidyHeron.Browser.Tests;

public sealed class DemoServer : IAsyncLifetime
{
    public RunningServer Server { get; private set; } = null!;

    public async ValueTask InitializeAsync() => Server = await RunningServer.Start(demo: true);

    public ValueTask DisposeAsync() => Server.DisposeAsync();
}

/// <summary>The demo school as each role sees it.</summary>
public class DemoTests(DemoServer demo) : IClassFixture<DemoServer>
{
    private Person Visit(int width = 1280, int height = 800) => new(demo.Server.Address, width, height);

    [Fact]
    public void A_student_reads_and_has_nothing_to_write_with()
    {
        using var person = Visit();
        person.EnterDemo("Student");
        person.SeeText("Still Water").Click();
        person.Until(() => person.RowCount() > 20, "the score");
        person.Driver.FindElements(By.Id("say")).ShouldBeEmpty();
        person.Keys(Keys.ArrowDown, Keys.Delete, "s");
        person.RowCount().ShouldBe(30);
        person.SeeText("My record").Click();
        person.See(By.XPath("//h1[normalize-space(.)='Juna Faircross']"));
    }

    [Fact]
    public void No_page_has_anything_that_shuts_somebody_out()
    {
        using var person = Visit();
        person.Open("/");
        person.See(By.TagName("h1"));
        person.AxeFindsNothing();
        person.EnterDemo("Head instructor");
        person.AxeFindsNothing();
        foreach (var (path, seen) in new[] { ("/applications", "Roof and pour"), ("/knowledge", "Tamsin Weir"), ("/students", "Tamsin Weir"), ("/terms", "goat-clamping stance"), ("/school", "Who may sign in") })
        {
            person.Open(path);
            person.SeeText(seen);
            person.AxeFindsNothing();
        }
        person.Open("/forms");
        person.SeeText("Still Water").Click();
        person.Until(() => person.RowCount() > 20, "the score");
        person.Keys(Keys.ArrowDown);
        person.AxeFindsNothing();
        person.Keys(Keys.Enter);
        person.SeeText("Facing afterwards");
        person.AxeFindsNothing();
        person.Keys(Keys.Escape, "?");
        person.SeeText("Keys of the score");
        person.AxeFindsNothing();
    }

    [Fact]
    public void At_phone_width_nothing_is_wider_than_the_screen()
    {
        using var person = Visit(390, 844);
        person.Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride", new Dictionary<string, object?> { ["width"] = 390, ["height"] = 844, ["deviceScaleFactor"] = 2, ["mobile"] = true });
        person.EnterDemo("Instructor");
        foreach (var (path, seen) in new[] { ("/forms", "Still Water"), ("/applications", "Roof and pour"), ("/students", "Ansel Birkmoor"), ("/terms", "goat-clamping stance") })
        {
            person.Open(path);
            person.SeeText(seen);
            Fits(person, path);
        }
        person.Open("/forms");
        person.SeeText("Still Water").Click();
        person.Until(() => person.RowCount() > 20, "the score");
        Fits(person, "the score");
        // However much of it was not understood, or comes to nothing.
        person.See(By.Id("say")).SendKeys("Borograves gimble slithy, brillig outgrabe mimsy, vorpal frumious. Horse stance. Right foot to nine o'clock, left hand, low block with the right, jubjub tulgey burbled galumphing");
        person.SeeText("Not understood:");
        person.SeeText("galumphing");
        Fits(person, "the line");

        static void Fits(Person person, string what) =>
            ((long)person.Driver.ExecuteScript("return document.documentElement.scrollWidth")!).ShouldBeLessThanOrEqualTo(390, what);
    }

    [Fact]
    public void Two_people_writing_one_form_lose_nothing()
    {
        using var first = Visit();
        using var second = Visit();
        first.EnterDemo("Head instructor");
        first.Field("Name of a new form").SendKeys("Shared Ford" + Keys.Enter);
        first.See(By.Id("say")).SendKeys("step left, low block" + Keys.Enter);
        first.UntilRows(1);
        first.UntilSaved();
        second.EnterDemo("Instructor");
        second.Driver.Navigate().GoToUrl(first.Driver.Url);
        second.UntilRows(1);
        first.See(By.Id("say")).SendKeys("step right, punch" + Keys.Enter);
        first.UntilRows(2);
        first.UntilSaved();
        second.See(By.Id("say")).SendKeys("step right, high block" + Keys.Enter);
        second.SeeText("Someone else saved this form meanwhile");
        second.SeeText("Ottoline Fenwick");
        second.Button("Keep mine as a copy").Click();
        second.Until(() => second.Driver.Title.Length > 0 && second.PageText().Contains("Shared Ford (my copy)"), "the copy");
        second.UntilRows(2);
        second.Rows()[1].ShouldContain("rising block");
        first.Driver.Navigate().Refresh();
        first.UntilRows(2);
        first.Rows()[1].ShouldContain("punch");
    }

    [Fact]
    public void A_browser_that_dies_while_someone_types_loses_nothing()
    {
        var profile = Directory.CreateTempSubdirectory("heron-killed-").FullName;
        string url;
        using (var person = new Person(demo.Server.Address, profile: profile))
        {
            person.EnterDemo("Head instructor");
            person.Field("Name of a new form").SendKeys("Cut Short" + Keys.Enter);
            person.See(By.Id("say")).SendKeys("step left, low block" + Keys.Enter);
            person.UntilRows(1);
            person.UntilSaved();
            person.See(By.Id("say")).SendKeys("step right, high bl");
            person.SeeText("step right, high bl");
            url = person.Driver.Url;
            person.Until(() => person.Kept("heron.line.") == "step right, high bl", "the words on the disk");
            person.KillBrowser();
        }
        using var again = new Person(demo.Server.Address, profile: profile);
        again.EnterDemo("Head instructor"); // cookies are written more rarely than what a page stores
        again.Driver.Navigate().GoToUrl(url);
        again.UntilRows(1);
        again.See(By.Id("say")).GetDomProperty("value").ShouldBe("step right, high bl");
    }

    [Fact]
    public async Task While_the_server_is_away_work_is_kept_and_saved_when_it_returns()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        var line = person.BeginForm("Low Tide");
        line.SendKeys("step left, low block. step right, punch" + Keys.Enter);
        person.UntilRows(2);
        person.UntilSaved();
        person.Keys(Keys.Escape);
        await server.Stop();
        person.KeysWith(Keys.Control, "z"); // back needs no server; saving it does
        person.UntilRows(0);
        person.SeeText("waiting for the server");
        await server.Start();
        person.UntilSaved();
        person.Driver.Navigate().Refresh();
        person.SeeText("Nothing is written yet");
    }

    [Fact]
    public async Task On_a_phone_the_marks_under_a_long_text_stay_beneath_their_words()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        person.EnterDemo("Head instructor");
        person.Driver.Manage().Window.Size = new System.Drawing.Size(420, 800);
        person.Field("Name of a new form").SendKeys("Low Tide" + Keys.Enter);
        var line = person.See(By.Id("say"));
        line.SendKeys(string.Concat(Enumerable.Repeat("look to your left, step into left front stance, low block. ", 8)));
        person.See(By.CssSelector("mark.line-assumed"));
        var script = (IJavaScriptExecutor)person.Driver;
        long Scrolled(string what) => Convert.ToInt64(script.ExecuteScript($"return Math.round(document.querySelector('{what}').scrollTop)"));
        // The caret is at the end, so the line has scrolled; the marks beneath it with it, and as tall.
        person.Until(() => Scrolled("#say") > 0 && Scrolled("div.line-text") == Scrolled("#say"), "marks scrolled with the line");
        Convert.ToInt64(script.ExecuteScript("return document.querySelector('div.line-text').scrollHeight - document.querySelector('#say').scrollHeight")).ShouldBeInRange(-2, 2);
        script.ExecuteScript("document.querySelector('#say').scrollTop = 0");
        person.Until(() => Scrolled("#say") == 0 && Scrolled("div.line-text") == 0, "both back at the first line");
    }

    [Fact]
    public async Task A_pasted_walk_through_shows_first_what_needs_a_decision_and_then_every_move()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        var line = person.BeginForm("Ebb");
        line.SendKeys("Turn left, left front stance, low block. Step, punch. Turn right 180, low block. Step, punch. Turn left, low block. Step, rising block. Three punches, flurb. Turn left 270 to face twelve o'clock, low block.");
        person.SeeText("Not understood:");
        person.PageText().ShouldContain("Read as 10 moves on 10 counts.");
        person.PageText().ShouldContain("Count 7: “punches”: Read as three steps, as before.");
        // Where it leads is on the floor before anything is added.
        person.SeeText("With what stands in the line, not added yet.");
        // What contradicts itself far down is told at the top, with its count.
        person.SeeText("Count 10:");
        var moves = person.See(By.CssSelector("[aria-label='Each move as it was read']"));
        moves.FindElements(By.CssSelector("dl")).Count.ShouldBe(10);
        // By keyboard alone the last of them is reached, and the score stays in sight.
        var window = person.See(By.CssSelector("[aria-label='What was understood']"));
        line.SendKeys(Keys.Tab);
        person.Driver.SwitchTo().ActiveElement().ShouldBe(window);
        person.Keys(Keys.End);
        person.Until(() => Convert.ToInt64(((IJavaScriptExecutor)person.Driver).ExecuteScript("return Math.round(arguments[0].scrollTop)", window)) > 0, "scrolled to the last move");
        person.SeeText("Nothing is written yet").Location.Y.ShouldBeLessThan(line.Location.Y);
        person.AxeFindsNothing();
        person.Button("No: “punches on the spot”").Click();
        person.SeeText("8 counts");
        line.SendKeys(Keys.Enter);
        person.UntilRows(10);
        person.Until(() => !person.PageText().Contains("not added yet"), "the floor shows what is written");
    }

    [Fact]
    public async Task Words_half_typed_are_there_when_one_leaves_the_page_and_comes_back_at_once()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        var line = person.BeginForm("Sedge");
        // Letter by letter, so that a write is under way and the newest words wait for it when the page is left.
        const string Words = "left front stance, low bl";
        line.SendKeys(Words);
        person.See(By.XPath("//nav//a[normalize-space(.)='Forms']")).Click();
        person.See(By.XPath("//h1[normalize-space(.)='Forms']"));
        person.Driver.Navigate().Back();
        person.Until(() => person.See(By.Id("say")).GetAttribute("value") == Words, "the words typed");
        // And what was emptied stays empty.
        person.See(By.Id("say")).SendKeys(Keys.Control + "a" + Keys.Null + Keys.Delete);
        person.See(By.XPath("//nav//a[normalize-space(.)='Forms']")).Click();
        person.See(By.XPath("//h1[normalize-space(.)='Forms']"));
        person.Driver.Navigate().Back();
        person.See(By.Id("say")).GetAttribute("value").ShouldBe("");
    }

    [Fact]
    public async Task A_pasted_walk_through_is_proofread_beside_its_own_words()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        var line = person.BeginForm("Marsh");
        line.SendKeys("Left front stance, low block. Good. Now step, right punch. Step, left punch. Turn right 180, low block to the corner. Step, punch. Step, punch, twice. Feet together, bow.");
        var moves = person.See(By.CssSelector("[aria-label='Each move as it was read']"));
        moves.FindElements(By.TagName("button")).Select(b => b.Text).Take(3).ShouldBe(["Left front stance, low block. Good.", "Now step, right punch.", "Step, left punch."]);
        // What was said and came to nothing stands at the top and is marked in its words.
        person.PageText().ShouldContain("Said, but nothing comes from it: Count 4: “corner”");
        moves.FindElement(By.CssSelector("mark.line-unread")).Text.ShouldBe("corner");
        person.AxeFindsNothing();
        // The floor shows the move that one points at, and the last one again afterwards.
        new OpenQA.Selenium.Interactions.Actions(person.Driver).MoveToElement(person.Button("Step, left punch.")).Perform();
        person.See(By.CssSelector("svg[aria-label*='after count 3']"));
        new OpenQA.Selenium.Interactions.Actions(person.Driver).MoveToElement(line).Perform();
        person.Until(() => person.Driver.FindElements(By.CssSelector("svg[aria-label*='after count 3']")).Count == 0, "the last move on the floor");
        // Choosing words goes to them in the line, and typing puts others in their place.
        person.Button("Step, left punch.").Click();
        var script = (IJavaScriptExecutor)person.Driver;
        script.ExecuteScript("const l = document.querySelector('#say'); return l.value.slice(l.selectionStart, l.selectionEnd)").ShouldBe("Step, left punch.");
        person.Driver.SwitchTo().ActiveElement().ShouldBe(line);
        line.SendKeys("Reverse punch.");
        person.Until(() => line.GetAttribute("value")!.Contains("right punch. Reverse punch. Turn right", StringComparison.Ordinal), "the other words in the line");
        person.Until(() => person.See(By.CssSelector("[aria-label='Each move as it was read']")).Text.Contains("Reverse punch.", StringComparison.Ordinal), "and beside what is read from them");
    }

    [Fact]
    public async Task A_walk_through_that_ends_far_off_says_which_turn_would_bring_it_back()
    {
        await using var server = await RunningServer.Start(demo: true);
        using var person = new Person(server.Address);
        var line = person.BeginForm("Square");
        const string Square = "1. Step left foot forward, front stance. 2. Step, punch. 3. Turn left 90, low block. 4. Step, punch. 5. Turn left 90, low block. 6. Step, punch. 7. Turn right 90, low block. 8. Step, punch. 9. Step, punch. Return to ready.";
        line.SendKeys(Square);
        person.SeeText("The form ends far from where it began.");
        person.PageText().ShouldContain("if count 7 turned 90° left (read as 90° right):");
        person.AxeFindsNothing();
        line.SendKeys(Keys.Control + "a");
        line.SendKeys(Square.Replace("right 90", "left 90"));
        person.Until(() => !person.PageText().Contains("ends far from"), "nothing to mend any more");
    }
}
