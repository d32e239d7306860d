<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Rinkel\Tests\Whole;

/**
 * Nothing that a maker types or presses is damaged, repeated or lost: with real keys, at the speed of hands.
 */
final class KeepingTest extends BrowserCase
{
    /**
     * To press a button leaves the field, which is then judged: what is said of that moves nothing from under the
     * finger, be the press short or long.
     */
    public function testAButtonThatIsPressedRightAfterTypingIsPressed(): void
    {
        foreach ([0, 200] as $held) {
            $this->newPiece();
            $this->type('wearer-girth', 0 === $held ? '17 cm' : '17 cmm');
            $press = new WebDriverActions($this->driver);
            $press->moveToElement($this->find('#make-it'))->clickAndHold()->perform();
            usleep($held * 1000);
            (new WebDriverActions($this->driver))->release()->perform();
            $this->untilShown('#now');
        }
        $this->assertNothingLogged();
    }

    #[Group('slow')]
    public function testABeadIsRenamedByTheKeyboardFromPageLoad(): void
    {
        $this->newPiece(construction: 'strung-beads');
        $this->driver->navigate()->refresh();
        $pattern = $this->value('pattern');
        $this->tabTo('#stuff-bead-1 > summary');
        $this->keys(WebDriverKeys::ENTER);
        $this->tabTo('#bead-1-called');
        $this->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        foreach ([60, 300] as $which => $apart) {
            $this->slowly(['amber', 'in-bloom'][$which], $apart);
            self::assertSame('bead-1-called', $this->focused(), 'the caret stays where it is typed');
            $renamed = json_encode(str_replace('pearl', ['amber', 'in-bloom'][$which], $pattern));
            $this->until('return document.querySelector("#pattern").value === '.$renamed);
            $this->until('return document.documentElement.dataset.saving === "done"');
            self::assertSame('bead-1-called', $this->focused());
            self::assertSame(
                str_replace('pearl', ['amber', 'in-bloom'][$which], $pattern),
                $this->value('pattern'),
                'no key was taken for a shortcut',
            );
            $this->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        }
        // On to the next field without a pause: both are kept, and the focus is there.
        $this->slowly('mabel');
        $this->keys(WebDriverKeys::TAB);
        $this->until('return document.querySelector("#pattern").value.includes(" mabel")');
        self::assertSame('bead-1-shape', $this->focused());
        $this->keys(WebDriverKeys::TAB);
        $this->slowly('9');
        $this->until(
            'return document.querySelector("#board [data-bead=mabel]") && document.documentElement.dataset.saving === "done"',
        );
        $this->driver->navigate()->refresh();
        self::assertSame(['mabel', '9 mm'], [$this->value('bead-1-called'), $this->value('bead-1-diameter')]);
        $this->assertNothingLogged();
    }

    public function testANameTypedOverAPauseGoesOnWhereItStood(): void
    {
        $this->newPiece();
        $this->find('#bead-add')->click();
        $this->until('return !!document.querySelector("#bead-1-called")');
        $this->find('#stuff-bead-1 > summary')->click();
        $this->type('bead-1-called', '');
        $this->slowly('sea');
        $this->until('return document.querySelector("#stuff-bead-1 strong").textContent === "sea"');
        $this->slowly('glass');
        $this->until('return document.querySelector("#stuff-bead-1 strong").textContent === "seaglass"');
        self::assertSame(['bead-1-called', 'seaglass'], [$this->focused(), $this->value('bead-1-called')]);
    }

    /**
     * Where a click does not focus its button (WebKit), a later edit must not press it again.
     */
    public function testAButtonIsPressedOnceWhereAClickDoesNotFocusIt(): void
    {
        $this->newPiece(construction: 'strung-beads');
        $this->read(
            'document.addEventListener("mousedown", (event) => { if (event.target.closest("button")) { event.preventDefault(); } }, true)',
        );
        $this->find('[id="patch-2"]')->click();
        $this->until('return !!document.querySelector("button[value=\"more @\"]")');
        $this->find('button[value="more @"]')->click();
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 10');
        $this->type('wearer-girth', '17');
        $this->until(
            'return document.documentElement.dataset.saving === "done" && document.querySelector("#wearer-girth").value.startsWith("17")',
        );
        $this->find('#forChild')->click();
        $this->until(
            'return !!document.querySelector("#forChild:checked") && document.documentElement.dataset.saving === "done"',
        );
        usleep(1_300_000);
        self::assertSame(10, $this->read('return document.querySelectorAll("#board [data-bead]").length'));

        $this->find('#undo')->click();
        $this->until('return !document.querySelector("#forChild").checked');
        $this->find('#instantGlue')->click();
        $this->until(
            'return document.querySelector("#instantGlue").checked && document.documentElement.dataset.saving === "done"',
        );
        usleep(300_000);
        self::assertStringStartsWith('17', $this->value('wearer-girth'), 'undone once');
    }

