<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Rinkel\Tests\Whole;

final class PieceTest extends BrowserCase
{
    /** Whether pages are looked at by lamp. */
    private bool $lamp = false;

    /** What a finger presses, and the tab key comes to. */
    private const PRESSED = 'a[href], button, input:not([type=hidden]), select, textarea, summary';

    private const KNOTS = '[...document.querySelectorAll("#board [data-knots]")].reduce((sum, run) => sum + Number(run.dataset.knots), 0)';

    public function testTypingAWristRedrawsTheBandAndTheCutListAndKeepsTheCursor(): void
    {
        $this->newPiece();
        self::assertSame(57, $this->read('return '.self::KNOTS));
        $cut = $this->text('[data-cut=working] .cut-length');
        $this->type('wearer-girth', '18.4');
        $this->until('return '.self::KNOTS.' === 65');

        self::assertStringNotContainsString(trim($cut), $this->text('#result-cuts'), 'at once below the board');
        self::assertSame('wearer-girth', $this->read('return document.activeElement.id'));
        self::assertSame('18.4', $this->read('return document.activeElement.value'), 'not rewritten under the cursor');
        $this->until(
            'const cut = document.querySelector("[data-cut=working] .cut-length").textContent;
            return cut.replace(/\s+/g, " ").trim() !== '.json_encode($cut),
        );
        self::assertStringStartsWith('Saved', $this->text('#save-state .state-done'));

        $this->driver->navigate()->refresh();
        self::assertSame('18.4 cm', $this->find('#wearer-girth')->getAttribute('value'));
        self::assertSame(65, $this->read('return '.self::KNOTS));
        $this->assertNothingLogged();
    }

