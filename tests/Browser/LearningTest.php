<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Group;

/**
 * The whole way with real keys: a sample, the plan changes; the piece is finished, logged, and the next plan changes
 * again.
 */
final class LearningTest extends BrowserCase
{
    public function testFromASampleToTheNextPlan(): void
    {
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $begun = $this->working($piece);

        $this->open('/samples');
        (new WebDriverSelect($this->find('#s-knot')))->selectByValue('square');
        foreach (['count' => '20', 'length' => '49 mm', 'before' => '80', 'after' => '85'] as $field => $text) {
            $this->type('s-'.$field, $text);
        }
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Save sample")]'))->click();
        $this->untilShown('#s-after-fault', 'Knotting makes a cord shorter. Check both figures.');
        self::assertSame('49 mm', $this->find('#s-length')->getAttribute('value'), 'what was typed is kept');
        $this->type('s-after', '45,2');
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Save sample")]'))->click();
        $this->untilShown('#changes', 'This changes the cut lengths');
        self::assertStringContainsString('shorter', $this->text('#known'));
        $sampled = $this->working($piece);
        self::assertNotSame($begun, $sampled, 'the plan changed');

        $this->open($piece.'/finish');
        foreach (['body' => '15 cm', 'left-working' => '40 cm', 'minutes' => '85'] as $field => $text) {
            $this->type('l-'.$field, $text);
        }
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Add to log")]'))->click();
        $this->untilShown('.entry', '85 minutes');
        self::assertStringContainsString('40 cm left', $this->text('.entry'));
        self::assertNotSame($sampled, $this->working($piece), 'the next plan changed again');

        // A bolder cut is one press away, by the keyboard too, and the focus stays on what was pressed.
        $this->open($piece.'?stage=cut');
        $this->driver->executeScript('document.querySelector("#risk-working-10").focus()');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->until('return document.querySelector("#risk").value === "10"');
        self::assertSame('risk-working-10', $this->read('return document.activeElement.id'));
        self::assertSame('true', $this->read('return document.activeElement.getAttribute("aria-pressed")'));
        $this->find('button[value=undo]')->click();
        $this->until('return document.querySelector("#risk").value !== "10"');

        // Nobody else in this run shall have this hand.
        $this->open('/log');
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Delete")]'))->click();
        $this->untilShown('[data-empty=log]', 'Nothing in the log yet');
        $this->open('/samples');
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Delete")]'))->click();
        $this->untilShown(
            '[aria-labelledby=samples-hand]',
            'No samples yet. The dotted bar shows where makers usually are.',
        );
        self::assertSame($begun, $this->working($piece));
    }

    /**
     * The form asks what the chosen work needs and nothing else; chosen by the keyboard, measured in inches.
     */
    public function testABraidIsMeasuredByTheKeyboard(): void
    {
        $this->open('/samples');
        self::assertTrue($this->find('#s-core-count')->isDisplayed());
        self::assertFalse($this->find('#s-braid-cords')->isDisplayed());
        $this->find('#s-knot')->sendKeys('Braid');
        $this->until('return document.querySelector("#s-knot").value === "braid"');
        self::assertTrue($this->find('#s-braid-cords')->isDisplayed());
        self::assertFalse($this->find('#s-core-count')->isDisplayed());
        self::assertFalse($this->find('#s-count')->isDisplayed());
        foreach (['braid-cords' => '4', 'length' => '10 in', 'before' => '24 in'] as $field => $text) {
            $this->type('s-'.$field, $text);
        }
        $this->type('s-after', '15 in');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#s-after-fault', 'A knot can’t use only');
        self::assertTrue($this->find('#s-braid-cords')->isDisplayed(), 'still a braid');
        $this->type('s-after', '10 1/4 in');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#known', 'Braid');
        $this->driver->findElement(WebDriverBy::xpath('//button[contains(., "Delete")]'))->click();
        $this->untilShown(
            '[aria-labelledby=samples-hand]',
            'No samples yet. The dotted bar shows where makers usually are.',
        );
        $this->assertNothingLogged();
    }

    /**
     * From a piece to its cut sheet, ticked as it is cut, and taken off the stock; undone, the offcut is back.
     */
    #[Group('slow')]
    public function testCutFromStockAndTakenOff(): void
    {
        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        [$colour, $thickness] = array_map(
            fn (string $of): mixed => $this->read(
                'return document.querySelector("[name=\'f[cords.working.'.$of.']\']").value',
            ),
            ['colour', 'thickness'],
        );
        self::assertIsString($colour);
        self::assertIsString($thickness);
        $this->open('/stock?kind=cord');
        $this->driver->executeScript('document.querySelector("#c-colour").value = arguments[0]', [$colour]);
        $this->type('c-thickness', $thickness);
        $this->type('c-spools', 'plenty');
        $this->type('c-offcuts', '4 m, 30 cm');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#c-spools-fault', 'I don’t know this');
        self::assertSame('4 m, 30 cm', $this->find('#c-offcuts')->getAttribute('value'));
        $this->type('c-spools', '20 m');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ENTER]);
        $this->untilShown('#items li', 'an offcut of 4 m');

        $this->open($piece.'?stage=cut');
        $this->driver->findElement(WebDriverBy::xpath('//a[contains(., "Cut from stock")]'))->click();
        $this->untilShown('.cut-sheet', 'From the offcut of 4 m');
        $tick = $this->find('.cut-list input[type=checkbox]');
        $tick->click();
        self::assertTrue($tick->isSelected());
        $this->find('#take')->click();
        $this->untilShown('#taking', 'This is cut and out of stock.');
        $making = $this->driver->getCurrentURL();
        $this->open('/stock');
        self::assertStringNotContainsString('offcut of 4 m', $this->text('#items'));
        $this->driver->get($making);
        $this->find('#taking button')->click();
        $this->until('return !document.querySelector("#taking")');
        self::assertStringContainsString('an offcut of 4 m', $this->text('#items'));
        $this->open('/stock?kind=cord');
        $this->driver->findElement(WebDriverBy::xpath('//ul[@id="items"]//button[contains(., "Delete")]'))->click();
        $this->untilShown('#found', 'No cord in stock yet');
        $this->assertNothingLogged();
    }

    private function working(string $piece): string
    {
        $this->open($piece.'?stage=cut');

        return $this->text('[data-cut=working] .cut-length');
    }
}
