<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class RehearsalTest extends BrowserCase
{
    /**
     * With arrow keys: the left cord, the left again, which is a slip, then the right; the drawing is uncovered as far,
     * and going on needs no other page. Then it is watched, and stops when it is told to.
     */
    public function testAPieceIsMadeWithKeys(): void
    {
        $this->open('/course/3/rehearsal?at=6');
        $this->until('return document.querySelectorAll("#choices button").length > 1');
        self::assertSame(
            'auto',
            $this->read('return getComputedStyle(document.querySelector("#rehearsal")).touchAction'),
            'a finger scrolls it',
        );
        $hidden = $this->covered();
        $this->driver->executeScript('window.same = true');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->at(7);
        $this->until('return document.querySelector("#stage") !== null');
        self::assertLessThan($hidden, $this->covered());
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->until('return document.querySelector("#told[role=alert]") !== null');
        self::assertSame('7', $this->read('return document.querySelector("#rehearsal").dataset.at'));
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->at(8);
        self::assertTrue($this->read('return window.same'), 'one page all along');

        $this->find('#show-me')->click();
        $this->until('return document.querySelector("#watch-play")?.hidden === false');
        $this->driver->executeScript('
            const speed = document.querySelector("#watch-speed");
            speed.value = "150";
            speed.dispatchEvent(new Event("change"));
        ');
        $this->press('p');
        $this->until('return Number(document.querySelector("#rehearsal").dataset.at) > 11');
        self::assertSame('150', $this->read('return document.querySelector("#watch-speed").value'), 'as it was chosen');
        $this->press('p');
        $this->until('return document.querySelector("#watch-play").getAttribute("aria-pressed") === "false"');
        usleep(400_000);
        $stands = $this->read('return document.querySelector("#rehearsal").dataset.at');
        usleep(600_000);
        self::assertSame($stands, $this->read('return document.querySelector("#rehearsal").dataset.at'));
    }

    private function press(string $key): void
    {
        $this->driver->executeScript('document.activeElement.blur()');
        $this->driver->getKeyboard()->sendKeys([$key]);
    }

    private function at(int $moves): void
    {
        $this->until('return document.querySelector("#rehearsal").dataset.at === "'.$moves.'"');
    }

    private function covered(): float
    {
        $sum = $this->read('
            return [...document.querySelectorAll("#drawing .to-come")]
                .reduce((sum, one) => sum + Number(one.getAttribute("width")), 0);
        ');

        return is_numeric($sum) ? (float) $sum : 0.0;
    }
}
