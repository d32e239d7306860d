<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class SizesTest extends BrowserCase
{
    /**
     * By keys and pointer: from a piece to its sizes, a wrong one told, graded, the kit, the series, and how far a cord
     * goes; in inches, and on a phone nothing is wider than it.
     */
    public function testOneDesignInManyWays(): void
    {
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->find('#piece-menu > summary')->click();
        $this->find('#to-sizes')->click();
        $this->untilShown('#size-table', '14 cm');
        $this->type('list', '15; wide; 6 1/2 in');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#list-fault');
        self::assertSame('15; wide; 6 1/2 in', $this->find('#list')->getAttribute('value'));
        $this->type('list', '15; 6 1/2 in; 18,5');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#size-table', '18.5 cm');
        self::assertSame(3, $this->read('return document.querySelectorAll("svg.size-rows [data-size]").length'));
        $this->untilShown('#kit-table', '–');
        self::assertStringContainsString('16.5 cm', $this->text('#kit-table thead'), 'the same sizes');
        $grip = $this->driver->findElements(WebDriverBy::cssSelector('[data-grip] rect'))[1] ?? null;
        self::assertNotNull($grip);
        (new WebDriverActions($this->driver))->dragAndDropBy($grip, 60, 0)->perform();
        $this->until('return /^15; 1[789]\.\d cm; 18,5$/.test(document.querySelector("#list").value)');
        $this->until('return !document.querySelector("#size-table").textContent.includes("16.5 cm")');
        $this->type('n', '2, 4, 1');
        $this->untilShown('#series-says', '7 pieces');
        $this->untilShown('#turns', 'Cut and mark all 7');
        $this->driver->findElement(WebDriverBy::xpath('//nav//a[text()="Largest size"]'))->click();
        $this->type('have-cords-working', '3 m');
        $this->untilShown('#reached', 'runs out first');
        // Larger than it can be made: the slider says what is short.
        $this->read('const at = document.querySelector("#at"); at.value = +at.max;
            at.dispatchEvent(new Event("input", {bubbles: true}));');
        $this->untilShown('#shown', 'At this size');
        $this->find('#reached form button')->click();
        $this->untilReady();
        self::assertNotSame(
            $piece,
            (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH),
            'laid beside the first',
        );

        $this->open($piece.'/otherwise');
        $this->read('document.querySelector("#cords-core-thickness").closest("details").open = true');
        $this->type('cords-core-thickness', '2 mm');
        $this->untilShown('#moved-table', '2 mm');
        $this->find('#take-it button')->click();
        $this->untilReady();
        self::assertSame(
            '2 mm',
            $this->read('return document.querySelector("[name=\'f[cords.core.thickness]\']").value'),
        );

        $this->screen(390, 844);
        foreach ([
            'sizes', 'kit', 'series?n=3', 'otherwise?f[cords.core.thickness]=1', 'reach?have[cords]=3 m',
        ] as $page) {
            $this->open($piece.'/'.$page);
            self::assertLessThanOrEqual(390, $this->number('return document.documentElement.scrollWidth'), $page);
        }
        $this->assertNothingLogged();
    }

    /**
     * By keys alone: answered, told why, on to the next; with scripts off it is as well.
     */
    public function testPracticeByKeys(): void
    {
        $this->open('/practice?of=which-finish');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#told', 'melt');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#answers button:not([disabled])');
        $this->scripts(false);
        $this->screen(390, 844);
        $this->open('/practice?of=count-bumps');
        $this->find('#answers button:nth-of-type(2)')->click();
        $this->untilShown('#told', 'Right.');
        $this->scripts(true);
        $this->assertNothingLogged();
    }
}
