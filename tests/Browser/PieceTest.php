<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

final class PieceTest extends BrowserCase
{
    private const KNOTS = 'document.querySelectorAll(".board-drawing use[data-knot]").length';

    public function testTypingAWristRedrawsTheBandAndTheCutListAndKeepsTheCursor(): void
    {
        $this->newPiece();
        self::assertSame(56, $this->read('return '.self::KNOTS));
        $cut = $this->text('[data-cut=working] .cut-length');
        $this->type('wrist', '18.4');
        $this->until('return '.self::KNOTS.' === 65');

        self::assertNotSame($cut, $this->text('[data-cut=working] .cut-length'));
        self::assertSame('wrist', $this->read('return document.activeElement.id'));
        self::assertSame('18.4', $this->read('return document.activeElement.value'), 'not rewritten under the cursor');
        self::assertStringStartsWith('Saved', $this->text('#save-state .state-done'));

        $this->driver->navigate()->refresh();
        self::assertSame('18.4 cm', $this->find('#wrist')->getAttribute('value'));
        self::assertSame(65, $this->read('return '.self::KNOTS));
        $this->assertNothingLogged();
    }

    public function testTheDrawnBandMeasuresWhatTheTapesSay(): void
    {
        $this->newPiece();
        // The body's ends in millimetres of the drawing, found from painted pixels, against the planned length.
        $measured = $this->read('
            const knots = [...document.querySelectorAll(".board-drawing use[data-knot]")].map(k => k.getBoundingClientRect());
            const tape = document.querySelector(".board-drawing [data-unit=cm]");
            const figures = [...tape.querySelectorAll("text")].filter(t => /^[1-9]/.test(t.textContent));
            const left = f => f.getBoundingClientRect().left;
            const centimetre = (left(figures[8]) - left(figures[0])) / 8;
            return (knots[knots.length - 1].left - knots[0].left) / centimetre * 10;
        ');
        self::assertIsNumeric($measured);
        // From the first knot's left edge to the last one's: 55 of the 56 pitches.
        self::assertEqualsWithDelta(55 * 2.79, (float) $measured, 0.3);
    }

    public function testSwitchingTheUnit(): void
    {
        $this->newPiece('6 1/4 in');
        $this->find('label:has(#unit-in)')->click();
        $this->until('return document.querySelector("#wrist").value === "6 1/4 in"');

        self::assertStringContainsString('in', $this->text('[data-cut=core] .cut-length'));
        $this->find('label:has(#unit-cm)')->click();
        $this->until('return document.querySelector("#wrist").value === "15.9 cm"');
        $this->assertNothingLogged();
    }

    public function testABadLengthIsToldWhileTheBandStays(): void
    {
        $this->newPiece();
        $this->type('wrist', '7 1/0');
        $this->until('return !!document.querySelector("#wrist-fault")');

        self::assertStringContainsString('divides by nothing', $this->text('#wrist-fault'));
        self::assertSame('7 1/0', $this->read('return document.querySelector("#wrist").value'));
        self::assertSame(56, $this->read('return '.self::KNOTS));
        self::assertSame('Kept, but not worked out', $this->text('#save-state .state-open'));
        $this->type('wrist', '7 1/2 in');
        $this->until('return !document.querySelector("#wrist-fault")');
        $this->assertNothingLogged();
    }

    public function testTheKeyboardAloneIsEnough(): void
    {
        $this->newPiece();
        $this->type('slider_knots', '2');
        $this->until('return !!document.querySelector("[data-check=slider-few-knots]")');
        // On through the page to the remedy, and press it.
        for ($i = 0; $i < 40 && 'Tie 4 knots' !== $this->read('return document.activeElement.textContent.trim()'); ++$i) {
            $this->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        }
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->until('return !document.querySelector("[data-check=slider-few-knots]")');

        self::assertSame('4', $this->find('#slider_knots')->getAttribute('value'));
    }

    public function testEnterInAFieldSavesAndPressesNoOtherButton(): void
    {
        $this->newPiece();
        $this->type('wrist', '17');
        $this->find('#wrist')->sendKeys(WebDriverKeys::ENTER);
        $this->until('return '.self::KNOTS.' === 60');

        self::assertSame('', $this->find('#square_knots')->getAttribute('value'));
    }

    public function testTypingOnWhileAnAnswerIsOnItsWayLosesNothing(): void
    {
        $this->newPiece();
        $this->type('wrist', '17');
        $this->type('hand', '21');
        $this->type('slider_knots', '6');
        $this->until('return document.querySelector("#slider_knots").value === "6" && '.self::KNOTS.' === 58');
        $this->driver->navigate()->refresh();

        self::assertSame(['17 cm', '21 cm', '6'], $this->read('return ["wrist", "hand", "slider_knots"].map(id => document.getElementById(id).value)'));
    }

    public function testTwoTabs(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $first = $this->driver->getWindowHandle();
        $this->driver->switchTo()->newWindow();
        $this->driver->get($address);
        $this->type('wrist', '17 cm');
        $this->until('return '.self::KNOTS.' === 60');
        $this->driver->close();
        $this->driver->switchTo()->window($first);
        $this->type('wrist', '18 cm');
        $this->until('return !!document.querySelector("#conflict")');
        self::assertStringContainsString('Wrist 18 cm17 cm', $this->text('#conflict tbody'));
        $this->find('button[name=over]')->click();
        $this->until('return !document.querySelector("#conflict")');

        self::assertSame('18 cm', $this->find('#wrist')->getAttribute('value'));
    }

    public function testWithScriptsOffItIsAPlainForm(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $this->scripts(false);
        $this->driver->get($address);
        $this->type('wrist', '17 cm');
        $this->find('noscript .act')->click();
        self::assertSame('17 cm', $this->find('#wrist')->getAttribute('value'));
        self::assertCount(60, $this->driver->findElements(WebDriverBy::cssSelector('.board-drawing use[data-knot]')));
        $this->type('wrist', 'seventeen');
        $this->find('noscript .act')->click();
        self::assertStringContainsString('Could not read “seventeen”', $this->find('#wrist-fault')->getText());
        self::assertSame('seventeen', $this->find('#wrist')->getAttribute('value'));
    }

    #[DataProvider('provideLights')]
    public function testEveryViewIsAccessibleAndFitsANarrowScreen(string $light): void
    {
        $this->light($light);
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->assertAccessible();
        $this->type('slider_tail', '1 furlong');
        $this->until('return !!document.querySelector("#slider_tail-fault")');
        $this->assertAccessible();
        foreach (['/', '/?archive=1', '/pieces/0', $piece] as $path) {
            foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
                $this->screen($width, $height);
                $this->open($path);
                $this->assertAccessible();
                self::assertSame($width, $this->read('return document.documentElement.scrollWidth'), $path.' scrolls sideways at '.$width);
            }
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideLights(): iterable
    {
        yield 'daylight' => ['light'];
        yield 'lamp' => ['dark'];
    }

    private function assertAccessible(): void
    {
        $this->driver->executeScript((string) file_get_contents(\dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $violations = $this->driver->executeAsyncScript('
            const done = arguments[arguments.length - 1];
            axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]})
                .then(r => done(r.violations.map(v => v.id + ": " + v.nodes.map(n => n.target.join(" ")).join(", "))));
        ');

        self::assertSame([], $violations, $this->driver->getCurrentURL());
    }
}