    public function testTheDrawnBandMeasuresWhatTheTapesSay(): void
    {
        $this->newPiece();
        // The length of the drawn knots and where they begin, found from painted pixels, against the planned length.
        $measured = $this->read('
            const runs = [...document.querySelectorAll("#board [data-knots] use")].map(k => k.getBoundingClientRect());
            const tape = document.querySelector(".board-drawing [data-unit=cm]");
            const figures = [...tape.querySelectorAll("text")].filter(t => /^[1-9]/.test(t.textContent));
            const left = f => f.getBoundingClientRect().left;
            const centimetre = (left(figures[8]) - left(figures[0])) / 8;
            return (Math.max(...runs.map(r => r.right)) - Math.min(...runs.map(r => r.left))) / centimetre * 10;
        ');
        self::assertIsNumeric($measured);
        // The picture of a knot reaches a little into its neighbours on either side.
        self::assertEqualsWithDelta(57 * 2.79, (float) $measured, 2.0);
    }

    /**
     * A run so long that it is drawn as a tile, found from painted pixels: it lies on its cores.
     */
    public function testALongRunLiesOnItsCores(): void
    {
        $this->newPiece();
        $this->type('pattern', '300 square');
        $this->until('return !!document.querySelector("#board pattern")');
        $cores = '[...document.querySelectorAll("#board [data-cord=core] .core-edge")]'
            .'.map(c => c.getBoundingClientRect())';
        $axis = $this->number(
            'const c = '.$cores.'; return (Math.min(...c.map(r => r.top)) + Math.max(...c.map(r => r.bottom))) / 2',
        );
        $middle = (int) $this->number(
            'const c = '.$cores.'; return (Math.min(...c.map(r => r.left)) + Math.max(...c.map(r => r.right))) / 2',
        );
        $page = imagecreatefromstring($this->driver->takeScreenshot());
        self::assertNotFalse($page);
        $dark = [];
        for ($y = (int) $axis - 12; $y <= $axis + 12; ++$y) {
            for ($x = $middle - 40; $x < $middle + 40; ++$x) {
                $colour = imagecolorsforindex($page, (int) imagecolorat($page, $x, $y));
                if ($colour['red'] < 110 && $colour['blue'] < 140) {
                    $dark[] = $y + 0.5;
                }
            }
        }
        self::assertGreaterThan(80 * 3, \count($dark), 'the cord is there, a few pixels wide');
        self::assertEqualsWithDelta($axis, array_sum($dark) / max(1, \count($dark)), 1.0);
        $this->assertNothingLogged();
    }

    public function testSwitchingTheUnit(): void
    {
        $this->newPiece('6 1/4 in');
        $this->find('label:has(#unit-in)')->click();
        $this->until('return document.querySelector("#wearer-girth").value === "6 1/4 in"');

        $this->until('return document.querySelector("[data-cut=core] .cut-length").textContent.includes("in")');
        $this->find('label:has(#unit-cm)')->click();
        $this->until('return document.querySelector("#wearer-girth").value === "15.9 cm"');
        $this->assertNothingLogged();
    }

    public function testABadLengthIsToldWhileTheBandStays(): void
    {
        $this->newPiece();
        $this->type('wearer-girth', '7 1/0');
        $this->until('return !!document.querySelector("#wearer-girth-fault")');

        self::assertStringContainsString('divides by zero. Try 7 1/2 in or 19 cm.', $this->text('#wearer-girth-fault'));
        self::assertSame('7 1/0', $this->read('return document.querySelector("#wearer-girth").value'));
        self::assertSame(57, $this->read('return '.self::KNOTS));
        self::assertSame('Saved, except what Rinkel can’t read', $this->text('#save-state .state-open'));
        $this->type('wearer-girth', '7 1/2 in');
        $this->until('return !document.querySelector("#wearer-girth-fault")');
        $this->assertNothingLogged();
    }

    public function testTheKeyboardAloneIsEnough(): void
    {
        $this->newPiece();
        $this->type('closure-knots', '2');
        $this->until('return !!document.querySelector("[data-check=slider-few-knots]")');
        // The worst is said below the board; from there to its remedy, and press it.
        $this->read('document.querySelector("#result-worst").focus()');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->until('return document.querySelector("#piece").dataset.stage === "checks"');
        for ($i = 0; $i < 90 && 'Tie 4 knots' !== $this->read(
            'return document.activeElement.textContent.trim()',
        ); ++$i) {
            $this->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        }
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->until('return !document.querySelector("[data-check=slider-few-knots]")');

        $this->find('#to-closure')->click();
        $this->until('return document.querySelector("#closure-knots").value === "4"');
        $this->assertNothingLogged();
    }

    /**
     * Wherever a maker edits, the drawing, the fit, the first three cuts and the worst check are in sight, and so is
     * the field: on a desk, on a wide screen, on a phone and on a phone with its keyboard up.
     */
    #[DataProvider('provideScreens')]
    #[Group('whole')]
    public function testWhatComesOfAnEditIsInSightFromEveryField(int $width, int $height): void
    {
        $this->newPiece();
        $this->type('closure-tail', '20 mm');
        $this->until('return !!document.querySelector("#result-worst.result-warn, #result-worst.result-stop")');
        $this->screen($width, $height);
        $tried = 0;
        foreach (['measure', 'materials', 'pattern', 'closure', 'checks', 'cut'] as $stage) {
            $this->find('#to-'.$stage)->click();
            $hidden = $this->read('
                for (const details of document.querySelectorAll(".stage details:not(.why)")) { details.open = true; }
                const sight = (node) => {
                    const box = node?.getBoundingClientRect();
                    return !!box && box.width > 0 && box.top >= -1 && box.bottom <= innerHeight + 1;
                };
                const below = () => document.querySelector(".bench").getBoundingClientRect().bottom;
                const fields = [
                    ...document.querySelectorAll("#edit .stage-'.$stage.' :is(input, select, textarea, button)"),
                ].filter((field) => field.offsetParent && !field.disabled);
                const lost = [];
                for (const field of fields) {
                    scrollTo(0, 0);
                    field.focus();
                    const seen = {
                        board: sight(document.querySelector("#board svg")),
                        fit: sight(document.querySelector("#result-fit strong")),
                        cuts: [...document.querySelectorAll(".result-cut")].slice(0, 3).every(sight),
                        worst: sight(document.querySelector("#result-worst strong")),
                        field: field.getBoundingClientRect().top < innerHeight - 10
                            && field.getBoundingClientRect().bottom > below() + 10,
                    };
                    const missing = Object.entries(seen).filter(([, is]) => !is).map(([what]) => what);
                    lost.push(...missing.map((what) => (field.id || field.value) + ": " + what));
                }
                return [fields.length, lost];
            ');
            self::assertIsArray($hidden);
            self::assertIsInt($hidden[0]);
            self::assertSame([], $hidden[1], $stage.' at '.$width.' by '.$height);
            $tried += $hidden[0];
            self::assertSame(
                $width,
                $this->read('return document.documentElement.scrollWidth'),
                $stage.' scrolls sideways',
            );
        }
        self::assertGreaterThan(50, $tried);
    }

    /**
     * @return iterable<string, array{int, int}>
     */
    public static function provideScreens(): iterable
    {
        yield 'a desk' => [1280, 800];
        yield 'a phone with its keyboard up' => [390, 508];
        if (Whole::is()) {
            yield 'a wide screen' => [1920, 1080];
            yield 'a phone' => [390, 844];
            yield 'a small phone, or 400 % of a desk' => [320, 640];
        }
    }

    /**
     * On a phone, whatever opens beside a field or a button is all on the screen.
     */
    public function testNothingThatOpensLiesOutsideAPhone(): void
    {
        $this->newPiece();
        $id = $this->read('return location.pathname');
        self::assertIsString($id);
        $this->screen(390, 844);
        $opened = 0;
        foreach (['measure', 'materials', 'pattern', 'closure', 'cut'] as $stage) {
            $this->open($id.'?stage='.$stage);
            $outside = $this->driver->executeAsyncScript('
                const done = arguments[arguments.length - 1];
                const all = [...document.querySelectorAll("details.why, details.put")]
                    .filter((one) => one.checkVisibility());
                const outside = [];
                (async () => {
                    for (const one of all) {
                        one.open = true;
                        await new Promise((next) => setTimeout(next, 20));
                        const { left, right } = one.lastElementChild.getBoundingClientRect();
                        if (left < 0 || right > document.documentElement.clientWidth) {
                            outside.push(`${one.id}: ${left} to ${right}`);
                        }
                        one.open = false;
                    }
                    done([all.length, outside]);
                })();
            ');
            self::assertIsArray($outside);
            self::assertSame([], $outside[1] ?? null, $stage);
            $opened += is_numeric($outside[0] ?? null) ? (int) $outside[0] : 0;
        }
        self::assertGreaterThan(15, $opened);
        $this->assertNothingLogged();
    }

    public function testArrowsStepANumberAndEscapeLeavesTheField(): void
    {
        $this->newPiece();
        $keys = fn (string|array $keys) => $this->driver->getKeyboard()->sendKeys($keys);
        $this->find('#wearer-girth')->click();
        $keys([WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_DOWN]);
        self::assertSame('16.1 cm', $this->read('return document.activeElement.value'));
        $keys(WebDriverKeys::ESCAPE);
        $this->until(
            'return document.activeElement === document.body && document.documentElement.dataset.saving === "done"',
        );
        $this->find('#wraps')->click();
        $keys(WebDriverKeys::ARROW_UP);
        $this->until('return document.querySelector("#wraps").value === "2"');
        $this->driver->navigate()->refresh();
        self::assertSame(
            ['16.1 cm', '2'],
            [$this->find('#wearer-girth')->getAttribute('value'), $this->find('#wraps')->getAttribute('value')],
        );
        // A why opens beside its field and goes with Escape.
        $this->find('#help-ease > summary')->click();
        self::assertTrue($this->find('#help-ease > p')->isDisplayed());
        $keys(WebDriverKeys::ESCAPE);
        $this->until('return !document.querySelector("#help-ease").open');
        // Shortcuts can be off.
        $keys('?');
        $this->until('return document.querySelector("#keys").open');
        $this->find('#keys-on')->click();
        $keys(WebDriverKeys::ESCAPE);
        $this->until('return !document.querySelector("#keys").open');
        $this->read('document.activeElement.blur()');
        $keys('4');
        self::assertSame('measure', $this->read('return document.querySelector("#piece").dataset.stage'));
        $this->read('localStorage.removeItem("rinkel-keys")');
        $this->assertNothingLogged();
    }

    public function testEnterInAFieldSavesAndPressesNoOtherButton(): void
    {
        $this->newPiece();
        $this->type('wearer-girth', '17');
        $this->find('#wearer-girth')->sendKeys(WebDriverKeys::ENTER);
        $this->until('return '.self::KNOTS.' === 60');

        self::assertSame('1 square x fit', $this->find('#pattern')->getAttribute('value'));
    }

    public function testTheNextFieldStaysUnderTheHandWhileALengthIsTyped(): void
    {
        $this->newPiece();
        $this->read('
            window.tops = [];
            const look = () => tops.push(document.querySelector("#wearer-hand").getBoundingClientRect().top);
            new MutationObserver(look).observe(document.body, { subtree: true, childList: true, characterData: true });
        ');
        // On the way to a length there is much to say of a wrist of one centimetre, and then little of one of 18.4.
        $this->type('wearer-girth', '1');
        $this->until('return tops.length > 3');
        $this->type('wearer-girth', '18.4');
        $this->until('return '.self::KNOTS.' === 65');

        $moved = $this->number('return Math.max(...tops) - Math.min(...tops)');
        self::assertLessThan(16, $moved, 'less than half a field');
    }

    public function testTypingOnWhileAnAnswerIsOnItsWayLosesNothing(): void
    {
        $this->newPiece();
        $this->type('wearer-girth', '17');
        $this->type('wearer-hand', '21');
        $this->type('closure-knots', '6');
        $this->until('return document.querySelector("#closure-knots").value === "6" && '.self::KNOTS.' === 58');
        $this->driver->navigate()->refresh();

        self::assertSame(
            ['17 cm', '21 cm', '6'],
            $this->read(
                'return ["wearer-girth", "wearer-hand", "closure-knots"].map(id => document.getElementById(id).value)',
            ),
        );
    }

    public function testTwoTabs(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $first = $this->driver->getWindowHandle();
        $this->driver->switchTo()->newWindow();
        $this->driver->get($address);
        $this->type('wearer-girth', '17 cm');
        $this->until('return '.self::KNOTS.' === 60');
        $this->driver->close();
        $this->driver->switchTo()->window($first);
        $this->type('wearer-girth', '18 cm');
        $this->untilShown('#conflict tbody', 'Wrist 18 cm 17 cm');
        // What is typed while the conflict stands is told in it, too.
        $this->driver->getKeyboard()->sendKeys(
            [WebDriverKeys::HOME, WebDriverKeys::DELETE, WebDriverKeys::DELETE, '19'],
        );
        $this->untilShown('#conflict tbody', 'Wrist 19 cm 17 cm');
        $this->find('button[name=over]')->click();
        $this->until('return !document.querySelector("#conflict")');

        self::assertSame('19 cm', $this->find('#wearer-girth')->getAttribute('value'));
    }

    public function testWithScriptsOffItIsAPlainForm(): void
    {
        $this->newPiece();
        $address = $this->driver->getCurrentURL();
        $this->scripts(false);
        $this->driver->get($address);
        $this->type('wearer-girth', '17 cm');
        $this->find('noscript .act')->click();
        $this->untilShown('#wearer-girth[value="17 cm"]');
        $this->find('[id="patch-0"]')->click();
        $this->untilShown('button[value="fit @"]');
        $this->find('button[value="fit @"]')->click();
        $this->untilShown('#pattern', '1 square x 60');
        $this->type('wearer-girth', 'seventeen');
        $this->find('noscript .act')->click();
        $this->untilShown('#wearer-girth-fault', 'I don’t know this length: “seventeen”');
        $this->untilShown('#wearer-girth[value=seventeen]');
    }

    public function testPatternDrawingAndTextStayInStep(): void
    {
        $this->newPiece(construction: 'strung-beads');
        // Choose in the drawing: the part is chosen in the pattern.
        $this->read('document.querySelectorAll(".hit")[2].dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $this->until('return document.querySelector(".patch.is-chosen")?.dataset.path === "2"');
        self::assertSame(
            $this->read('return document.querySelector(".patch.is-chosen").dataset.place'),
            $this->read('return document.querySelector(".hit.is-chosen").dataset.place'),
        );
        // Count up by button, key and wheel.
        $this->find('button[value="more @"]')->click();
        $this->until('return document.querySelector("#pattern").value.includes("10 bead")');
        $this->driver->getKeyboard()->sendKeys('+');
        $this->until('return document.querySelector("#pattern").value.includes("11 bead")');
        $this->read(
            'document.querySelector("output.count").dispatchEvent(new WheelEvent("wheel", {deltaY: -1, bubbles: true, cancelable: true}))',
        );
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 12');
        // Type in the text: the drawing follows.
        $this->type('pattern', 'gap fit, 5 bead pearl, gap fit');
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 5');
        $this->type('pattern', 'gap fit, 5 beed pearl, gap fit');
        $this->until('return !!document.querySelector("#pattern-fault")');
        self::assertSame(
            5,
            $this->read('return document.querySelectorAll("#board [data-bead]").length'),
            'the last good plan stays',
        );
        $this->find('.fault-line')->click();
        self::assertSame(
            'beed',
            $this->read(
                'const t = document.querySelector("#pattern"); return t.value.slice(t.selectionStart, t.selectionEnd)',
            ),
        );
        $this->assertNothingLogged();
    }

    public function testAPartIsDraggedToItsPlace(): void
    {
        $this->newPiece(construction: 'strung-beads');
        $this->type('pattern', '3 barrel, gap fit, 2 bead pearl, gap fit');
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 2');
        $this->until('return document.documentElement.dataset.saving === "done"');
        $this->read('
            const [dragged, before] = [...document.querySelectorAll(".patch")].filter(p => ["2", "0"].includes(p.dataset.path)).reverse();
            const data = new DataTransfer();
            for (const [on, kind] of [[dragged, "dragstart"], [before, "dragover"], [before, "drop"]]) {
                on.dispatchEvent(new DragEvent(kind, {bubbles: true, cancelable: true, dataTransfer: data}));
            }
        ');
        $this->until('return document.querySelector("#pattern").value.startsWith("2 bead pearl, 3 barrel")');
        // The drawing follows: the beads lie first on the line.
        $x = fn (string $of): float => $this->number(
            'return document.querySelector("#board '.$of.'").getBoundingClientRect().left',
        );
        self::assertLessThan($x(".hit[data-place='1:15']"), $x('[data-bead]'));
        $this->assertNothingLogged();
    }

    public function testMeasuresAreKeptForSomebodyAndTakenAgain(): void
    {
        $this->newPiece('17.4 cm');
        $this->find('#remember-person > summary')->click();
        $this->type('remember-name', 'Tamsin Orr');
        $this->find('button[form=remember]')->click();
        $this->untilShown('#piece');
        $this->newPiece('15 cm');
        $this->until('return document.querySelector("#wearer-girth").value === "15 cm"');
        $this->read(
            '[...document.querySelectorAll("button[value^=\\"take \\"]")].find(b => b.textContent.includes("Tamsin Orr")).click()',
        );
        $this->until('return document.querySelector("#wearer-girth").value === "17.4 cm"');
        $this->assertNothingLogged();
    }

    /**
     * In a row of tools arrows go from one to the next; what comes of an edit is heard once, when it has come to rest.
     */
    public function testToolsAreWalkedByArrowsAndResultsAreHeardOnce(): void
    {
        $this->newPiece();
        self::assertSame('', $this->read('return document.querySelector("#heard").textContent'));
        $this->reach('.patch');
        $this->find('[id="patch-0"]')->click();
        $this->until(
            'return !!document.querySelector(".patch.is-chosen")'
                .' && document.querySelector("#tools button").value === "fewer @"',
        );
        $this->driver->executeScript('document.querySelector("#tools button").focus()');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT]);
        self::assertSame(
            2,
            $this->read('return [...document.querySelectorAll("#tools button")].indexOf(document.activeElement)'),
        );
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::END]);
        self::assertTrue($this->read(
            'return [...document.querySelectorAll("#tools :is(button, summary)")]'
                .'.filter(one => one.offsetParent).at(-1) === document.activeElement',
        ));
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::HOME]);
        self::assertSame(
            0,
            $this->read('return [...document.querySelectorAll("#tools button")].indexOf(document.activeElement)'),
        );
        $this->driver->executeScript(
            'window.heardTimes = 0; new MutationObserver(() => window.heardTimes++)'
                .'.observe(document.querySelector("#heard"), {childList: true})',
        );
        $this->reach('#wearer-girth');
        $this->type('wearer-girth', '18 cm');
        $this->until('return document.querySelector("#heard").textContent.includes("cm")');
        usleep(1_500_000);
        self::assertSame(1, $this->read('return window.heardTimes'), 'once, not with every key');
        $this->assertNothingLogged();
    }

