using OpenQA.Selenium;
using Shouldly;

namespace TidyHeron.Browser.Tests;

/// <summary>Writing a whole form with nothing but the keyboard, and what it costs in keystrokes.</summary>
public class KeyboardTests(DemoServer demo) : IClassFixture<DemoServer>
{
    // What a teacher who knows the line would type: short words, and commands for what repeats.
    private static readonly string[] Said =
    [
        "ready stance",
        "left foot to 9 o'clock front stance low block",
        "step punch",
        "turn 180 right low block",
        "step punch",
        "90 left low block",
        "step high block",
        "twice more alternating",
        "kiai",
        "270 left low block",
        "step punch",
        "turn 180 right low block",
        "step punch",
        "90 left low block",
        "step punch",
        "twice more alternating",
        "kiai",
        "270 left left back stance knife hand block",
        "step",
        "turn 180 right",
        "step",
        "return to ready",
    ];

    [Fact]
    public void Twenty_counts_are_written_by_keyboard_alone_with_few_keystrokes()
    {
        using var person = new Person(demo.Server.Address);
        person.EnterDemo("Head instructor");
        person.Field("Name of a new form").SendKeys("By Keys" + Keys.Enter);
        person.See(By.Id("say"));
        person.Keys("."); // from the score to the line
        var strokes = 1;
        foreach (var words in Said)
        {
            var line = person.Driver.SwitchTo().ActiveElement();
            line.GetAttribute("id").ShouldBe("say");
            line.SendKeys(words + Keys.Enter);
            strokes += words.Length + 1;
            person.Until(() => line.GetDomProperty("value") == "", $"\"{words}\" taken in");
        }
        person.UntilSaved();
        person.SeeText("20 counts");
        person.PageText().ShouldNotContain("finding");
        person.PageText().ShouldNotContain("Not understood");
        TestContext.Current.TestOutputHelper?.WriteLine($"{strokes} keystrokes for 20 counts: {strokes / 20.0:0.0} a count");
        (strokes / 20.0).ShouldBeLessThan(25);
    }

    [Fact]
    public void An_earlier_save_is_compared_and_taken_back()
    {
        using var person = new Person(demo.Server.Address);
        var line = person.BeginForm("Second Thoughts");
        line.SendKeys("step left, low block" + Keys.Enter);
        person.UntilRows(1);
        person.UntilSaved();
        line.SendKeys("step right, punch" + Keys.Enter);
        person.UntilRows(2);
        person.UntilSaved();
        person.Button("Menu").SendKeys(Keys.Enter);
        person.See(By.XPath("//*[@role='menuitem'][normalize-space(.)='History']")).Click();
        person.See(By.XPath("//li[contains(., '2')]//button[contains(., 'Compare')]")).Click();
        person.SeeText("only on the right");
        person.AxeFindsNothing();
        person.Button("Make the form as it was in save 2").Click();
        person.UntilRows(1);
        person.Driver.Navigate().Refresh();
        person.UntilRows(1);
    }

    [Fact]
    public void An_unread_word_is_taught_where_it_stands()
    {
        using var person = new Person(demo.Server.Address);
        var line = person.BeginForm("New Words");
        line.SendKeys("step left into a bitternstand");
        person.Button("this means").Click();
        person.Field("Which term").SendKeys("cat stance" + Keys.Enter);
        person.Button("Understand it so").Click();
        person.See(By.XPath("//dd[contains(., 'cat stance')]"));
        person.Until(() => !person.PageText().Contains("Not understood"), "the word understood");
        person.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        person.UntilRows(1);
        person.Rows()[0].ShouldContain("cat stance");
    }
}
