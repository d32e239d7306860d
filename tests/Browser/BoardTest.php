<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/**
 * A piece made at its board, with real keys and taps: to the end by keyboard, on a phone, with the server gone for a
 * while, and with two devices beside each other.
 */
final class BoardTest extends BrowserCase
{
    public function testAWholePieceByTheKeyboard(): void
    {
        $this->board('6 square, 1 half left x fit');
        $total = (int) $this->find('#progress')->getAttribute('max');
        self::assertGreaterThan(60, $total);
        self::assertStringContainsString('Cut', $this->text('#say'));

        // Space and Enter count, Backspace takes back; a line typed in a field counts nothing.
        $this->keys(' ', WebDriverKeys::ENTER, ' ', WebDriverKeys::BACKSPACE);
        self::assertSame('2', $this->progress());
        $this->find('#note')->click();
        $this->keys('a', ' ', 'b');
        self::assertSame('2', $this->progress());
        self::assertSame('a b', $this->find('#note')->getAttribute('value'));
        $this->read('document.activeElement.blur()');

        // To the first square knot: its halves are counted singly, from both sides by turns.
        while (!str_contains($this->text('#say'), 'square knot')) {
            $this->keys(' ');
        }
        self::assertSame('Left cord over', $this->text('#side-word'));
        $this->keys(' ');
        self::assertSame('½', $this->text('#done'));
        self::assertSame('Right cord over', $this->text('#side-word'));
        $this->keys(' ', ' ', ' ', ' ');
        self::assertSame('2½', $this->text('#done'));
        self::assertStringContainsString('now', $this->text('#due'));

        // On to the end, by the key of a foot switch that was chosen.
        $this->find('#switch')->click();
        $this->keys('b');
        self::assertStringContainsString('Foot switch: b', $this->text('#switch-key'));
        for ($i = 0; $i < 3; ++$i) {
            $this->keys('b');
        }
        self::assertSame('4', $this->text('#done'));
        while ((int) $this->progress() < $total) {
            $this->driver->getKeyboard()->sendKeys(str_repeat('b', min(40, $total - (int) $this->progress())));
        }
        self::assertStringContainsString('All done.', $this->text('#say'));
        $this->until('return document.querySelector("[data-word=kept]").hidden === false');
        $this->driver->navigate()->refresh();
        self::assertSame((string) $total, $this->progress(), 'it is kept');
        $this->find('#finish')->click();
        $this->untilShown('#l-notes');
        self::assertStringContainsString('/finish', $this->driver->getCurrentURL());
        $this->assertNothingLogged();
    }

    public function testOnAPhoneByOneThumb(): void
    {
        $this->screen(390, 844);
        $this->board('6 square');
        $this->tap('#now');
        $this->tap('#now');
        self::assertSame('2', $this->progress());
        $this->tap('#more');
        self::assertSame('3', $this->progress());

        // Swept to the left it takes one back.
        $field = $this->find('#now');
        (new WebDriverActions($this->driver))
            ->moveToElement($field)->clickAndHold()->moveByOffset(-120, 4)->release()->perform();
        self::assertSame('2', $this->progress());

        // Held it goes on by itself, to the end of the step and not beyond.
        while (!str_contains($this->text('#say'), 'square knot')) {
            $this->tap('#now');
        }
        $before = (int) $this->progress();
        (new WebDriverActions($this->driver))->moveToElement($field)->clickAndHold()->perform();
        usleep(1_500_000);
        (new WebDriverActions($this->driver))->release()->perform();
        self::assertGreaterThan($before + 3, (int) $this->progress());
        self::assertLessThanOrEqual($before + 12, (int) $this->progress());
        self::assertLessThanOrEqual(390, $this->number('return document.documentElement.scrollWidth'));
        self::assertGreaterThanOrEqual(
            44,
            $this->number('return document.querySelector("#back").getBoundingClientRect().height'),
        );
        self::assertLessThan(
            844,
            $this->number('return document.querySelector("#more").getBoundingClientRect().bottom'),
            'one thumb reaches it',
        );
        $this->assertNothingLogged();
    }

    /**
     * With the server gone taps are counted on; reloaded meanwhile nothing is lost; once it is back they are sent,
     * once.
     */
    public function testTheServerGoesAndComesBack(): void
    {
        $server = Stage::serve($port = Stage::freePort());
        try {
            $this->driver->get('http://127.0.0.1:'.$port.'/new');
            $this->type('new-girth', '16 cm');
            $this->find('#quick button[value=square-knot-band]')->click();
            $this->untilReady();
            $this->find('#make-it')->click();
            $this->untilShown('#now');
            $this->keys(' ', ' ', ' ', ' ');
            $this->until('return document.querySelector("[data-word=kept]").hidden === false');

            $server->stop(1);
            $this->keys(' ', ' ', ' ', WebDriverKeys::BACKSPACE);
            self::assertSame('6', $this->progress());
            $this->untilShown('[data-word=alone]', 'counted here');
            self::assertNotNull(
                $this->read(
                    'return localStorage.getItem("rinkel-board-" + document.querySelector("#making").dataset.board)',
                ),
            );

            $server = Stage::serve($port);
            $this->until('return document.querySelector("[data-word=kept]").hidden === false');
            $this->driver->navigate()->refresh();
            self::assertSame('6', $this->progress());
            self::assertNull(
                $this->read(
                    'return localStorage.getItem("rinkel-board-" + document.querySelector("#making").dataset.board)',
                ),
            );

            // A tap that was not sent when the page was left goes out with the next.
            $this->offline(true);
            $this->keys(' ', ' ');
            usleep(600_000);
            $this->offline(false);
            $this->driver->navigate()->refresh();
            self::assertSame('8', $this->progress());
            $this->until('return document.querySelector("[data-word=kept]").hidden === false');
        } finally {
            $this->offline(false);
            $server->stop(1);
            $this->driver->manage()->getLog('browser');
        }
    }