    #[DataProvider('provideDrawn')]
    public function testEachOfTheFurtherConstructionsIsDrawn(
        string $construction,
        string $inDrawing,
        string $kind,
    ): void {
        $this->newPiece(construction: $construction);
        self::assertGreaterThan(0, $this->number('return document.querySelectorAll("#board '.$inDrawing.'").length'));
        self::assertGreaterThan(
            0,
            $this->number('return document.querySelectorAll(".patch-'.$kind.'").length'),
            'and its part can be taken in the hand',
        );
        $this->read('document.querySelector("#board .hit").dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $this->until('return document.querySelectorAll(".hit.is-chosen").length > 0');
        $this->read('document.querySelector("a.button[href*=\\"view=worn\\"]").click()');
        $this->until('return !!document.querySelector(".worn-drawing")');
        self::assertGreaterThan(
            30,
            $this->number(
                'const d = document.querySelector(".worn-drawing").getBBox(); return Math.min(d.width, d.height)',
            ),
            'a worn piece is round',
        );
        $this->assertNothingLogged();
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function provideDrawn(): iterable
    {
        yield 'rows' => ['multi-row', '[data-bead]', 'bundle'];
        yield 'waves' => ['wave-band', '[data-bead]', 'counted'];
        yield 'bundle' => ['strand-bundle', '[data-cord]', 'gap'];
        yield 'laced chain' => ['laced-chain', '[data-cord=lace]', 'counted'];
        yield 'braided chain' => ['braided-chain', '[data-cord]', 'counted'];
        yield 'rope knot' => ['rope-knot', '[data-cord=rope]', 'knots'];
        yield 'net' => ['netted-pouch', '[data-cord=mesh]', 'braid'];
    }

    /**
     * Going back goes through the stages that were open, and not off the page.
     */
    public function testStagesAreInTheHistory(): void
    {
        $this->newPiece();
        $stage = 'return document.querySelector("#piece").dataset.stage';
        foreach (['materials', 'make', 'finish'] as $name) {
            $this->find('#to-'.$name)->click();
            self::assertSame($name, $this->read($stage));
        }
        self::assertStringContainsString('log', $this->text('#stage-finish'));
        $this->driver->navigate()->back();
        $this->until($stage.' === "make"');
        $this->driver->navigate()->back();
        $this->until($stage.' === "materials"');
        $this->driver->navigate()->back();
        $this->until($stage.' === "measure"');
        $this->driver->navigate()->forward();
        $this->until($stage.' === "materials"');
        $this->driver->getKeyboard()->sendKeys('8');
        $this->until($stage.' === "finish"');
        $this->assertNothingLogged();
    }

    public function testTheKeyboardAloneMakesAWholePiece(): void
    {
        $keys = fn (string|array $keys) => $this->driver->getKeyboard()->sendKeys($keys);
        $this->open('/new');
        $this->read('document.querySelector("#new-girth").focus()');
        $keys('15.5');
        $this->tabTo('#around-beads > summary');
        $keys(WebDriverKeys::ENTER);
        $this->tabTo('#around-beads button[value=strung-beads]');
        $keys(WebDriverKeys::ENTER);
        $this->untilReady();
        // Into the pattern and on to the beads; two more.
        $keys(WebDriverKeys::ARROW_RIGHT);
        $this->until('return document.querySelector(".patch.is-chosen")?.dataset.path === "0"');
        $keys(WebDriverKeys::ARROW_RIGHT);
        $this->until('return document.querySelector(".patch.is-chosen")?.dataset.path === "1"');
        $keys(WebDriverKeys::ARROW_RIGHT);
        $this->until('return document.querySelector(".patch.is-chosen")?.dataset.path === "2"');
        $keys('+');
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 10');
        // Another bead in the palette, and swapped in.
        $this->reach('#bead-add');
        $this->read('document.querySelector("button[value=bead-add]").focus()');
        $keys(WebDriverKeys::ENTER);
        $this->until('return !!document.querySelector("button[value=\\"name @ 0 bead-1\\"]")');
        $keys('3');
        $this->until('return document.querySelector("#piece").dataset.stage === "pattern"');
        $this->read('document.querySelector("button[value=\\"name @ 0 bead-1\\"]").focus()');
        $keys(WebDriverKeys::ENTER);
        $this->until('return document.querySelectorAll("#board [data-bead=bead-1]").length === 10');
        // Another closure.
        $keys('4');
        $this->until('return document.querySelector("#piece").dataset.stage === "closure"');
        $this->read('document.querySelector("#closure-kind-double-barrel").focus()');
        $keys(WebDriverKeys::ARROW_DOWN);
        $this->until('return !!document.querySelector("#board svg[aria-label*=\\"One sliding barrel\\"]")');
        // Undo it, and the bead.
        $this->read('document.activeElement.blur()');
        $keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->until('return document.querySelector("#closure-kind-double-barrel").checked');
        $keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->until('return document.querySelectorAll("#board [data-bead=pearl]").length === 10');
        $keys([WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, 'z', WebDriverKeys::NULL]);
        $this->until('return document.querySelectorAll("#board [data-bead=bead-1]").length === 10');
        // The sheet of shortcuts.
        $keys('?');
        $this->until('return document.querySelector("#keys").open');
        $keys(WebDriverKeys::ESCAPE);
        $this->until('return !document.querySelector("#keys").open');
        $this->assertNothingLogged();
    }

    public function testAnEditKeepsFocusAndScroll(): void
    {
        $this->newPiece();
        $this->read('document.querySelector("#closure-knots").scrollIntoView({block: "center"})');
        $before = $this->read('return window.scrollY');
        $this->type('closure-knots', '6');
        $this->until('return document.documentElement.dataset.saving === "done"');

        self::assertSame('closure-knots', $this->read('return document.activeElement.id'));
        self::assertIsNumeric($before);
        self::assertEqualsWithDelta((float) $before, $this->number('return window.scrollY'), 60);
    }

    public function testTrueSizeIsRememberedByTheBrowser(): void
    {
        $this->newPiece();
        $this->read(
            'const size = document.querySelector("#card-size"); size.value = 428; size.dispatchEvent(new Event("input", {bubbles: true}))',
        );
        $this->find('#true-size')->click();
        $this->driver->navigate()->refresh();
        // A card 428 px wide makes 5 px of a millimetre.
        self::assertEqualsWithDelta(
            5.0,
            $this->number(
                'const board = document.querySelector(".board-drawing"); return board.getBoundingClientRect().width / Number(board.dataset.scale)',
            ),
            0.01,
        );
        $this->find('#true-size')->click();
    }

    public function testAThousandKnotsStayLight(): void
    {
        $this->newPiece();
        $this->type('pattern', '500 square, 500 half left');
        $this->until('return '.self::KNOTS.' === 1000');

        self::assertLessThan(300_000, \strlen($this->driver->getPageSource()));
    }

    #[Group('whole')]
    public function testEveryViewIsAccessibleAndFitsANarrowScreen(): void
    {
        $this->everyView(false);
    }

    /**
     * The same by lamp, on a phone; with `./rinkel ordeal`, as it takes its time.
     */
    #[Group('slow')]
    public function testEveryViewIsAccessibleByLamp(): void
    {
        $this->everyView(true);
    }

    private function everyView(bool $isLamp): void
    {
        $this->lamp = $isLamp;
        $this->light($isLamp ? 'dark' : 'light');
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->assertAccessible();
        $this->type('closure-tail', '1 furlong');
        $this->until('return !!document.querySelector("#closure-tail-fault")');
        $this->assertAccessible();
        $this->newPiece(construction: 'knotted-strands');
        $other = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        // A sample and a finished piece, so that their pages have something to show.
        $this->open('/samples');
        $this->type('s-length', '26 mm');
        $this->find('[aria-labelledby=samples-new] button.act')->click();
        $this->untilShown('#changes');
        $this->assertAccessible();
        $this->open($piece.'/finish');
        $this->type('l-body', '15 cm');
        $this->find('button.act')->click();
        $this->untilShown('.entry');
        $this->open($piece.'/makings');
        $making = (string) parse_url((string) $this->find('a[href*="/makings/"]')->getAttribute('href'), \PHP_URL_PATH);
        $this->open('/orders');
        $this->type('o-for', 'Somebody');
        $this->find('#ask')->click();
        $this->until('return location.pathname.startsWith("/orders/")');
        $this->read('document.querySelector("#a-piece").selectedIndex = 1');
        $this->find('form[action$="/add"] button')->click();
        $this->until('return document.querySelectorAll("#things > li").length === 1');
        $order = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        [$small, $missed] = [[], []];
        $slow = [
            $making, $making.'/finish', $piece.'/makings', $order.'/slip', '/bin', '/stock/takings', $piece.'/arrange',
            $piece.'?stage=materials',
            $piece.'?stage=pattern', $piece.'?stage=closure', $piece.'?stage=checks', $piece.'?stage=make',
            $piece.'?stage=finish',
        ];
        // By lamp, and with RINKEL_WHOLE, all of them; usually every fourth by daylight.
        foreach (Whole::of([
            '/',
            '/?archive=1',
            $order,
            ...$slow,
            '/new',
            '/people',
            '/data',
            '/keys',
            '/settings',
            '/pieces/0',
            $piece,
            $other.'?at=0.1',
            $other.'?view=worn',
            '/?sort=whom',
            '/samples',
            $piece.'/finish',
            $piece.'?stage=cut',
            '/log',
            '/devices',
            '/stock',
            '/orders',
            '/bench',
            '/stock?kind=bead',
            '/tray',
            '/practice?of=flat-or-turning',
            '/practice?of=how-to-wrap',
            '/knots',
            '/knots/square?frame=3',
            '/knots/glue?in=typed&thickness=x',
            '/library',
            '/numbers',
            '/course',
            '/course/3',
            '/course/3/rehearsal?at=12&choose=0a6f391e',
            '/course/3/rehearsal?at=9&watch=1',
            $piece.'/rehearsal',
            $piece.'/sizes?graded=1',
            $piece.'/sizes?n=2',
            $piece.'/otherwise?f[cords.core.thickness]=1.4',
            $piece.'/reach?have[cords]=3 m',
            '/stock?kind=glue',
            '/stock/tables',
            '/cut?p[]='.basename($piece),
            '/cut/buy?p[]='.basename($piece).'&n['.basename($piece).']=3',
            '/cut/price?p[]='.basename($piece).'&n['.basename($piece).']=3',
            '/day?p[]='.basename($piece),
            $this->onBoard($piece),
        ], $isLamp ? 1 : 4) as $path) {
            // Every page by daylight on a desk and by lamp on a phone: each light at each size takes minutes. Another
            // state of a page is looked at by daylight.
            if ($isLamp && 1 === preg_match('~^/[^?]*\?[^/]*=[a-z-]+$~', $path) && !\in_array($path, $slow, true)) {
                continue;
            }
            // Stages and what hangs on a piece or an order wait for the slow lane, which looks at all of it then.
            if (!$isLamp && \in_array($path, $slow, true)) {
                continue;
            }
            $this->lamp = $isLamp && !\in_array($path, $slow, true);
            $this->screen(...($isLamp ? [390, 844] : [1280, 800]));
            $this->touch($isLamp);
            $this->open($path);
            $this->assertAccessible();
            $small = $isLamp ? [...$small, ...$this->small($path)] : [];
            $missed = $isLamp ? [...$missed, ...$this->missed($path)] : [];
            self::assertTrue($this->read('
                const here = document.querySelector(".masthead [aria-current]")?.getBoundingClientRect();
                return !here || (here.left >= 0 && here.right <= innerWidth + 1);
            '), $path.' shows where one is');
            // How wide it is goes by the screen alone.
            foreach ($isLamp ? [] : [[1280, 800], [390, 844], [320, 640]] as [$width, $height]) {
                $this->screen($width, $height);
                self::assertSame(
                    $width,
                    $this->read('return document.documentElement.scrollWidth'),
                    $path.' scrolls sideways at '.$width,
                );
            }
        }
        self::assertSame([], $small, 'a finger finds 44 px of whatever is pressed');
        self::assertSame([], $missed, 'the tab key comes to whatever can be pressed or written in');
        $this->forgetTheHand();
    }

    private function forgetTheHand(): void
    {
        foreach (['/log' => 'forget', '/samples' => 'delete'] as $path => $form) {
            $this->open($path);
            for ($left = 1; $left > 0; $left = (int) $this->number('return document.querySelectorAll("form[id^='.$form.'-]").length')) {
                $first = json_encode($this->read('return document.querySelector("form[id^='.$form.'-]").id'));
                $this->driver->executeScript('document.getElementById('.$first.').submit()');
                $this->until('return !document.getElementById('.$first.')');
            }
        }
    }

    /**
     * Returns the path of a piece's board.
     */
    private function onBoard(string $piece): string
    {
        $this->open($piece);
        $this->untilReady();
        $this->find('#make-it')->click();
        $this->untilShown('#now');

        return (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
    }

    /**
     * Returns what a finger does not find 44 px of; words within a sentence take the room their line leaves them.
     *
     * @return list<string>
     */
    private function small(string $path): array
    {
        $small = $this->read('
            const small = [];
            for (const one of document.querySelectorAll("'.self::PRESSED.'")) {
                const label = ["checkbox", "radio"].includes(one.type) ? one.closest("label") : null;
                const box = (label ?? one).getBoundingClientRect();
                const style = getComputedStyle(one);
                const after = getComputedStyle(one, "::after");
                const extra = after.position === "absolute" ? parseFloat(after.height) || 0 : 0;
                const isSeen = box.width >= 2 && box.height >= 2 && one.checkVisibility({ visibilityProperty: true });
                if (one.disabled || !isSeen || one.closest(".unseen")) {
                    continue;
                }
                const isWord = one.tagName === "SUMMARY" || (one.tagName === "A" && style.display === "inline");
                if (Math.max(box.height, extra) < 43.5 || (Math.max(box.width, extra) < 43.5 && !isWord)) {
                    const size = `${Math.round(box.width)} × ${Math.round(box.height)}`;
                    small.push(
                        `${one.tagName} ${one.id} ${one.className} ${size} ${one.textContent.trim().slice(0, 30)}`,
                    );
                }
            }
            return small;
        ');
        self::assertIsArray($small);

        return array_values(array_map(
            static fn (mixed $one): string => $path.': '.(\is_string($one) ? $one : ''),
            $small,
        ));
    }

    /**
     * Returns what the tab key does not come to, from the first to the last of a page.
     *
     * @return list<string>
     */
    private function missed(string $path): array
    {
        $count = $this->number('
            const groups = new Set();
            window.walk = [...document.querySelectorAll("'.self::PRESSED.'")].filter((one) => {
                if (one.disabled || one.tabIndex < 0 || !one.checkVisibility({ visibilityProperty: true })) {
                    return false;
                }
                const group = one.type === "radio" ? `${one.form?.id} ${one.name}` : null;
                const isFirst = group === null || !groups.has(group);
                groups.add(group);
                return isFirst;
            });
            window.walked = new Set([document.querySelector("#skip")]);
            document.addEventListener("focusin", (event) => {
                const one = event.target;
                const first = walk.find((other) => other.name === one.name && other.form === one.form);
                walked.add(one.type === "radio" ? first : one);
            });
            document.querySelector("#skip").focus();
            return walk.length;
        ');
        // A time and a day have several stops each, and what scrolls by itself is one, too.
        for ($left = 2 * (int) $count + 60; $left > 0; --$left) {
            $this->tab();
            if (0 === $left % 10 && true === $this->read('return walk.every((one) => walked.has(one))')) {
                break;
            }
        }
        $missed = $this->read('return walk.filter((one) => !walked.has(one)).map((one) =>
            `${one.tagName} ${one.id} ${one.name ?? ""} ${one.textContent.trim().slice(0, 30)}`)');
        self::assertIsArray($missed);

        return array_values(array_map(
            static fn (mixed $one): string => $path.': '.(\is_string($one) ? $one : ''),
            $missed,
        ));
    }

    private function assertAccessible(): void
    {
        $this->driver->executeScript(
            (string) file_get_contents(\dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
        );
        // The same elements by lamp: what can be otherwise is their colours, and their size on a phone.
        $rules = $this->lamp
            ? '{type: "rule", values: ["color-contrast", "target-size"]}'
            : '["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]';
        $violations = $this->driver->executeAsyncScript('
            const done = arguments[arguments.length - 1];
            axe.run(document, {resultTypes: ["violations"], runOnly: '.$rules.'})
                .then(r => done(r.violations.map(v => v.id + ": " + v.nodes.map(n => n.target.join(" ")).join(", "))));
        ');

        self::assertSame([], $violations, $this->driver->getCurrentURL());
    }
}
