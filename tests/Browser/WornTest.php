<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;

/**
 * A worn piece in the hand: turned by dragging and by keys, opened and shut, looked at from near; with a pointer, a
 * keyboard, and without scripts.
 */
final class WornTest extends BrowserCase
{
    public function testTheArmIsTurnedByDragging(): void
    {
        $this->newPiece();
        $this->find('a[href*="view=worn"]')->click();
        $this->untilShown('.worn-drawing');
        self::assertStringContainsString('as worn', $this->label());
        $before = $this->front();
        $drawing = $this->find('#board .worn-drawing');
        (new WebDriverActions($this->driver))->clickAndHold($drawing)->moveByOffset(0, -60)->moveByOffset(0, -60)
            ->release()->perform();
        $this->until('return Number(document.querySelector("#edit [name=turn]").value) > 20');
        $this->until('return document.querySelector("#board .worn-drawing").innerHTML !== '.json_encode($before));
        $turn = (int) $this->number('return Number(document.querySelector("#edit [name=turn]").value)');
        self::assertStringContainsString('turn='.$turn, $this->driver->getCurrentURL(), 'what is seen can be shared');
        $turned = $this->front();
        $this->driver->navigate()->refresh();
        $this->untilReady();
        self::assertSame($turned, $this->front(), 'a fresh page shows the same');
        $this->assertNothingLogged();
    }

    public function testKeysTurnItAndAnEditLeavesItTurned(): void
    {
        $this->newPiece();
        $this->find('a[href*="view=worn"]')->click();
        $this->untilShown('.worn-drawing');
        $this->driver->executeScript('document.querySelector("#board").focus()');
        $this->driver->getKeyboard()->sendKeys(
            [WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_DOWN],
        );
        $this->until('return document.querySelector("#edit [name=turn]").value === "10"');
        $this->find('[data-turn="30"]')->click();
        $this->until('return document.querySelector("#edit [name=turn]").value === "40"');
        $front = $this->front();
        $this->type('wearer-girth', '17 cm');
        $this->until('return document.querySelector("#board .worn-drawing").innerHTML !== '.json_encode($front));
        self::assertSame('40', $this->find('#edit [name=turn]')->getAttribute('value'));
        $this->driver->navigate()->refresh();
        $this->untilReady();
        self::assertSame('40', $this->find('#edit [name=turn]')->getAttribute('value'));
        $this->assertNothingLogged();
    }

    public function testASliderIsOpenedAndShut(): void
    {
        $this->newPiece();
        $this->find('a[href*="view=worn"]')->click();
        $this->untilShown('.worn-drawing');
        $worn = $this->inside();
        $this->find('[data-open="0"]')->click();
        $this->until('return document.querySelector("[data-open=\"0\"]").hasAttribute("aria-current")
            && !document.querySelector("#board .worn-drawing").getAttribute("aria-label").includes("'.$worn.'")');
        $shut = $this->inside();
        $this->find('#opened')->sendKeys(WebDriverKeys::END);
        $this->until('return document.querySelector("#edit [name=open]").value === "100"');
        $this->until(
            'return !document.querySelector("#board .worn-drawing").getAttribute("aria-label").includes("'.$shut.'")',
        );
        self::assertGreaterThan((float) $shut + 2, (float) $this->inside(), 'open it is wider');
        $open = $this->inside();
        (new WebDriverActions($this->driver))->dragAndDropBy($this->find('#opened'), -40, 0)->perform();
        $this->until('return Number(document.querySelector("#edit [name=open]").value) < 60');
        $this->until(
            'return !document.querySelector("#board .worn-drawing").getAttribute("aria-label").includes("'.$open.'")',
        );
        self::assertLessThan((float) $open, (float) $this->inside());
        $this->assertNothingLogged();
    }

    public function testWithoutScriptsLinksDoTheSame(): void
    {
        $this->newPiece();
        $url = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->scripts(false);
        $this->open($url.'?view=worn');
        $this->find('[data-turn="30"]')->click();
        self::assertStringContainsString('turn=30', $this->driver->getCurrentURL());
        $this->find('[data-open="100"]')->click();
        self::assertStringContainsString('open=100', $this->driver->getCurrentURL());
        self::assertStringContainsString('turn=30', $this->driver->getCurrentURL());
        self::assertNotSame('', $this->find('.worn-drawing')->getAttribute('viewBox'));
    }

    private function front(): string
    {
        return $this->said('return document.querySelector("#board .worn-drawing").innerHTML');
    }

    private function label(): string
    {
        return (string) $this->find('#board .worn-drawing')->getAttribute('aria-label');
    }

    /**
     * Returns the girth that the drawing says, in cm.
     */
    private function inside(): string
    {
        return 1 === preg_match('/([\d.]+)\D*cm inside/u', $this->label(), $found) ? $found[1] : '';
    }

    private function said(string $script): string
    {
        $text = $this->read($script);

        return \is_string($text) ? $text : '';
    }
}