    #[Group('slow')]
    public function testTwoDevicesShowTheSame(): void
    {
        $this->board('6 square');
        $board = $this->driver->getCurrentURL();
        $other = Stage::browser('second');
        try {
            $other->get($board);
            $this->keys(' ', ' ', ' ');
            self::seen($other, '3');
            $other->getKeyboard()->sendKeys('  ');
            $this->until('return document.querySelector("#progress").value === 5');

            // Both at once: each tap counts once.
            $this->keys(' ', ' ');
            $other->getKeyboard()->sendKeys(' ');
            $this->until('return document.querySelector("#progress").value === 8');
            self::seen($other, '8');

            // The other plays the instruments: the foot counts here, the tape lands in the field with the focus.
            $this->open('/devices');
            $this->find('#listen')->click();
            $this->driver->get($board);
            $this->until('return document.querySelector("#progress").value === 8');
            usleep(900_000); // it listens from its first look on
            $other->get(preg_replace('~/boards/.*~', '/devices', $board) ?? '');
            $other->findElement(WebDriverBy::id('foot'))->click();
            $this->until('return document.querySelector("#progress").value === 9');
            $this->find('#r-length')->click();
            $other->findElement(WebDriverBy::cssSelector('[data-device=tape] button'))->click();
            $this->until('return document.querySelector("#r-length").value === "15.3 cm"');
            self::assertSame('9', $this->progress());
            $this->open('/devices');
            $this->find('#listen')->click();
        } finally {
            $other->quit();
        }
    }

    public function testAReadingIsToldAndAWayOutTaken(): void
    {
        $this->board('1 square x fit');
        while (!str_contains($this->text('#say'), 'square knot')) {
            $this->keys(' ');
        }
        $this->driver->getKeyboard()->sendKeys(str_repeat(' ', 50));
        $this->type('r-length', '9 m');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilShown('#r-length-fault', 'Check the unit');
        $this->type('r-length', '6.6');
        $this->type('r-left', '30');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilShown('#told', '19 times in 20');
        $this->untilShown('#ways', 'Finish sooner');
        $progress = $this->progress();
        $this->driver->findElement(
            WebDriverBy::xpath('//ol[@id="ways"]/li[contains(., "Finish sooner")]//button'),
        )->click();
        $this->until('return !document.querySelector("#ways")?.textContent.includes("Finish sooner")');
        self::assertSame($progress, $this->progress());
        $this->assertNothingLogged();
    }

    /**
     * In inches lengths are whole ones and sixteenths in lowest terms, as everywhere; a reading is meant in them too.
     */
    #[Group('slow')]
    public function testInInches(): void
    {
        $this->newPiece('6 1/4 in');
        $this->find('label:has(#unit-in), #unit-in')->click();
        $this->until('return document.querySelector("#wearer-girth").value.includes("in")');
        $this->find('#make-it')->click();
        $this->untilShown('#now');
        while (!str_contains($this->text('#say'), 'square knot')) {
            $this->keys(' ');
        }
        $this->driver->getKeyboard()->sendKeys(str_repeat(' ', 40));
        self::assertMatchesRegularExpression(
            '~^About (\d+ )?(\d{1,2}/(2|4|8|16) )?in now, (\d+ )?(\d{1,2}/(2|4|8|16) )?in when done$~',
            $this->text('#due'),
        );
        $this->type('r-length', '2 1/8');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilShown('#told', '19 times in 20');
        self::assertStringContainsString(' in', $this->text('#told'));
    }

    public function testLeftHandedItIsMirrored(): void
    {
        $this->hand('left');
        $this->board('6 square');
        self::assertLessThan(
            $this->number('return document.querySelector("#now").getBoundingClientRect().left'),
            $this->number('return document.querySelector("#more").getBoundingClientRect().left'),
        );
        $this->hand('right');
    }

    private function hand(string $hand): void
    {
        $this->open('/settings');
        $this->find('label:has([name=hand][value='.$hand.'])')->click();
        $this->driver->executeScript('window.before = true');
        $this->driver->findElement(WebDriverBy::xpath('//main//form//button[contains(., "Save")]'))->click();
        $this->until('return !window.before && document.readyState === "complete"');
    }

    private function board(string $pattern): void
    {
        $this->newPiece();
        $this->reach('#pattern');
        $this->find('#pattern')->clear();
        $this->find('#pattern')->sendKeys($pattern);
        $this->find('#make-it')->click();
        $this->untilShown('#now');
    }

    private function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->driver->getKeyboard()->sendKeys($key);
        }
    }

    private function tap(string $selector): void
    {
        (new WebDriverActions($this->driver))->moveToElement($this->find($selector))->click()->perform();
    }

    private function progress(): string
    {
        return (string) $this->number('return document.querySelector("#progress").value');
    }

    private static function seen(RemoteWebDriver $driver, string $moves): void
    {
        $driver->wait(30, 50)->until(
            static fn (): bool => $moves === $driver->executeScript(
                'return String(document.querySelector("#progress").value)',
            ),
        );
    }
}