    public function testQuickPressesAreAllDone(): void
    {
        $this->newPiece(construction: 'strung-beads');
        $this->find('[id="patch-2"]')->click();
        $this->until('return !!document.querySelector("button[value=\"more @\"]")');
        $this->read(
            'const more = document.querySelector("button[value=\"more @\"]"); for (let i = 0; i < 6; i += 1) { more.click(); }',
        );
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 15');
        // A part that is moved stays the one that moves.
        $this->read(
            'document.querySelector("[data-key=alt-right]").click(); document.querySelector("[data-key=alt-right]").click()',
        );
        $this->until('return document.querySelector("#pattern").value.endsWith("15 bead pearl")');
        $this->assertNothingLogged();
    }

    public function testUndoTakesOneFieldsEditingAsAStep(): void
    {
        $this->newPiece();
        $this->type('wearer-girth', '');
        $this->slowly('17.2', 120);
        $this->keys(WebDriverKeys::TAB);
        $this->tabTo('#wearer-hand');
        $this->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->slowly('22', 60);
        $this->keys([WebDriverKeys::SHIFT, WebDriverKeys::TAB, WebDriverKeys::NULL]);
        $this->type('wearer-girth', '');
        $this->slowly('18.1', 60);
        $this->keys(WebDriverKeys::TAB);
        $this->until('return document.querySelector("#wearer-girth").value === "18.1 cm"');
        $values = fn (): array => [$this->value('wearer-girth'), $this->value('wearer-hand')];
        $this->press('#undo', '17.2 cm');
        self::assertSame(['17.2 cm', '22 cm'], $values());
        $this->press('#undo', '17.2 cm');
        self::assertSame(['17.2 cm', ''], $values());
        $this->press('#undo', '16 cm');
        $this->press('#redo', '17.2 cm');
        $this->press('#redo', '17.2 cm');
        $this->press('#redo', '18.1 cm');
        self::assertSame(['18.1 cm', '22 cm'], $values());
    }

    public function testAnUnfinishedLengthIsNeitherScoldedNorAJump(): void
    {
        $this->newPiece();
        $below = 'return document.querySelector("#ease").getBoundingClientRect().top - document.querySelector("#wearer-girth").getBoundingClientRect().top';
        $before = $this->read($below);
        $this->type('wearer-girth', '');
        foreach (['1', '7', '.', '2', ' ', 'c'] as $key) {
            $this->slowly($key, 250);
            self::assertSame(
                0,
                $this->read('return document.querySelectorAll(".fault, .stale").length'),
                'after '.$key,
            );
            self::assertSame($before, $this->read($below), 'nothing jumps at '.$key);
        }
        // A pause judges it, in room that was kept for that.
        $this->until('return !!document.querySelector("#wearer-girth-fault")');
        self::assertSame($before, $this->read($below));
        self::assertSame('wearer-girth', $this->focused());
        $this->slowly('m');
        $this->until(
            'return !document.querySelector("#wearer-girth-fault") && document.documentElement.dataset.saving === "done"',
        );
        // Leaving judges at once.
        $this->type('ease', '1/0');
        $this->keys(WebDriverKeys::TAB);
        $this->until('return !!document.querySelector("#ease-fault")');
        $this->driver->navigate()->refresh();
        self::assertSame(['17.2 cm', '1/0'], [$this->value('wearer-girth'), $this->value('ease')]);
        self::assertCount(1, $this->driver->findElements(WebDriverBy::id('ease-fault')));
    }

