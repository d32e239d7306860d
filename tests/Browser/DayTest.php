<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;

/**
 * A day at the bench: pieces are touched, stretches dragged, and what was planned is there when one comes back.
 */
final class DayTest extends BrowserCase
{
    public function testAStretchIsDraggedAndStaysWhereItWasPut(): void
    {
        foreach (['Day one', 'Day two'] as $name) {
            $this->newPiece();
            $this->type('name', $name);
            $this->until('const undo = document.querySelector("button[value=undo]"); return undo && !undo.disabled');
        }
        $this->open('/day?day=2027-01-04');
        $this->untilShown('#day-form', 'Day two');
        foreach (['Day one', 'Day two'] as $i => $name) {
            $this->read('[...document.querySelectorAll("label.touch")]
                .find((one) => one.textContent.includes("'.$name.'")).click()');
            $this->until('return document.querySelectorAll("#day-order li").length === '.($i + 1));
        }
        $first = $this->driver->findElements(WebDriverBy::cssSelector('.day-line [data-at]'))[0] ?? null;
        self::assertNotNull($first);
        $key = $first->getAttribute('data-at');
        (new WebDriverActions($this->driver))->dragAndDropBy($first, 300, 0)->perform();
        $this->until('return document.querySelectorAll(".day-pinned").length === 1');
        self::assertSame($key, $this->read('return document.querySelector(".day-pinned").dataset.at'));
        $at = $this->read('return document.querySelector("#at-'.$key.'").value');
        self::assertIsString($at);
        self::assertGreaterThan('09:30', $at);
        self::assertMatchesRegularExpression('/^\d\d:\d[05]$/', $at, 'in steps of five minutes');

        $this->open('/day?day=2027-01-04');
        self::assertSame($at, $this->read('return document.querySelector("#at-'.$key.'").value'), 'it is kept');
        $this->find('#fixed-'.$key)->click();
        $this->until('return document.querySelectorAll(".day-pinned").length === 0');
        $this->assertNothingLogged();
    }
}
