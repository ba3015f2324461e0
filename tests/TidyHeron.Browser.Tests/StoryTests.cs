using OpenQA.Selenium;
using Shouldly;

namespace TidyHeron.Browser.Tests;

/// <summary>
/// A newcomer's whole story in one school: found it, say a form, see it, cut it, link an application, mark who knows
/// it; then a reload and a restart of the server, and everything is still there.
/// </summary>
public class StoryTests
{
    [Fact]
    public async Task From_words_to_a_taught_form()
    {
        await using var server = await RunningServer.Start(demo: false);
        using var person = new Person(server.Address);

        // Found the school.
        person.Open("/");
        person.Field("Name of the school").SendKeys("Alder Hall");
        person.Field("Your name").SendKeys("Ida Marsh");
        person.Field("Your email address").SendKeys("ida@alder.example");
        person.Field("A password of at least ten characters").SendKeys("long enough now" + Keys.Enter);

        // Write, by keyboard alone.
        person.SeeText("No form is written yet");
        person.Field("Name of a new form").SendKeys("Alder One" + Keys.Enter);
        var line = person.See(By.Id("say"));
        line.SendKeys("Start in ready stance. Step with the left foot to nine o'clock, left front stance, left low block");
        person.SeeText("left hand");
        person.See(By.XPath("//dd[contains(., 'front stance')]"));
        line.SendKeys(Keys.Enter);
        person.UntilRows(1);
        line.SendKeys("step forward, rigt hand punch");
        person.Until(() => person.Driver.FindElements(By.CssSelector("mark.line-unread")).Any(m => m.Text == "rigt" || m.GetDomProperty("textContent") == "rigt"), "the unread word marked in place");
        line.SendKeys(Keys.Control + "a");
        line.SendKeys("step forward, right hand punch, kiai" + Keys.Enter);
        person.UntilRows(2);
        line.SendKeys("turn 180 right with the right foot, right low block" + Keys.Enter);
        person.UntilRows(3);
        line.SendKeys("step forward left punch" + Keys.Enter);
        person.UntilRows(4);

        // See.
        person.Rows()[0].ShouldContain("nine o'clock");
        person.Rows()[1].ShouldContain("shout");
        person.Rows()[2].ShouldContain("three o'clock");
        person.See(By.CssSelector("svg[role=img]")).GetAttribute("aria-label")!.ShouldContain("facing three o'clock");
        person.SeeText("from where it began");

        // A contradiction is found while writing, and fixed by one key.
        line.SendKeys("turn 90 left to face three o'clock, low block" + Keys.Enter);
        person.UntilRows(5);
        person.SeeText("but the move says facing three o'clock");
        line.SendKeys(Keys.Escape);
        person.Keys("x");
        person.Until(() => !person.PageText().Contains("but the move says"), "the finding gone");
        person.Keys(Keys.Delete);
        person.UntilRows(4);

        // Edit: other side, undo, join to the count above and back.
        person.Keys("s");
        person.UntilRows(5);
        person.KeysWith(Keys.Control, "z");
        person.UntilRows(4);
        person.Keys("t");
        person.Until(() => person.Rows()[3].Contains("3 cont."), "the move joined to count 3");
        person.Keys("n");
        person.Until(() => person.Rows()[3].StartsWith('4'), "the move with a count of its own");

        // Cut before count 3 and name the section.
        person.Keys(Keys.ArrowUp, "d");
        person.See(By.XPath("//h2[contains(., 'B')]"));
        person.SeeText("starts from: right front stance, facing nine o'clock");
        person.Keys("e");
        person.Field("What the school calls it").SendKeys("Coming back" + Keys.Enter);
        person.SeeText("Coming back");

        // Link an application to counts 3 and 4.
        person.KeysWith(Keys.Shift, Keys.ArrowDown);
        person.Keys("l");
        person.Field("Name").SendKeys("Turn and cover");
        var steps = person.Driver.FindElements(By.XPath("//*[@id=//label[normalize-space(.)='does']/@for]"));
        steps[0].SendKeys("Push with the right hand.");
        steps[1].SendKeys("Turn to the right, left hand covers.");
        person.Button("Link it").Click();
        person.SeeText("Application: Turn and cover");
        person.UntilSaved();
        var form = person.Driver.Url;

        // Read it for the other side.
        person.SeeText("Application: Turn and cover").Click();
        person.Button("Read for the other side").Click();
        person.SeeText("Turn to the left, right hand covers.");

        // Track: a student and a mark.
        person.Open("/students");
        person.Button("Add a student").Click();
        person.Field("Name").SendKeys("Tom Reed" + Keys.Enter);
        person.SeeText("Tom Reed");
        person.Open("/knowledge");
        var cell = person.See(By.CssSelector("[data-cell='0-0']"));
        cell.Click();
        person.SeeText("Tom Reed, section A: shown once."); // said once the server has taken it
        person.Keys(Keys.ArrowRight, "3");
        person.SeeText("Tom Reed, section B: by the count.");

        // The server restarts; the page is loaded again.
        await server.Stop();
        await server.Start();
        person.Driver.Navigate().GoToUrl(form);
        person.UntilRows(4);
        person.SeeText("Coming back");
        person.SeeText("Application: Turn and cover");
        person.Open("/knowledge");
        person.See(By.CssSelector("[data-cell='0-1']")).GetDomProperty("textContent")!.ShouldContain("section B: by the count");
        person.SeeText("Tom Reed").Click();
        person.SeeText("by the count");
        person.SeeText("Ida Marsh");
    }
}
