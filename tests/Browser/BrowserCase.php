<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/**
 * A test in a real browser against a served Rinkel; browser and server are shared by the whole run.
 */
abstract class BrowserCase extends TestCase
{
    protected RemoteWebDriver $driver;
    private ChromeDevToolsDriver $tools;

    protected function setUp(): void
    {
        $this->driver = Stage::driver();
        $this->tools = new ChromeDevToolsDriver($this->driver);
        $this->screen(1280, 800);
        $this->light('light');
        $this->scripts(true);
        $this->driver->manage()->deleteAllCookies();
        $this->driver->manage()->getLog('browser');
    }

    protected function screen(int $width, int $height): void
    {
        $this->tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    /**
     * Presses the tab key; beside the driver, which takes what is sent to a field for files as the name of one.
     */
    protected function tab(): void
    {
        foreach (['rawKeyDown', 'keyUp'] as $type) {
            $this->tools->execute('Input.dispatchKeyEvent', [
                'type' => $type, 'key' => 'Tab', 'code' => 'Tab', 'windowsVirtualKeyCode' => 9,
            ]);
        }
    }

    protected function touch(bool $isTouched): void
    {
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => $isTouched, 'maxTouchPoints' => 5]);
    }

    protected function light(string $scheme): void
    {
        $this->tools->execute(
            'Emulation.setEmulatedMedia',
            ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]],
        );
    }

    /**
     * Returns the page as it is printed on A4, as PDF.
     */
    protected function printed(): string
    {
        $printed = $this->tools->execute('Page.printToPDF', [
            'printBackground' => true, 'paperWidth' => 8.27, 'paperHeight' => 11.69, 'preferCSSPageSize' => true,
        ]);

        $data = \is_array($printed) ? $printed['data'] ?? null : null;

        return \is_string($data) ? (string) base64_decode($data, true) : '';
    }

    protected function scripts(bool $on): void
    {
        $this->tools->execute('Emulation.setScriptExecutionDisabled', ['value' => !$on]);
    }

    protected function offline(bool $off): void
    {
        $this->tools->execute('Network.enable');
        $this->tools->execute(
            'Network.emulateNetworkConditions',
            ['offline' => $off, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
    }

    protected function open(string $path): void
    {
        $this->driver->get(Stage::address().$path);
    }

    /**
     * Lays a new piece for a snug wrist of $wrist and opens it.
     */
    protected function newPiece(string $wrist = '16 cm', string $construction = 'square-knot-band'): void
    {
        $this->open('/new');
        $isNeck = \in_array($construction, ['netted-pouch', 'layered-strands'], true);
        $this->read('document.querySelector("#new-place-'.($isNeck ? 'neck' : 'wrist').'").click()');
        $this->type('new-girth', $isNeck ? '34 cm' : $wrist);
        $this->pick('#families .is-'.($isNeck ? 'neck' : 'around').' button[value='.$construction.']');
        $this->untilReady();
    }

    /**
     * Presses a button in something that is closed: it is opened first.
     */
    protected function pick(string $button): void
    {
        $this->read('document.querySelector('.json_encode($button).').closest("details").open = true');
        $this->find($button)->click();
    }

    /**
     * Waits for a piece's page with its script.
     */
    protected function untilReady(): void
    {
        $this->until(
            'return !!document.querySelector("#piece") && document.documentElement.hasAttribute("data-saving")',
        );
    }

    /**
     * Presses keys one after the other, as somebody does who types.
     *
     * @param int $apart in ms
     */
    protected function slowly(string $text, int $apart = 90): void
    {
        foreach (mb_str_split($text) as $key) {
            $this->driver->getKeyboard()->sendKeys($key);
            usleep(1000 * $apart);
        }
    }

    /** Counts what can have the focus between where it is and what a selector finds. */
    private const TABBED = <<<'JS'
        (selector) => {
            const all = [
                ...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex="0"]'),
            ]
                .filter((one) => !one.disabled && one.tabIndex >= 0 && one.checkVisibility()
                    && (one.type !== 'radio' || one.checked));
            return all.findIndex((one) => one.matches(selector)) - all.indexOf(document.activeElement);
        }
        JS;

    /**
     * Goes on through the page by Tab until the focus is on what $selector finds.
     */
    protected function tabTo(string $selector, int $most = 160): void
    {
        $this->reach($selector);
        for ($i = 0; $i < $most; ++$i) {
            if (true === $this->read('return document.activeElement.matches('.json_encode($selector).')')) {
                return;
            }
            if (true === $this->read('return document.activeElement.type === "color"')) {
                // The driver sends no keys to a field for a colour; a keyboard does.
                foreach (['rawKeyDown', 'keyUp'] as $type) {
                    $this->tools->execute('Input.dispatchKeyEvent', [
                        'type' => $type, 'key' => 'Tab', 'code' => 'Tab', 'windowsVirtualKeyCode' => 9,
                    ]);
                }
                continue;
            }
            // Half of the way at once, by what stands before it on the page; each press by itself takes its time.
            $before = $this->number('return ('.self::TABBED.')('.json_encode($selector).')');
            $this->driver->getKeyboard()->sendKeys(str_repeat(WebDriverKeys::TAB, max(1, intdiv((int) $before, 2))));
        }
        self::fail('Tab does not lead to '.$selector);
    }

    /**
     * Opens the stage of the Piece page in which $selector stands, as a maker would, by its place on the tape.
     */
    protected function reach(string $selector): void
    {
        $open = $this->read('return document.querySelector("#piece")?.dataset.stage ?? ""');
        $stage = $this->read(
            'return document.querySelector('.json_encode($selector).')
                ?.closest(".stage")?.id.replace("stage-", "") ?? ""',
        );
        if (\is_string($stage) && '' !== $stage && $stage !== $open) {
            $this->driver->findElement(WebDriverBy::id('to-'.$stage))->click();
        }
    }

    protected function find(string $selector): WebDriverElement
    {
        $this->reach($selector);
        $found = $this->driver->findElement(WebDriverBy::cssSelector($selector));
        // What lies behind the bar of a phone is scrolled into sight, as a finger would.
        $this->driver->executeScript('
            const bar = document.querySelector(".places"), at = arguments[0].getBoundingClientRect();
            if (bar && getComputedStyle(bar).position === "fixed" && !bar.contains(arguments[0])
                && at.bottom > bar.getBoundingClientRect().top && at.top < innerHeight) {
                arguments[0].scrollIntoView({block: "center"});
            }
        ', [$found]);

        return $found;
    }

    protected function type(string $id, string $text): void
    {
        $this->reach('#'.preg_replace('/[^\w-]/', '\\\\$0', $id));
        $field = $this->driver->findElement(WebDriverBy::id($id));
        // An answer may come between looking and clicking, and move it: whoever sees that clicks where it is now.
        for ($try = 0; $try < 3; ++$try) {
            try {
                $field->click();
            } catch (ElementClickInterceptedException) {
                continue;
            }
            if ($this->read('return document.activeElement.id') === $id) {
                break;
            }
        }
        self::assertSame($id, $this->read('return document.activeElement.id'), 'nothing is typed beside a field');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $text]);
    }

    /**
     * Returns what a script says, once.
     */
    protected function read(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    protected function number(string $script): float
    {
        $number = $this->read($script);
        self::assertIsNumeric($number);

        return (float) $number;
    }

    protected function text(string $selector): string
    {
        $text = $this->read(
            'return [...document.querySelectorAll('.json_encode($selector).')].map(e => e.textContent).join(" ").replace(/\s+/g, " ").trim()',
        );

        return \is_string($text) ? $text : '';
    }

    /**
     * Waits until a script says true; fails after half a minute, as a busy machine may take its time.
     */
    protected function until(string $script): void
    {
        $this->driver->wait(30, 25)->until(
            fn (): bool => true === $this->read($script),
            'Waited in vain for: '.$script,
        );
    }

    /**
     * Waits until the page, after a plain load, has an element with $text in it; works with scripts off.
     */
    protected function untilShown(string $selector, string $text = ''): void
    {
        $this->driver->wait(30, 50)->until(function () use ($selector, $text): bool {
            try {
                $found = $this->driver->findElements(WebDriverBy::cssSelector($selector));

                return [] !== $found && ('' === $text || str_contains($found[0]->getText(), $text));
            } catch (StaleElementReferenceException) {
                return false; // the page is just being left
            }
        }, 'Waited in vain for '.$selector.' '.$text);
        $this->addToAssertionCount(1);
    }

    protected function assertNothingLogged(): void
    {
        $log = array_map(
            static fn (mixed $entry): string => (string) json_encode($entry),
            (array) $this->driver->manage()->getLog('browser'),
        );
        // A refused edit is a 422 and a conflict a 409; browsers log both, and, where a slow page gets its first key
        // before it is drawn, that they left the cursor there.
        $expected = '/status of (422|409)|Autofocus .* blocked/';
        self::assertSame(
            [],
            array_values(
                array_filter(
                    $log,
                    static fn (string $entry): bool => 1 !== preg_match($expected, $entry),
                ),
            ),
        );
    }
}