    #[DataProvider('provideWays')]
    public function testWhatIsDoneWhileRinkelDoesNotAnswerIsKeptAndSent(string $meanwhile): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $this->offline(true);
        $this->type('wearer-girth', '');
        $this->slowly('17.5', 40);
        $this->keys(WebDriverKeys::TAB);
        $this->find('#bead-add')->click();
        $this->until('return document.documentElement.dataset.saving === "lost"');
        self::assertStringContainsString('kept in this browser', $this->text('#save-state'));
        self::assertTrue(
            $this->read(
                'const e = new Event("beforeunload", {cancelable: true}); window.dispatchEvent(e); return e.defaultPrevented',
            ),
            'leaving is warned of',
        );
        if ('' !== $meanwhile) {
            $this->elsewhere($address, $meanwhile, 'name' === $meanwhile ? 'Named elsewhere' : '19 cm');
        }
        $this->offline(false);
        if ('wearer.girth' === $meanwhile) {
            $this->until('return !!document.querySelector("#conflict")');
            self::assertStringContainsString('17.5', $this->text('#conflict tbody'));
            self::assertStringContainsString('One change you made with a button', $this->text('#conflict'));
            $this->find('#keep-mine')->click();
            $this->until('return !document.querySelector("#conflict")');
        }
        $this->until(
            'return document.documentElement.dataset.saving === "done" && !!document.querySelector("#bead-1-called")',
        );
        $this->until('return document.querySelector("#wearer-girth").value === "17.5 cm"');
        $this->driver->navigate()->refresh();
        self::assertSame('17.5 cm', $this->value('wearer-girth'));
        if ('name' === $meanwhile) {
            self::assertSame('Named elsewhere', $this->value('name'), 'both are done');
        }
        self::assertSame(1, $this->read('return document.querySelectorAll("[id^=stuff-bead-]").length'), 'done once');
        self::assertSame(
            0,
            $this->read('return Object.keys(localStorage).filter(k => k.startsWith("rinkel-unsent")).length'),
        );
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideWays(): iterable
    {
        yield 'nothing else happened' => [''];
        yield 'the same field saved elsewhere meanwhile' => ['wearer.girth'];
        yield 'another field saved elsewhere meanwhile' => ['name'];
    }

    public function testAReloadedPageSendsWhatTheOneBeforeCouldNot(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $this->offline(true);
        $this->type('wearer-girth', '18');
        $this->until('return document.documentElement.dataset.saving === "lost"');
        $this->read('window.addEventListener("beforeunload", (event) => event.stopImmediatePropagation(), true)');
        $this->driver->get('about:blank');
        $this->offline(false);
        $this->driver->get($address);
        $this->until('return document.querySelector("#wearer-girth").value === "18 cm"');
        $this->until('return Object.keys(localStorage).filter(k => k.startsWith("rinkel-unsent")).length === 0');
        $this->driver->navigate()->refresh();
        self::assertSame('18 cm', $this->value('wearer-girth'));
    }

    public function testTheTabIsCalledLikeThePieceAndTheClockIsTheMakers(): void
    {
        $this->newPiece();
        $this->type('name', 'Harbour <i> wall');
        $this->keys(WebDriverKeys::TAB);
        $this->until('return document.title.startsWith("Harbour <i> wall")');
        $now = $this->read(
            'return new Intl.DateTimeFormat("en", {hour: "2-digit", minute: "2-digit", hourCycle: "h23"}).format(new Date(document.querySelector("#save-state time").dateTime))',
        );
        self::assertIsString($now);
        self::assertStringContainsString($now, $this->text('#save-state'));

        // Elsewhere in the world every page says times by the clock there, from the first on.
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Emulation.setTimezoneOverride', ['timezoneId' => 'Asia/Tokyo']);
        try {
            $this->open('/');
            $tokyo = (new \DateTimeImmutable('now', new \DateTimeZone('Asia/Tokyo')))->format('H');
            $this->until('return document.documentElement.dataset.zone === "Asia/Tokyo"');
            self::assertMatchesRegularExpression(
                '/, '.$tokyo.':\d\d|, '.(((int) $tokyo + 23) % 24).':\d\d/',
                $this->text('.piece-row time, time'),
            );
        } finally {
            $tools->execute('Emulation.setTimezoneOverride', ['timezoneId' => 'UTC']);
            $this->open('/');
        }
    }

    public function testShortcutsAreDeadWhenTheFieldIsGoneFromUnderTheCaret(): void
    {
        $this->newPiece();
        $this->type('wearer-girth', '16');
        $this->read('document.querySelector("#wearer-girth").closest(".field").remove()');
        $this->slowly('mbf', 60);
        self::assertSame('1 square x fit', $this->value('pattern'));
    }

    private function press(string $button, string $girth): void
    {
        $this->until('return document.documentElement.dataset.saving === "done"');
        $saved = json_encode($this->read('return document.querySelector("#piece").dataset.version'));
        $this->find($button)->click();
        $this->until(
            'return document.querySelector("#piece").dataset.version !== '.$saved.' && document.querySelector("#wearer-girth").value === '.json_encode($girth),
        );
    }

    private function elsewhere(string $address, string $field, string $value): void
    {
        $id = basename((string) parse_url($address, \PHP_URL_PATH));
        $page = (string) file_get_contents($address);
        preg_match('/name="version" value="(\d+)"/', $page, $match);
        file_get_contents(
            $address,
            false,
            stream_context_create(
                [
                    'http' => [
                        'method' => 'POST',
                        'header' => "Content-Type: application/x-www-form-urlencoded\r\nHX-Request: true\r\nSec-Fetch-Site: same-origin",
                        'content' => http_build_query(['version' => $match[1] ?? '', 'f' => [$field => $value]]),
                    ],
                ],
            ),
        );
        self::assertStringContainsString($value, (string) file_get_contents($address), $id);
    }

