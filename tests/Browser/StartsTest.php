<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/**
 * Pieces begun from what a maker has in hand, and ends that are put together, with real keys and clicks.
 */
final class StartsTest extends BrowserCase
{
    public function testFromTheBeadsInATrayToAnArrangement(): void
    {
        $this->open('/new');
        $this->type('new-girth', '16,5');
        $this->find('#of-tray > summary')->click();
        $this->find('#new-tray')->click();
        $this->driver->getKeyboard()->sendKeys('20 amber 6 mm #c98a2b, 15 sky 8 mm #6fa3c4');
        $this->find('button[name=from][value=tray]')->click();
        $this->untilReady();
        self::assertMatchesRegularExpression('/\d+ × amber/', $this->text('[data-bead-count=amber]'));
        $before = $this->text('#pattern');

        $this->find('#arrange-link')->click();
        $this->until('return document.querySelectorAll(".arrangements .kind").length === 6');
        $this->find('#another-six')->click();
        $this->until('return location.search === "?seed=2"');
        $this->find('#arrange-graduated')->click();
        $this->untilReady();
        self::assertNotSame($before, $this->text('#pattern'));
        $widths = $this->read(
            'return [...document.querySelectorAll("#board [data-bead]")].map(bead => bead.dataset.bead)',
        );
        self::assertIsArray($widths);
        self::assertSame('amber', $widths[0]);
        self::assertSame('sky', $widths[intdiv(\count($widths), 2)], 'the larger in the middle');

        $this->read('document.activeElement.blur()');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->until('return document.querySelector("#pattern").value === '.json_encode($before));
        $this->assertNothingLogged();
    }

    public function testANameAWrongTrayAndAReadyDesign(): void
    {
        $this->open('/new');
        $this->type('new-girth', '15');
        $this->find('#of-tray > summary')->click();
        $this->type('new-tray', 'some beads');
        $this->find('button[name=from][value=tray]')->click();
        $this->until('return !!document.querySelector(".new-start.faulty .fault")');
        self::assertSame('some beads', $this->read('return document.querySelector("#new-tray").value'), 'kept');

        $this->find('#of-name > summary')->click();
        $this->type('new-spell', 'Runa');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilReady();
        self::assertStringContainsStringIgnoringCase('word "Runa"', $this->text('#pattern'));

        $this->open('/new');
        $this->type('new-girth', '17 cm');
        $this->find('#of-shelf > summary')->click();
        $this->until('return document.querySelectorAll("#designs .is-around .hint").length > 5');
        self::assertStringContainsString('Needs', $this->text('#designs .is-around .hint'));
        // What each needs is worked out for what is typed, so that the list is not the same a moment later.
        $called = $this->read('const one = document.querySelector("button[name=design]"); one.click();
            return one.querySelector("strong").textContent.split(",")[0].trim()');
        $this->untilReady();
        self::assertSame($called, $this->find('#name')->getAttribute('value'));
        self::assertSame('17 cm', $this->find('#wearer-girth')->getAttribute('value'));
        $this->assertNothingLogged();
    }

    #[Group('slow')]
    public function testTwoUnlikeEndsByTheKeyboard(): void
    {
        $keys = fn (string|array $keys) => $this->driver->getKeyboard()->sendKeys($keys);
        $this->newPiece();
        $this->tabTo('#closure-kind-square-slider');
        $this->downTo('#closure-kind-two-ends');
        $this->until('return !!document.querySelector("#closure-start-loop")');
        $this->tabTo('[id^=closure-start-]:checked');
        $this->downTo('#closure-start-knotted-loop');
        $this->tabTo('[id^=closure-finish-]:checked');
        $this->downTo('#closure-finish-ties');
        $this->tabTo('#closure-tails');
        $keys('all cords, sparkling');
        $this->until('return !!document.querySelector("#closure-tails-fault")');
        $keys([...array_fill(0, 9, WebDriverKeys::BACKSPACE), 'frayed']);
        $this->until(
            'return document.querySelector("#closure-tails").value === "all cords, frayed"
                && !document.querySelector("#closure-tails-fault")',
        );
        $this->driver->navigate()->refresh();
        self::assertSame('all cords, frayed', $this->find('#closure-tails')->getAttribute('value'));
        self::assertTrue(
            $this->read(
                'return document.querySelector("#closure-start-knotted-loop").checked
                    && document.querySelector("#closure-finish-ties").checked',
            ),
        );
        $this->assertNothingLogged();
    }

    /**
     * A closure brings what it is made of, a charm asks where it hangs, a school is chosen, half knots by turns are
     * square knots; all by the keyboard, and the Board says it.
     */
    #[Group('slow')]
    public function testAClosuresFindingsACharmAndASchoolByTheKeyboard(): void
    {
        $keys = fn (string|array $keys) => $this->driver->getKeyboard()->sendKeys($keys);
        $this->newPiece();
        $this->tabTo('#put-finding > summary');
        $keys(WebDriverKeys::ENTER);
        $this->tabTo('[value="finding-add charm"]');
        $keys(WebDriverKeys::ENTER);
        $this->until('return !!document.querySelector("[data-check=finding-unplaced] button")');
        $this->tabTo('[data-check=finding-unplaced] button');
        $keys(WebDriverKeys::ENTER);
        $this->until('return document.querySelector("#pattern").value.includes("hang charm-1")');
        $this->until('return !document.querySelector("[data-check=finding-unplaced]")');
        $this->driver->navigate()->refresh();
        $this->tabTo('[id^=closure-kind-]:checked');
        $this->downTo('#closure-kind-clasp');
        // What arrows only passed by leaves nothing behind.
        $this->until('return document.querySelector("#closure-findings")?.value === "clasp ring"');
        $this->tabTo('#pattern');
        $keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $keys('(1 half left, 1 half right) x fit, hang charm-1, mirror');
        $this->tabTo('#habits > summary');
        $keys(WebDriverKeys::ENTER);
        $this->tabTo('[id^=habits-joining]:checked');
        $this->downTo('#habits-joining-bound');
        $this->until('return document.querySelector("#stand")?.textContent !== ""
            || document.querySelector("#habits-joining-bound").checked');
        $this->tabTo('#make-it');
        $keys(WebDriverKeys::ENTER);
        $this->untilShown('#now');
        $steps = $this->read(
            'return JSON.parse(document.querySelector("#board-data").textContent).steps.map(s => s.say).join(" ")',
        );
        self::assertIsString($steps);
        self::assertStringContainsString('in a plain overhand around the core', $steps);
        self::assertStringContainsString('square knot', $steps);
        self::assertStringNotContainsString('half knot', $steps);
        self::assertStringContainsString('charm-1', $steps);
        self::assertStringContainsString('ring', $steps);
        $this->assertNothingLogged();
    }

    public function testAFurtherCordIsRenamedWhereItStands(): void
    {
        $this->newPiece(construction: 'stacked-band');
        $this->find('#stuff-cord-2 > summary')->click();
        $this->find('#cord-2-called')->click();
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->slowly('moss');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $this->until('return document.querySelector("#pattern").value.includes("in moss")');
        self::assertStringContainsString('moss', $this->text('#stuff-cord-2 > summary'));
        $this->assertNothingLogged();
    }

    /**
     * Goes down a group of choices until that one is chosen.
     */
    private function downTo(string $selector): void
    {
        $chosen = 'return document.querySelector('.json_encode($selector).').checked';
        for ($i = 0; $i < 12 && true !== $this->read($chosen); ++$i) {
            $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN);
        }
        self::assertTrue($this->read($chosen), $selector);
    }
}