    private function value(string $id): string
    {
        $value = $this->read('return document.getElementById('.json_encode($id).').value');

        return \is_string($value) ? $value : '';
    }

    private function focused(): mixed
    {
        return $this->read('return document.activeElement.id');
    }

    /**
     * @param string|list<string> $keys
     */
    private function keys(string|array $keys): void
    {
        $this->driver->getKeyboard()->sendKeys($keys);
    }

    /**
     * What is typed in a form outside the Piece page stays in this browser until Rinkel has it.
     */
    #[Group('whole')]
    public function testAFormThatIsLeftComesBackAsItWasTyped(): void
    {
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        foreach (Whole::of([
            ['/people', 'new-name', 'Philippa of the pier'], ['/stock?kind=cord', 'c-name', 'Half a spool'],
            ['/samples', 's-length', '5.4 cm'], ['/settings', 'gauge', '27 mm'],
            [$piece.'/finish', 'l-body', '15 cm'],
        ], 2) as [$path, $id, $text]) {
            $this->open($path);
            $this->type($id, $text);
            $this->open('/knots');
            $this->open($path);
            self::assertSame($text, $this->value($id), $path);
            self::assertStringContainsString(
                'You typed this earlier; it isn’t saved yet.',
                $this->text('.kept-notice'),
            );
            $this->driver->navigate()->refresh();
            self::assertSame($text, $this->value($id), $path.' again');
            $this->find('.kept-notice button')->click();
            self::assertNotSame($text, $this->value($id), 'forgotten');
            $this->driver->navigate()->refresh();
            self::assertCount(0, $this->driver->findElements(WebDriverBy::cssSelector('.kept-notice')));
        }
        // Wrong input stays, and is gone once it was taken.
        $this->open('/people');
        $this->type('new-name', 'Quentin of the pier');
        $this->type('new-wrist', '16 elbows');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilShown('#new-wrist-fault');
        $this->open('/people');
        self::assertSame('16 elbows', $this->value('new-wrist'));
        $this->type('new-wrist', '16 cm');
        $this->keys(WebDriverKeys::ENTER);
        $this->untilShown('.people', 'Quentin of the pier');
        self::assertSame('', $this->value('new-name'));
        $this->driver->navigate()->refresh();
        self::assertSame('', $this->value('new-name'));
    }

    /**
     * Typing and a reload at the same moment: what was typed is there, and nobody is in conflict with herself.
     */
    public function testTypingAndAReloadAtOnceAreNoConflict(): void
    {
        foreach ([1, 6] as $round) {
            $this->newPiece();
            $this->type('wearer-girth', '');
            $this->slowly('17.'.$round, 20);
            usleep(15_000 * $round);
            $this->driver->navigate()->refresh();
            $this->type('wearer-girth', '');
            $this->slowly('18.'.$round, 30);
            $this->until('return document.documentElement.dataset.saving === "done"');
            usleep(300_000);
            self::assertCount(0, $this->driver->findElements(WebDriverBy::cssSelector('#conflict')), 'round '.$round);
            $this->driver->navigate()->refresh();
            self::assertStringStartsWith('18.'.$round, $this->value('wearer-girth'));
        }
        $this->assertNothingLogged();
    }

    public function testTwoTabsThatTypeInDifferentFieldsAskNothing(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $first = $this->driver->getWindowHandle();
        $this->driver->switchTo()->newWindow();
        $this->driver->get($address);
        $this->untilReady();
        $this->type('name', 'Of the second tab');
        $this->until(
            'return document.documentElement.dataset.saving === "done" && !document.querySelector("#conflict")',
        );
        usleep(1_200_000);
        $this->driver->close();
        $this->driver->switchTo()->window($first);
        $this->type('wearer-girth', '17.5 cm');
        $this->until('return document.querySelector("#name").value === "Of the second tab"');
        self::assertCount(0, $this->driver->findElements(WebDriverBy::cssSelector('#conflict')));
        self::assertSame('17.5 cm', $this->value('wearer-girth'));
        $this->type('name', 'Of the first tab');
        $this->until('return document.documentElement.dataset.saving === "done"');
        $this->driver->navigate()->refresh();
        self::assertSame(['Of the first tab', '17.5 cm'], [$this->value('name'), $this->value('wearer-girth')]);
        $this->assertNothingLogged();
    }
}
